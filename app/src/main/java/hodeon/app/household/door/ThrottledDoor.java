package hodeon.app.household.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/** Every address where a secret can be guessed asks the {@link Throttle} first; whoever has to wait is told how long. */
class ThrottledDoor extends OncePerRequestFilter {

    private static final List<PathPatternRequestMatcher> GUESSED = List.of(
                    "/sign-in",
                    "/sign-in/second",
                    "/recover/**",
                    "/join/**",
                    "/account/confirm",
                    "/account/password",
                    "/households/join")
            .stream()
            .map(path -> PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, path))
            .toList();

    /** Where whoever guesses says whose account it is; elsewhere the session knows, whatever is sent along. */
    private static final List<PathPatternRequestMatcher> BY_NAME = Stream.of("/sign-in", "/recover/**", "/join/**")
            .map(path -> PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, path))
            .toList();

    private final Throttle throttle;

    ThrottledDoor(Throttle throttle) {
        this.throttle = throttle;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return GUESSED.stream().noneMatch(p -> p.matches(request));
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String name = BY_NAME.stream().anyMatch(p -> p.matches(request))
                ? Objects.requireNonNullElse(request.getParameter("name"), "")
                : signedIn().or(() -> halfway(request)).orElse("");
        Optional<Duration> wait = throttle.tried(name, request.getRemoteAddr());
        if (wait.isEmpty()) {
            chain.doFilter(request, response);
            return;
        }
        response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(wait.get().toSeconds() + 1));
        response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
        request.setAttribute(Refusal.WAIT, wait.get());
        request.getRequestDispatcher(Refusal.ADDRESS).forward(request, response);
    }

    private static Optional<String> signedIn() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .map(Authentication::getName);
    }

    /** Whoever guesses at a second factor waits by the account, from wherever they come. */
    private static Optional<String> halfway(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false))
                .map(s -> s.getAttribute(AfterPassword.HALFWAY))
                .filter(AfterPassword.Halfway.class::isInstance)
                .map(h -> ((AfterPassword.Halfway) h).account().toString());
    }
}
