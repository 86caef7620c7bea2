package hodeon.app.household.door;

import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestMapping;

/** Says what somebody may not do, and who can change that. Whoever belongs to no household is led to where they can join one. */
@Component
class Refusal implements AccessDeniedHandler {

    static final String ADDRESS = "/refused";
    static final String WAIT = "wait";
    private static final String OLD_PAGE = "oldPage";

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException why)
            throws IOException, ServletException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null
                && who.getPrincipal() instanceof Member member
                && member.role().isEmpty()
                && !(why instanceof CsrfException)) {
            response.sendRedirect(request.getContextPath() + "/households");
            return;
        }
        request.setAttribute(OLD_PAGE, why instanceof CsrfException);
        response.setStatus(HttpStatus.FORBIDDEN.value());
        request.getRequestDispatcher(ADDRESS).forward(request, response);
    }

    @Controller
    static class Page {

        record RefusedPage(String title, String what, String remedy) {}

        @RequestMapping(ADDRESS)
        String refused(
                @Nullable @AuthenticationPrincipal Member member,
                @Nullable @RequestAttribute(name = OLD_PAGE, required = false) Boolean oldPage,
                @Nullable @RequestAttribute(name = WAIT, required = false) Duration wait,
                HttpServletResponse response,
                Model model) {
            if (wait != null) {
                response.setStatus(HttpStatus.TOO_MANY_REQUESTS.value());
                return Shown.page("error/page", tooOften(wait), model);
            }
            response.setStatus(HttpStatus.FORBIDDEN.value());
            Optional<Role> role = Optional.ofNullable(member).flatMap(Member::role);
            RefusedPage view = oldPage == null || oldPage || member == null || role.isEmpty()
                    ? new RefusedPage(
                            "Page too old",
                            "This page was opened before you signed in, or too long ago. Nothing was saved.",
                            "Open it anew and send it again.")
                    : new RefusedPage(
                            "Not for a " + role.get().word(),
                            "You are a " + role.get().word() + " of " + member.householdName() + ": you may "
                                    + role.get().says() + ".",
                            "A keeper can change what you are, under Settings, Members.");
            return Shown.page("error/page", view, model);
        }

        private static RefusedPage tooOften(Duration wait) {
            long minutes = wait.toMinutes() + 1;
            return new RefusedPage(
                    "Tried too often",
                    "This was tried so often that it has to wait. Nothing was changed.",
                    "Try again in " + Figures.counted((int) minutes, "minute")
                            + ". If you have lost your password, choose “I cannot sign in” on the sign-in page.");
        }
    }
}
