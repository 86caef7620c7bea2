package hodeon.app.household.door;

import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
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
                            Wording.says("refusal.pageTooOld"),
                            Wording.says("refusal.thisPageWasOpenedBeforeYouSigned"),
                            Wording.says("refusal.openItAnewAndSendItAgain"))
                    : new RefusedPage(
                            Wording.says("refusal.notForA", role.get().word()),
                            Wording.says(
                                    "refusal.youAreAOfYouMay",
                                    role.get().word(),
                                    member.householdName(),
                                    role.get().says()),
                            Wording.says("refusal.aKeeperCanChangeWhatYouAre"));
            return Shown.page("error/page", view, model);
        }

        private static RefusedPage tooOften(Duration wait) {
            long minutes = wait.toMinutes() + 1;
            return new RefusedPage(
                    Wording.says("refusal.triedTooOften"),
                    Wording.says("refusal.thisWasTriedSoOftenThatIt"),
                    Wording.says("refusal.tryAgainInIfYouHaveLost", Figures.counted((int) minutes, "minute")));
        }
    }
}
