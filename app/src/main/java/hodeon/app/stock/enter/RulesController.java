package hodeon.app.stock.enter;

import hodeon.app.household.Member;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockRules;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Faults;
import hodeon.core.stock.Grace;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The household's margin and grace, and what it read about models that were superseded or recalled. */
@Controller
class RulesController {

    private final StockService stock;

    RulesController(StockService stock) {
        this.stock = stock;
    }

    record NoteView(UUID id, String name, String which, LocalDate from, String note) {}

    /** @param margin days that a kit lasts beyond its next trip, and {@code grace} days past a printed date */
    record RulesPage(int margin, int grace, String currency, Collection<Supply> supplies, List<NoteView> notes) {}

    @GetMapping("/stock/rules")
    String page(@AuthenticationPrincipal Member member, Model model) {
        Stock all = stock.at(member.householdId(), new UUID(0, 0));
        RulesPage view = new RulesPage(
                all.rules().marginDays(),
                all.rules().grace().days(),
                all.rules().currency(),
                all.supplies().values(),
                stock.withdrawals(member.householdId()).stream()
                        .map(w -> new NoteView(
                                w.id(),
                                all.nameOf(w.supply()),
                                (w.product() + " "
                                                + (w.lotCode().isEmpty()
                                                        ? ""
                                                        : Wording.says("lotView.lot", w.lotCode())))
                                        .strip(),
                                w.from(),
                                w.note()))
                        .toList());
        return Shown.page("stock/rules", view, model);
    }

    @PostMapping("/stock/rules")
    String rules(
            @AuthenticationPrincipal Member member,
            @RequestParam String margin,
            @RequestParam String grace,
            @RequestParam(defaultValue = "") String currency,
            RedirectAttributes next) {
        Faults faults = new Faults();
        int days = whole("margin", margin, StockRules.MOST_MARGIN, faults);
        int graceDays = whole("grace", grace, Grace.MOST_DAYS, faults);
        String code = currency.strip().toUpperCase(Locale.ROOT);
        if (!code.isEmpty()
                && Currency.getAvailableCurrencies().stream()
                        .noneMatch(c -> c.getCurrencyCode().equals(code))) {
            faults.add(
                    "currency",
                    currency,
                    Wording.says("rulesController.aCurrencyIsNamedByThreeLetters"),
                    Wording.says("rulesController.writeItLikeEurOrLeaveIt"));
        }
        if (faults.none()) {
            stock.setRules(member.householdId(), new StockRules(days, new Grace(graceDays), code));
            next.addFlashAttribute("said", "Taken over.");
        }
        next.addFlashAttribute("faults", faults.all());
        return "redirect:/stock/rules";
    }

    @PostMapping("/stock/recalls")
    String recall(
            @AuthenticationPrincipal Member member,
            @RequestParam String supply,
            @RequestParam(defaultValue = "") String product,
            @RequestParam(defaultValue = "") String lot,
            @RequestParam String from,
            @RequestParam(defaultValue = "") String note,
            RedirectAttributes next) {
        Faults faults = new Faults();
        Stock all = stock.at(member.householdId(), new UUID(0, 0));
        String id = all.supplies().values().stream()
                .filter(s -> s.id().equals(supply) || s.name().equalsIgnoreCase(supply.strip()))
                .findFirst()
                .map(s -> s.id())
                .orElse("");
        if (id.isEmpty()) {
            faults.add(
                    "supply",
                    supply,
                    Wording.says("rulesController.theSupplyIsOneOfTheCatalogue"),
                    Wording.says("dispensing.chooseItFromTheList"));
        }
        line("product", product, ArrivalReader.LONGEST_PRODUCT, faults);
        line("lot", lot, ArrivalReader.LONGEST_LOT, faults);
        line("note", note, ArrivalReader.LONGEST_CONDITION, faults);
        LocalDate day = LocalDate.EPOCH;
        try {
            day = LocalDate.parse(from.strip());
        } catch (DateTimeException e) {
            faults.add(
                    "from",
                    from,
                    Wording.says("rulesController.theDayIsOneThatExists"),
                    Wording.says("rulesController.writeItLike20270228"));
        }
        if (faults.none()) {
            stock.withdraw(member.householdId(), id, product.strip(), lot.strip(), day, note.strip());
        }
        next.addFlashAttribute("faults", faults.all());
        return "redirect:/stock/rules";
    }

    @PostMapping("/stock/recalls/{id}/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        stock.takeBack(member.householdId(), id);
        return "redirect:/stock/rules";
    }

    private static void line(String field, String given, int longest, Faults faults) {
        if (given.strip().length() > longest || given.chars().anyMatch(Character::isISOControl)) {
            faults.add(
                    field,
                    given,
                    Wording.says("trailEntry.isOneLineOfAtMostCharacters", field, longest),
                    Wording.says("doseLines.shortenIt"));
        }
    }

    private static int whole(String field, String given, int most, Faults faults) {
        try {
            int days = Integer.parseInt(given.strip());
            if (days >= 0 && days <= most) {
                return days;
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        faults.add(
                field,
                given,
                String.format(Locale.ROOT, "the %s is a whole number of days from 0 to %d", field, most),
                Wording.says("problemController.correctIt"));
        return 0;
    }
}
