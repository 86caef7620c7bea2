package hodeon.app.household.member;

import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.account.PasswordJudge;
import hodeon.app.household.account.SignedIn;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Where an invitation leads: to an account of one's own, or to the household with the account one has. */
@Controller
class JoinController {

    private static final int SHORTEST_NAME = 3;
    private static final int LONGEST_NAME = 80;

    private final Invitations invitations;
    private final HouseholdService households;
    private final PasswordJudge judge;
    private final SignedIn signedIn;

    JoinController(Invitations invitations, HouseholdService households, PasswordJudge judge, SignedIn signedIn) {
        this.invitations = invitations;
        this.households = households;
        this.judge = judge;
        this.signedIn = signedIn;
    }

    record JoinPage(String code, Invitations.Leads leads, String name, boolean signedIn, List<String> faults) {}

    @GetMapping("/join/{code}")
    String join(
            @Nullable @AuthenticationPrincipal Member member,
            @PathVariable String code,
            HttpServletResponse response,
            Model model) {
        Optional<Invitations.Leads> leads = invitations.leads(code);
        if (leads.isEmpty()) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
            return "household/join-over";
        }
        return Shown.page("household/join", new JoinPage(code, leads.get(), "", member != null, List.of()), model);
    }

    @PostMapping("/join/{code}")
    String make(
            @PathVariable String code,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String again,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        Optional<Invitations.Leads> leads = invitations.leads(code);
        if (leads.isEmpty()) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
            return "household/join-over";
        }
        String typed = name.strip();
        List<String> faults = new ArrayList<>();
        if (typed.length() < SHORTEST_NAME || typed.length() > LONGEST_NAME) {
            faults.add(Wording.says("joinController.aSignInNameHasToCharacters", SHORTEST_NAME, LONGEST_NAME));
        }
        faults.addAll(judge.faults(password, again, List.of(typed, leads.get().name())));
        if (faults.isEmpty()) {
            try {
                Member member = invitations
                        .use(code, households.createAccount(typed, password))
                        .orElseThrow(() -> new NotHere("invitation"));
                signedIn.become(member, request, response);
                return "redirect:/";
            } catch (DataIntegrityViolationException taken) {
                faults.add(Wording.says("joinController.theNameIsTakenChooseAnotherOr", typed));
            }
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return Shown.page("household/join", new JoinPage(code, leads.get(), typed, false, faults), model);
    }
}
