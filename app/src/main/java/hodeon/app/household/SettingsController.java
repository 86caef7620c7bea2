package hodeon.app.household;

import hodeon.app.shell.Shown;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Where every setting is found. */
@Controller
class SettingsController {

    /** @param keeps whether they keep members, backups and the household itself */
    record SettingsPage(String household, String role, boolean keeps) {}

    @GetMapping("/settings")
    String settings(@AuthenticationPrincipal Member member, Model model) {
        return Shown.page(
                "household/settings",
                new SettingsPage(
                        member.householdName(), member.role().map(Role::word).orElse(""), member.may(Right.KEEP)),
                model);
    }
}
