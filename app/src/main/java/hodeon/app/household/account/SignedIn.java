package hodeon.app.household.account;

import hodeon.app.household.Member;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Puts somebody into the session, under a new number. */
@Component
public class SignedIn {

    private final SecurityContextRepository contexts;

    SignedIn(SecurityContextRepository contexts) {
        this.contexts = contexts;
    }

    public void become(Member member, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(member, null, member.getAuthorities()));
        request.getSession();
        request.changeSessionId();
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }
}
