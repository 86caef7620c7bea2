package hodeon.app.household.door;

import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.account.Sessions;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Optional;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A role that was changed holds at the next request, in every session; whoever was removed is somewhere else, or nowhere. */
@Component
class StillMember extends OncePerRequestFilter {

    private final HouseholdService households;
    private final Sessions sessions;
    private final SecurityContextRepository contexts;

    StillMember(HouseholdService households, Sessions sessions, SecurityContextRepository contexts) {
        this.households = households;
        this.sessions = sessions;
        this.contexts = contexts;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return request.getRequestURI().startsWith(request.getContextPath() + "/assets/")
                || request.getRequestURI().startsWith(request.getContextPath() + "/webjars/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        if (signedIn != null && signedIn.getPrincipal() instanceof Member was) {
            Optional<Member> now =
                    households.member(was.accountId(), was.householdId()).or(() -> households.member(was.accountId()));
            if (now.isEmpty() || !sessions.seen(now.get(), request)) {
                SecurityContextHolder.clearContext();
                Optional.ofNullable(request.getSession(false)).ifPresent(HttpSession::invalidate);
            } else if (!was.stillIs(now.get())) {
                become(now.get(), request, response);
            }
        }
        chain.doFilter(request, response);
    }

    private void become(Member member, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(member, null, member.getAuthorities()));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    /** It stands in the security chain alone, not beside it. */
    @Configuration
    static class Once {

        @Bean
        FilterRegistrationBean<StillMember> notTwice(StillMember filter) {
            FilterRegistrationBean<StillMember> registration = new FilterRegistrationBean<>(filter);
            registration.setEnabled(false);
            return registration;
        }
    }
}
