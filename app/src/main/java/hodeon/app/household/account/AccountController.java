package hodeon.app.household.account;

import hodeon.app.household.AccountKeys;
import hodeon.app.household.Member;
import hodeon.app.household.passkey.Passkeys;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.shell.chart.Qr;
import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One's own account: password, second factor, recovery codes, an address to recover by, and where one is signed in. */
@Controller
@RequestMapping("/account")
class AccountController {

    private static final String PENDING = "pendingSecret";
    private static final int LONGEST_ADDRESS = 254;
    private static final String FAULT = "fault";
    private static final String SAID = "said";

    private final AccountKeys keys;
    private final PasswordJudge judge;
    private final Passkeys passkeys;
    private final Sessions sessions;

    AccountController(AccountKeys keys, PasswordJudge judge, Passkeys passkeys, Sessions sessions) {
        this.keys = keys;
        this.judge = judge;
        this.passkeys = passkeys;
        this.sessions = sessions;
    }

    record AccountPage(String name, AccountKeys.State keys, Passkeys.Page passkeys, List<Sessions.Listed> sessions) {}

    @GetMapping
    String page(@AuthenticationPrincipal Member member, HttpServletRequest request, Model model) {
        return Shown.page(
                "household/account",
                new AccountPage(
                        member.getUsername(),
                        keys.state(member.accountId()),
                        passkeys.page(member, request),
                        sessions.of(member.accountId(), request.getSession())),
                model);
    }

    @PostMapping("/password")
    String password(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String old,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String again,
            HttpServletRequest request,
            RedirectAttributes next) {
        List<String> faults = judge.faults(password, again, List.of(member.getUsername(), member.householdName()));
        if (!keys.isTheirs(member.accountId(), old)) {
            next.addFlashAttribute(FAULT, "That is not your present password. Type the one you sign in with.");
        } else if (!faults.isEmpty()) {
            next.addFlashAttribute(FAULT, String.join(" ", faults));
        } else {
            keys.password(member, keys.hashed(password));
            sessions.endOthers(member.accountId(), request.getSession());
            SecondLook.looked(request.getSession());
            next.addFlashAttribute(SAID, "Your password is changed. Everywhere else you are signed out.");
        }
        return "redirect:/account";
    }

    @PostMapping("/mail")
    String mail(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String address,
            RedirectAttributes next) {
        String typed = address.strip();
        if (!typed.isEmpty() && !isAddress(typed)) {
            next.addFlashAttribute(FAULT, Wording.says("accountController.isNoMailAddress", typed, LONGEST_ADDRESS));
        } else {
            keys.mail(member, typed);
            next.addFlashAttribute(
                    SAID,
                    typed.isEmpty()
                            ? "No address is kept."
                            : Wording.says("accountController.aWayBackCanBeSent", typed));
        }
        return "redirect:/account";
    }

    private static boolean isAddress(String typed) {
        try {
            new InternetAddress(typed, true).validate();
            return typed.length() <= LONGEST_ADDRESS && typed.contains("@");
        } catch (AddressException e) {
            return false;
        }
    }

    @PostMapping("/codes")
    String codes(@AuthenticationPrincipal Member member, RedirectAttributes next) {
        next.addFlashAttribute("codes", keys.freshCodes(member));
        return "redirect:/account";
    }

    /** @param qr empty if it cannot be drawn */
    record SecondPage(String secret, String qr, String address) {}

    @GetMapping("/second")
    String second(@AuthenticationPrincipal Member member, HttpSession session, Model model) {
        String secret = Optional.ofNullable(session.getAttribute(PENDING))
                .map(Object::toString)
                .orElseGet(AccountKeys::freshSecret);
        session.setAttribute(PENDING, secret);
        String address = "otpauth://totp/Hodeon:" + URLEncoder.encode(member.getUsername(), StandardCharsets.UTF_8)
                + "?secret=" + secret + "&issuer=Hodeon";
        return Shown.page(
                "household/second",
                new SecondPage(
                        secret.replaceAll("(.{4})(?!$)", "$1 "), Qr.of(address).orElse(""), address),
                model);
    }

    @PostMapping("/second")
    String turnOn(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String code,
            HttpSession session,
            RedirectAttributes next) {
        Object secret = session.getAttribute(PENDING);
        if (secret == null || !keys.secondFactor(member, secret.toString(), code)) {
            next.addFlashAttribute(FAULT, Wording.says("accountController.isNotTheCodeOfThisMinute", code.strip()));
            return "redirect:/account/second";
        }
        session.removeAttribute(PENDING);
        next.addFlashAttribute("codes", keys.freshCodes(member));
        next.addFlashAttribute(SAID, "The second factor is on.");
        return "redirect:/account";
    }

    @PostMapping("/second/off")
    String turnOff(@AuthenticationPrincipal Member member, RedirectAttributes next) {
        keys.noSecondFactor(member);
        next.addFlashAttribute(SAID, "The second factor is off.");
        return "redirect:/account";
    }

    @PostMapping("/sessions/others/end")
    String endOthers(@AuthenticationPrincipal Member member, HttpServletRequest request, RedirectAttributes next) {
        sessions.endOthers(member.accountId(), request.getSession());
        next.addFlashAttribute(SAID, "Everywhere else you are signed out.");
        return "redirect:/account#sessions";
    }

    @PostMapping("/sessions/{key}/end")
    String end(@AuthenticationPrincipal Member member, @PathVariable String key) {
        sessions.end(member.accountId(), key);
        return "redirect:/account#sessions";
    }

    record ConfirmPage(String next) {}

    @GetMapping("/confirm")
    String confirm(@RequestParam(defaultValue = "/account") String next, Model model) {
        return Shown.page("household/confirm", new ConfirmPage(inside(next)), model);
    }

    @PostMapping("/confirm")
    String confirmed(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "/account") String next,
            HttpSession session,
            RedirectAttributes flash) {
        if (keys.isTheirs(member.accountId(), password)) {
            SecondLook.looked(session);
            return "redirect:" + inside(next);
        }
        flash.addFlashAttribute(FAULT, "That is not your password. Check it and try again.");
        flash.addAttribute("next", inside(next));
        return "redirect:/account/confirm";
    }

    /** Never out of the house. */
    private static String inside(String next) {
        return next.matches("/[A-Za-z0-9./_-]*") && !next.startsWith("//") ? next : "/account";
    }
}
