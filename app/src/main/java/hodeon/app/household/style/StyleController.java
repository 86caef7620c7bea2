package hodeon.app.household.style;

import hodeon.app.household.Member;
import hodeon.app.shell.Shown;
import hodeon.app.shell.style.DateForm;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.shell.style.PrinterPaper;
import hodeon.core.notice.Faults;
import hodeon.core.units.MassUnit;
import hodeon.core.units.TemperatureUnit;
import hodeon.core.units.VolumeUnit;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Units, days and paper of the household. */
@Controller
class StyleController {

    private final Styles styles;
    private final Clock clock;

    StyleController(Styles styles, Clock clock) {
        this.styles = styles;
        this.clock = clock;
    }

    /** One of several to choose from. */
    record Choice(String value, String label) {}

    record StylePage(
            StyleForm style,
            List<Choice> masses,
            List<Choice> volumes,
            List<Choice> temperatures,
            List<Choice> dates,
            List<Choice> weekdays,
            List<Choice> papers,
            List<String> zones,
            String zoneHere) {}

    @GetMapping("/settings/style")
    String page(@AuthenticationPrincipal Member member, Model model) {
        HouseStyle now = styles.of(member.householdId());
        LocalDate today = LocalDate.now(clock);
        StylePage view = new StylePage(
                StyleForm.of(now),
                Stream.of(MassUnit.values())
                        .map(u -> new Choice(u.name(), u.sign()))
                        .toList(),
                Stream.of(VolumeUnit.values())
                        .map(u -> new Choice(u.name(), u.sign()))
                        .toList(),
                Stream.of(TemperatureUnit.values())
                        .map(u -> new Choice(u.name(), u.sign()))
                        .toList(),
                Stream.of(DateForm.values())
                        .map(f -> new Choice(f.name(), f.says(today)))
                        .toList(),
                Stream.of(DayOfWeek.MONDAY, DayOfWeek.SATURDAY, DayOfWeek.SUNDAY)
                        .map(d -> new Choice(d.name(), d.getDisplayName(TextStyle.FULL, Locale.ENGLISH)))
                        .toList(),
                Stream.of(PrinterPaper.values())
                        .map(p -> new Choice(p.name(), p.label()))
                        .toList(),
                ZoneId.getAvailableZoneIds().stream()
                        .filter(z -> z.matches("[A-Z][a-z]+/.+"))
                        .sorted()
                        .toList(),
                ZoneId.systemDefault().getId());
        return Shown.page("household/style", view, model);
    }

    /** The household has read that the pages are in English again. */
    @PostMapping("/settings/style/english")
    String english(@AuthenticationPrincipal Member member) {
        styles.toldOfEnglish(member.householdId());
        return "redirect:/";
    }

    @PostMapping("/settings/style")
    String keep(@AuthenticationPrincipal Member member, StyleForm typed, RedirectAttributes next) {
        Faults faults = new Faults();
        HouseStyle read = typed.read(styles.of(member.householdId()), faults);
        if (faults.none()) {
            styles.keep(member.householdId(), read);
            next.addFlashAttribute("said", "Taken over.");
        }
        next.addFlashAttribute("faults", faults.all());
        return "redirect:/settings/style";
    }
}
