package hodeon.app.household;

import hodeon.app.shell.Shown;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
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
    private final SecurityContextRepository contexts;
    private final boolean demo;

    SignInController(
            HouseholdService households, SecurityContextRepository contexts, @Value("${hodeon.demo}") boolean demo) {
        this.households = households;
        this.contexts = contexts;
        this.demo = demo;
    }

    /** @param wrong whether name and password did not fit, {@code out} whether somebody has just signed out */
    record SignInPage(boolean wrong, boolean out, boolean demo) {}

    @GetMapping("/sign-in")
    String signIn(
            @RequestParam(required = false) String wrong, @RequestParam(required = false) String out, Model model) {
        if (households.isEmpty()) {
            return "redirect:/first-run";
        }
        return Shown.page("household/sign-in", new SignInPage(wrong != null, out != null, demo), model);
    }

    @PostMapping("/sample-tour")
    String sampleTour(HttpServletRequest request, HttpServletResponse response) {
        if (!demo) {
            return "redirect:/sign-in";
        }
        signIn(SampleAccount.SIGN_IN_NAME, request, response);
        return "redirect:/";
    }

    @GetMapping("/first-run")
    String firstRun(Model model) {
        if (!households.isEmpty()) {
            return "redirect:/sign-in";
        }
        model.addAttribute("accountForm", AccountForm.EMPTY);
        return "household/first-run";
    }

    @PostMapping("/first-run")
    String createFirst(
            @Valid @ModelAttribute("accountForm") AccountForm form,
            BindingResult faults,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (!households.isEmpty()) {
            return "redirect:/sign-in";
        }
        if (faults.hasErrors()) {
            return "household/first-run";
        }
        try {
            households.createFirst(form.household(), form.name(), form.password());
        } catch (DataIntegrityViolationException somebodyElseWasFirst) {
            return "redirect:/sign-in";
        }
        signIn(form.name(), request, response);
        return "redirect:/";
    }

    private void signIn(String name, HttpServletRequest request, HttpServletResponse response) {
        Member member = households.loadUserByUsername(name);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(member, null, member.getAuthorities()));
        request.getSession();
        request.changeSessionId();
        contexts.saveContext(context, request, response);
    }
}
