package hodeon.app.household;

import hodeon.app.shell.Shown;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The household's settings: personal access tokens. */
@Controller
class SettingsController {

    private static final int LONGEST_NAME = 80;

    private final AccessTokens tokens;

    SettingsController(AccessTokens tokens) {
        this.tokens = tokens;
    }

    record SettingsPage(String household, List<AccessTokens.Kept> tokens, int most) {}

    @GetMapping("/settings")
    String settings(@AuthenticationPrincipal Member member, Model model) {
        return Shown.page(
                "household/settings",
                new SettingsPage(member.householdName(), tokens.all(member.householdId()), AccessTokens.MOST_TOKENS),
                model);
    }

    @PostMapping("/settings/tokens")
    String make(@AuthenticationPrincipal Member member, @RequestParam String name, RedirectAttributes next) {
        String stripped = name.strip();
        if (stripped.isEmpty() || stripped.length() > LONGEST_NAME) {
            next.addFlashAttribute(
                    "fault", "A token's name has 1 to " + LONGEST_NAME + " characters, so that you know it again.");
        } else if (tokens.all(member.householdId()).size() >= AccessTokens.MOST_TOKENS) {
            next.addFlashAttribute(
                    "fault",
                    "A household has at most " + AccessTokens.MOST_TOKENS + " tokens. Revoke one you no longer use.");
        } else {
            next.addFlashAttribute("made", tokens.make(member.getUsername(), stripped));
        }
        return "redirect:/settings";
    }

    @PostMapping("/settings/tokens/{id}/revoke")
    String revoke(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        tokens.revoke(member.householdId(), id);
        return "redirect:/settings";
    }
}
