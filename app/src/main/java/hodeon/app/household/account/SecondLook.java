package hodeon.app.household.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/** Asks for the password again where something leaves the house or a key to it is changed, unless it was typed just now. */
public final class SecondLook extends OncePerRequestFilter {

    /** When the password was typed last, in the session. */
    public static final String LOOKED = "looked";

    private static final Duration FRESH = Duration.ofMinutes(10);

    private static final List<PathPatternRequestMatcher> GUARDED = List.of(
                    "/backup/**",
                    "/settings/tokens/**",
                    "/settings/members/farewell/**",
                    "/settings/members/{id}/way-back",
                    "/people/{id}/data.json",
                    "/account/mail",
                    "/account/codes",
                    "/account/passkeys/**",
                    "/account/second/**")
            .stream()
            .map(PathPatternRequestMatcher.withDefaults()::matcher)
            .toList();

    /** The password has been typed just now. */
    public static void looked(HttpSession session) {
        session.setAttribute(LOOKED, Instant.now());
    }

    /** For whoever has no password: the sample's account. */
    public static void always(HttpSession session) {
        session.setAttribute(LOOKED, Instant.MAX);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getUserPrincipal() == null || GUARDED.stream().noneMatch(p -> p.matches(request));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean fresh = Optional.ofNullable(request.getSession(false))
                .map(s -> s.getAttribute(LOOKED))
                .filter(Instant.class::isInstance)
                .map(Instant.class::cast)
                .filter(at -> at.isAfter(Instant.now().minus(FRESH)))
                .isPresent();
        if (fresh) {
            chain.doFilter(request, response);
        } else {
            response.sendRedirect(request.getContextPath() + "/account/confirm?next="
                    + URLEncoder.encode(page(request), StandardCharsets.UTF_8));
        }
    }

    /** Where one goes on: the page itself, or the one that holds the form. */
    private static String page(HttpServletRequest request) {
        String path = request.getRequestURI().substring(request.getContextPath().length());
        return request.getMethod().equals("GET")
                ? path
                : path.startsWith("/settings/members")
                        ? "/settings/members"
                        : path.startsWith("/settings/tokens")
                                ? "/settings/tokens"
                                : path.startsWith("/backup") ? "/backup" : "/account";
    }
}
