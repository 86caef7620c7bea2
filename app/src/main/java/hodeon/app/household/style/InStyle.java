package hodeon.app.household.style;

import hodeon.app.household.Member;
import hodeon.app.shell.style.HouseStyle;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Every page is made in the style of the household that its reader has open. Programs get what is kept: metric, ISO dates. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class InStyle extends OncePerRequestFilter {

    private final Styles styles;

    InStyle(Styles styles) {
        this.styles = styles;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI().substring(request.getContextPath().length());
        return path.startsWith("/api/") || path.startsWith("/assets/") || path.startsWith("/webjars/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        HouseStyle style = signedIn != null && signedIn.getPrincipal() instanceof Member member
                ? styles.of(member.householdId())
                : HouseStyle.METRIC;
        try {
            style.in(() -> {
                chain.doFilter(request, response);
                return true;
            });
        } catch (ServletException | IOException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new ServletException(e);
        }
    }
}
