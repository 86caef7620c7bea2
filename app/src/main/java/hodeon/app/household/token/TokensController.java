package hodeon.app.household.token;

import hodeon.app.household.Member;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Personal access tokens: made, shown once, revoked. */
@Controller
class TokensController {

    private static final int LONGEST_NAME = 80;

    private final AccessTokens tokens;

    TokensController(AccessTokens tokens) {
        this.tokens = tokens;
    }

    record TokensPage(List<AccessTokens.Kept> tokens, int most, List<TokenScope> scopes, List<Integer> days) {}

    @GetMapping("/settings/tokens")
    String all(@AuthenticationPrincipal Member member, Model model) {
        return Shown.page(
                "household/tokens",
                new TokensPage(
                        tokens.all(member), AccessTokens.MOST_TOKENS, List.of(TokenScope.values()), AccessTokens.DAYS),
                model);
    }

    @PostMapping("/settings/tokens")
    String make(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") Set<TokenScope> scope,
            @RequestParam(defaultValue = "90") int days,
            RedirectAttributes next) {
        String stripped = name.strip();
        if (stripped.isEmpty() || stripped.length() > LONGEST_NAME) {
            next.addFlashAttribute("fault", Wording.says("tokensController.aTokensNameHas", LONGEST_NAME));
        } else if (scope.isEmpty()) {
            next.addFlashAttribute("fault", "A token reaches something. Tick what the program needs, and no more.");
        } else if (!AccessTokens.DAYS.contains(days)) {
            next.addFlashAttribute(
                    "fault",
                    Wording.says(
                            "tokensController.aTokenLivesFor", AccessTokens.DAYS.toString(), String.valueOf(days)));
        } else if (tokens.all(member).size() >= AccessTokens.MOST_TOKENS) {
            next.addFlashAttribute(
                    "fault", Wording.says("tokensController.aHouseholdHasAtMost", AccessTokens.MOST_TOKENS));
        } else {
            next.addFlashAttribute("made", tokens.make(member, stripped, EnumSet.copyOf(scope), days));
        }
        return "redirect:/settings/tokens";
    }

    @PostMapping("/settings/tokens/{id}/revoke")
    String revoke(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        tokens.revoke(member, id);
        return "redirect:/settings/tokens";
    }
}
