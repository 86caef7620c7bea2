package hodeon.app.dose;

import hodeon.app.formulary.MedicineShelf;
import hodeon.app.household.Member;
import hodeon.app.people.BodyMass;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.FindingWords;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.stock.StockService;
import hodeon.core.medication.Direction;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.amount.MixUps;
import hodeon.core.medication.formulary.Product;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** One person's dose sheet: for each product how much, how often, and how that was reckoned. */
@Controller
class SheetController {

    private final DoseBook book;
    private final PeopleService people;
    private final MedicineShelf medicines;
    private final StockService stock;

    SheetController(DoseBook book, PeopleService people, MedicineShelf medicines, StockService stock) {
        this.book = book;
        this.people = people;
        this.medicines = medicines;
        this.stock = stock;
    }

    /** @param kind give, ask or never: how the line is marked */
    record Line(
            String product,
            String name,
            String kind,
            String amount,
            String milligrams,
            String often,
            List<String> working,
            List<CautionLine> cautions,
            String remedy) {}

    /**
     * The page.
     *
     * @param q what was looked for, and {@code all} whether every product is shown
     */
    record SheetPage(
            PeopleService.Known known,
            String who,
            String tradition,
            List<Line> lines,
            List<String> mixUps,
            String q,
            boolean all) {}

    @GetMapping("/people/{id}/doses")
    String sheet(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "false") boolean all,
            Model model) {
        UUID household = member.householdId();
        DoseCase of = book.of(household, id, HouseStyle.here().zoneHere());
        people.seen(household, id, member.getUsername(), "dose sheet");
        Set<String> owned =
                stock.of(household).held().stream().map(h -> h.lot().supply()).collect(Collectors.toSet());
        Set<String> regular =
                of.known().profile().regular().stream().map(r -> r.product()).collect(Collectors.toSet());
        boolean searching = !q.isBlank();
        List<Product> bag = medicines.products(household).stream()
                .filter(p -> p.supply().filter(owned::contains).isPresent() || regular.contains(p.id()))
                .toList();
        List<Product> shown = all || searching
                ? medicines.products(household).stream()
                        .filter(p -> p.name()
                                .toLowerCase(Locale.ROOT)
                                .contains(q.strip().toLowerCase(Locale.ROOT)))
                        .toList()
                : bag;
        SheetPage view = new SheetPage(
                of.known(),
                about(of),
                medicines.rules(household).tradition().label(),
                shown.stream().map(p -> line(of.gate().answer(p, of.now()))).toList(),
                MixUps.mixUps(of.formulary(), bag).stream()
                        .map(FindingWords::say)
                        .toList(),
                q,
                all);
        return Shown.page("dose/sheet", view, model);
    }

    private static String who(DoseAnswer.Give give) {
        return give.directed().stream()
                .map(Direction::who)
                .distinct()
                .collect(Collectors.joining(" " + Wording.says("sheetController.and") + " "));
    }

    static String about(DoseCase of) {
        return of.patient().age()
                + of.patient()
                        .weighed()
                        .map(w -> ", " + BodyMass.said(w))
                        .orElse(Wording.says("sheetController.massNotKnown"));
    }

    static Line line(DoseAnswer answer) {
        return switch (answer) {
            case DoseAnswer.Refused refused ->
                new Line(
                        refused.product().id(),
                        refused.product().name(),
                        "never",
                        Wording.says("sheetController.notSaid", FindingWords.say(refused.whyNot())),
                        "",
                        "",
                        List.of(),
                        CautionLine.of(refused.cautions()),
                        FindingWords.remedy(refused.whyNot()));
            case DoseAnswer.Give give ->
                new Line(
                        give.product().id(),
                        give.product().name(),
                        give.asks() ? "ask" : "give",
                        give.amount(),
                        give.milligrams(),
                        give.often(),
                        give.working().stream().map(FindingWords::say).toList(),
                        CautionLine.of(give.cautions()),
                        give.directed().isEmpty()
                                ? ""
                                : Wording.says("sheetController.asDirectedNotByTheLabel", who(give)));
        };
    }
}
