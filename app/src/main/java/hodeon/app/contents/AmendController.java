package hodeon.app.contents;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.notice.Fault;
import hodeon.core.plan.tradeoff.Sorting;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A kit as it is held against what it is for: what stays, what to add, what to take out, and a second kit from that. */
@Controller
@RequestMapping("/kits/{id}/amend")
class AmendController {

    private static final double SECOND_KIT_GRAMS = PlanningAssumption.SECOND_KIT.value();

    private final BoughtKit bought;
    private final StockService stock;
    private final ListService lists;
    private final TripService trips;
    private final MatService mats;
    private final KitCalculator calculator;
    private final Progress progress;

    AmendController(
            BoughtKit bought,
            StockService stock,
            ListService lists,
            TripService trips,
            MatService mats,
            KitCalculator calculator,
            Progress progress) {
        this.bought = bought;
        this.stock = stock;
        this.lists = lists;
        this.trips = trips;
        this.mats = mats;
        this.calculator = calculator;
        this.progress = progress;
    }

    /**
     * The page.
     *
     * @param list missing while nothing says what belongs in it
     * @param planned whether anything says what it is for; else nothing is sorted
     * @param keep what stays, {@code add} what is missing, {@code out} what is too much, a line each
     */
    record AmendPage(
            UUID id,
            String kit,
            Progress.@Nullable Strip strip,
            @Nullable UUID list,
            boolean planned,
            List<String> keep,
            List<String> add,
            List<String> out,
            String suggestedName) {}

    /** What the kit is for, on the mat. */
    private record Use(StoredTrip trip, StoredList list) {}

    @GetMapping
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        Place kit = stock.place(member.householdId(), id);
        Optional<Use> use = use(member.householdId(), kit);
        Optional<Sorting> sorting = use.map(u -> sorted(member.householdId(), id, u));
        Stock here = stock.at(member.householdId(), id);
        AmendPage view = new AmendPage(
                id,
                kit.name(),
                use.map(u -> progress.of(member.householdId(), u.trip(), "List"))
                        .orElse(null),
                kit.kitId().orElse(null),
                use.isPresent(),
                sorting.map(s -> lines(s.take(), here)).orElse(List.of()),
                sorting.map(s -> lines(s.missing(), here)).orElse(List.of()),
                sorting.map(s -> lines(s.surplus(), here)).orElse(List.of()),
                Wording.says("amendController.theRest", kit.name()));
        return Shown.page("contents/amend", view, model);
    }

    private Optional<Use> use(UUID household, Place kit) {
        return kit.kitId()
                .filter(l -> lists.isOne(household, l))
                .map(l -> lists.find(household, l))
                .flatMap(l -> l.tripId().flatMap(t -> trips.maybe(household, t)).map(t -> new Use(t, l)));
    }

    private Sorting sorted(UUID household, UUID kit, Use use) {
        Map<String, Integer> have = new LinkedHashMap<>();
        stock.at(household, kit).inKit(kit).forEach(h -> have.merge(h.lot().supply(), h.pieces(), Integer::sum));
        Mat mat = mats.mat(household, use.trip());
        return calculator.sort(mat.of(), mat.along(), have, SECOND_KIT_GRAMS);
    }

    private static List<String> lines(Map<String, Integer> pieces, Stock here) {
        return pieces.entrySet().stream()
                .filter(e -> e.getValue() > 0)
                .map(e -> here.named(e.getValue(), e.getKey()))
                .toList();
    }

    /** The list becomes what stays and what is to be added; both are then filled and watched. */
    @PostMapping("/list")
    String list(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        UUID household = member.householdId();
        Use use = needed(household, id);
        Sorting sorting = sorted(household, id, use);
        Map<String, Integer> pieces = new LinkedHashMap<>(sorting.take());
        sorting.missing().forEach((supply, n) -> pieces.merge(supply, n, Integer::sum));
        lists.save(household, use.trip().id(), use.list().name(), pieces);
        next.addFlashAttribute(
                "said", "The list holds what stays and what is to be added; the kit page tells what is missing.");
        return "redirect:/kits/" + id;
    }

    /** What is too much becomes a kit of its own. */
    @PostMapping("/split")
    String split(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String name,
            RedirectAttributes next) {
        UUID household = member.householdId();
        Optional<Fault> fault = stock.fault(household, name, Place.Kind.KIT, Optional.empty());
        if (fault.isPresent()) {
            next.addFlashAttribute("faults", List.of(fault.get()));
            return "redirect:/kits/" + id + "/amend";
        }
        Sorting sorting = sorted(household, id, needed(household, id));
        UUID second = bought.split(household, id, name.strip(), sorting.surplus(), member.getUsername());
        next.addFlashAttribute("said", "It holds what was too much in the first.");
        return "redirect:/kits/" + second;
    }

    private Use needed(UUID household, UUID kit) {
        return use(household, stock.place(household, kit))
                .orElseThrow(() -> new NotHere("what kit " + kit + " is for"));
    }
}
