package hodeon.app.household.account;

import hodeon.app.household.AccountKeys;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.style.Styles;
import hodeon.app.post.Post;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.mail.MailException;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The way back in for whoever has lost a password: by a recovery code, by mail, or by a link from a keeper. */
@Controller
@RequestMapping("/recover")
class RecoverController {

    private static final Logger LOG = LoggerFactory.getLogger(RecoverController.class);

    private final AccountKeys keys;
    private final HouseholdService households;
    private final PasswordJudge judge;
    private final Sessions sessions;
    private final Post post;
    private final Styles styles;
    private final boolean mails;

    RecoverController(
            AccountKeys keys,
            HouseholdService households,
            PasswordJudge judge,
            Sessions sessions,
            Post post,
            Styles styles,
            @Value("${spring.mail.host:}") String mailHost,
            @Value("${hodeon.demo}") boolean demo) {
        this.keys = keys;
        this.households = households;
        this.judge = judge;
        this.sessions = sessions;
        this.post = post;
        this.styles = styles;
        this.mails = demo || !mailHost.isEmpty();
    }

    /** @param mails whether this house can send mail */
    record RecoverPage(boolean mails) {}

    @GetMapping
    String page(Model model) {
        return Shown.page("household/recover", new RecoverPage(mails), model);
    }

    /** Says the same, as quickly, whether or not there is such a name: the mail is sent behind the page. */
    @PostMapping
    String byMail(@RequestParam(defaultValue = "") String name, RedirectAttributes next) {
        String house =
                ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
        if (mails) {
            Thread.startVirtualThread(() -> send(name.strip(), house));
        }
        next.addFlashAttribute(
                "said", "If that name has an address, a link is on its way. It opens once, within a day.");
        return "redirect:/recover";
    }

    private void send(String name, String house) {
        try {
            keys.linkByMail(name).ifPresent(link -> {
                UUID household = households.loadUserByUsername(name).householdId();
                styles.of(household).in(() -> {
                    post.send(
                            household,
                            link.address(),
                            Wording.says("recoverController.yourWayBackIntoHodeon"),
                            Wording.says("recoverController.chooseANewPassword", house + "/recover/" + link.secret()));
                    return true;
                });
            });
        } catch (MailException | UsernameNotFoundException e) {
            LOG.warn("A way back could not be sent: {}", e.getClass().getSimpleName());
        }
    }

    @PostMapping("/code")
    String byCode(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String code,
            RedirectAttributes next) {
        if (keys.opens(code).filter(name.strip()::equalsIgnoreCase).isEmpty()) {
            next.addFlashAttribute(
                    "fault", "That name and code do not go together, or the code was used. Try another code.");
            return "redirect:/recover";
        }
        return "redirect:/recover/" + code.replaceAll("[^A-Za-z0-9]", "");
    }

    record NewPage(String name, String secret, List<String> faults) {}

    @GetMapping("/{secret}")
    String choose(@PathVariable String secret, HttpServletResponse response, Model model) {
        return keys.opens(secret)
                .map(name -> Shown.page("household/recover-new", new NewPage(name, secret, List.of()), model))
                .orElseGet(() -> over(response));
    }

    private static String over(HttpServletResponse response) {
        response.setStatus(HttpStatus.NOT_FOUND.value());
        return "household/recover-over";
    }

    @PostMapping("/{secret}")
    String set(
            @PathVariable String secret,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String again,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        Optional<String> name = keys.opens(secret);
        if (name.isEmpty()) {
            return over(response);
        }
        List<String> faults = judge.faults(password, again, List.of(name.get()));
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return Shown.page("household/recover-new", new NewPage(name.get(), secret, faults), model);
        }
        Optional<UUID> account = keys.recover(secret, keys.hashed(password));
        account.ifPresent(sessions::endAll);
        next.addFlashAttribute(
                "said",
                account.isPresent() ? "Your new password is set. Sign in with it." : "This link was used meanwhile.");
        return "redirect:/sign-in";
    }
}
