package hodeon.app.household.door;

import hodeon.app.household.HouseholdService;
import hodeon.app.household.SampleAccount;
import hodeon.app.household.account.PasswordJudge;
import hodeon.app.household.account.SecondLook;
import hodeon.app.household.account.SignedIn;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Signing in, looking around with sample data, and the first account of an empty installation. */
@Controller
class SignInController {

    private final HouseholdService households;
    private final SignedIn signedIn;
    private final PasswordJudge judge;
    private final FirstRunCode firstRun;
    private final boolean demo;

    SignInController(
            HouseholdService households,
            SignedIn signedIn,
            PasswordJudge judge,
            FirstRunCode firstRun,
            @Value("${hodeon.demo}") boolean demo) {
        this.households = households;
        this.signedIn = signedIn;
        this.judge = judge;
        this.firstRun = firstRun;
        this.demo = demo;
    }

    /** @param wrong whether name and password did not fit, {@code busy} whether too many sign in, {@code out} whether somebody has just signed out */
    record SignInPage(boolean wrong, boolean busy, boolean out, boolean demo) {}

    @GetMapping("/sign-in")
    String signIn(
            @RequestParam(required = false) String wrong,
            @RequestParam(required = false) String busy,
            @RequestParam(required = false) String out,
            Model model) {
        if (households.isEmpty()) {
            return "redirect:/first-run";
        }
        return Shown.page("household/sign-in", new SignInPage(wrong != null, busy != null, out != null, demo), model);
    }

    @PostMapping("/sample-tour")
    String sampleTour(HttpServletRequest request, HttpServletResponse response) {
        if (!demo) {
            return "redirect:/sign-in";
        }
        signIn(SampleAccount.SIGN_IN_NAME, request, response);
        SecondLook.always(request.getSession());
        return "redirect:/";
    }

    @GetMapping("/first-run")
    String firstRun(HttpServletRequest request, Model model) {
        if (!households.isEmpty()) {
            return "redirect:/sign-in";
        }
        model.addAttribute("accountForm", AccountForm.EMPTY);
        return firstRunPage(request, model);
    }

    @PostMapping("/first-run")
    String createFirst(
            @Valid @ModelAttribute("accountForm") AccountForm form,
            BindingResult faults,
            @RequestParam(defaultValue = "") String code,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (!households.isEmpty()) {
            return "redirect:/sign-in";
        }
        judge.fault(form.password(), List.of(form.name(), form.household()))
                .ifPresent(why -> faults.rejectValue("password", "password", why));
        if (!firstRun.lets(request, code)) {
            faults.reject("code", Wording.says("signInController.theFirstAccountIsMadeAtThis"));
        }
        if (faults.hasErrors()) {
            return firstRunPage(request, model);
        }
        try {
            households.createFirst(form.household(), form.name(), form.password());
        } catch (DataIntegrityViolationException somebodyElseWasFirst) {
            return "redirect:/sign-in";
        }
        firstRun.done();
        signIn(form.name(), request, response);
        SecondLook.looked(request.getSession());
        return "redirect:/";
    }

    private String firstRunPage(HttpServletRequest request, Model model) {
        model.addAttribute("needsCode", firstRun.isNeeded(request));
        return "household/first-run";
    }

    private void signIn(String name, HttpServletRequest request, HttpServletResponse response) {
        signedIn.become(households.loadUserByUsername(name), request, response);
    }
}
