package hodeon.app.household.door;

import hodeon.app.household.AccountKeys;
import hodeon.app.household.Audit;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.account.SecondLook;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Instant;
import java.util.UUID;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** What follows a password: the second factor, if there is one, and only then the house. */
@Component
class AfterPassword implements AuthenticationSuccessHandler, AuthenticationFailureHandler {

    /** In the session of whoever has typed the right password and not yet the second factor. */
    static final String HALFWAY = "halfway";

    /** @param since whoever takes longer than {@link #MINUTES} minutes begins again */
    record Halfway(UUID account, Instant since) {}

    static final int MINUTES = 5;

    private final AccountKeys keys;
    private final HouseholdService households;
    private final Audit audit;
    private final Throttle throttle;
    private final SecurityContextRepository contexts;
    private final SavedRequestAwareAuthenticationSuccessHandler in =
            new SavedRequestAwareAuthenticationSuccessHandler();

    AfterPassword(
            AccountKeys keys,
            HouseholdService households,
            Audit audit,
            Throttle throttle,
            SecurityContextRepository contexts) {
        this.keys = keys;
        this.households = households;
        this.audit = audit;
        this.throttle = throttle;
        this.contexts = contexts;
    }

    @Override
    public void onAuthenticationSuccess(HttpServletRequest request, HttpServletResponse response, Authentication who)
            throws IOException, ServletException {
        if (!(who.getPrincipal() instanceof Member member)) {
            throw new IllegalStateException("Only members sign in.");
        }
        if (keys.state(member.accountId()).secondFactor()) {
            SecurityContextHolder.clearContext();
            contexts.saveContext(SecurityContextHolder.createEmptyContext(), request, response);
            request.getSession().setAttribute(HALFWAY, new Halfway(member.accountId(), Instant.now()));
            response.sendRedirect(request.getContextPath() + "/sign-in/second");
            return;
        }
        throttle.succeeded(member.getUsername(), request.getRemoteAddr());
        audit.note(member, Audit.Kind.SIGN_IN, "signed in, from " + request.getRemoteAddr());
        SecondLook.looked(request.getSession());
        in.onAuthenticationSuccess(request, response, who);
    }

    @Override
    public void onAuthenticationFailure(
            HttpServletRequest request, HttpServletResponse response, AuthenticationException why) throws IOException {
        boolean busy = why instanceof AuthenticationServiceException;
        if (!busy) {
            note(request);
        }
        response.sendRedirect(request.getContextPath() + (busy ? "/sign-in?busy" : "/sign-in?wrong"));
    }

    private void note(HttpServletRequest request) {
        try {
            Member member = households.loadUserByUsername(String.valueOf(request.getParameter("name")));
            audit.note(member, Audit.Kind.SIGN_IN, "a wrong password, from " + request.getRemoteAddr());
        } catch (UsernameNotFoundException nobody) {
            // What was typed may be a password in the wrong field: it is written down nowhere.
        }
    }
}
