package hodeon.app.check;

import hodeon.app.check.CheckService.Due;
import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.stock.Rhythm;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Which checks are due, and beginning one: through a kit, a module, or several kits one after the other. */
@Controller
class ChecksController {

    private static final int LATEST = 12;

    private final CheckService checks;
    private final StockService stock;
    private final Clock clock;

    ChecksController(CheckService checks, StockService stock, Clock clock) {
        this.checks = checks;
        this.stock = stock;
        this.clock = clock;
    }

    record DueView(UUID kit, String name, Rhythm rhythm, String last, String due, boolean overdue) {}

    record ChecksPage(
            List<DueView> due, List<RoundView> rounds, List<Where> kits, List<Alike> alike, List<Rhythm> rhythms) {}

    /** A kit or a module that may be gone through. */
    record Where(UUID id, String name) {}

    /** Kits with one list, which may be gone through one after the other. */
    record Alike(String kits, List<UUID> places) {}

    record RoundView(UUID id, String kit, String rhythm, String started, String by, String state) {}

    @GetMapping("/stock/checks")
    String all(@AuthenticationPrincipal Member member, Model model) {
        Stock all = stock.of(member.householdId());
        LocalDate today = LocalDate.now(clock);
        ChecksPage view = new ChecksPage(
                checks.due(member.householdId(), all).stream()
                        .map(d -> due(d, today))
                        .toList(),
                checks.latest(member.householdId(), LATEST).stream()
                        .map(r -> new RoundView(
                                r.id(),
                                all.placeName(r.kit()),
                                r.rhythm().label(),
                                Figures.day(r.startedAt().toLocalDate()),
                                r.startedBy(),
                                r.finishedAt().isPresent()
                                        ? Wording.says("checksController.finished", CheckController.found(r))
                                        : Wording.says("checksController.linesStillOpen", r.open())))
                        .toList(),
                where(all),
                alike(all),
                List.of(Rhythm.values()));
        return Shown.page("check/checks", view, model);
    }

    /** Every kit, and below it every module. */
    private static List<Where> where(Stock all) {
        return all.kits().stream()
                .flatMap(k -> all.nesting().within(k.id()).stream())
                .map(p -> new Where(p, all.address(p)))
                .toList();
    }

    private static List<Alike> alike(Stock all) {
        Map<UUID, List<Place>> byList = new LinkedHashMap<>();
        all.kits().forEach(k -> k.kitId().ifPresent(l -> byList.computeIfAbsent(l, i -> new ArrayList<>())
                .add(k)));
        List<Alike> alike = new ArrayList<>();
        byList.values().stream().filter(kits -> kits.size() > 1).forEach(kits -> alike.add(alike(kits)));
        if (all.kits().size() > 1) {
            alike.add(new Alike(
                    Wording.says("checksController.everyKit"),
                    all.kits().stream().map(Place::id).toList()));
        }
        return alike;
    }

    private static Alike alike(List<Place> kits) {
        return new Alike(
                kits.stream().map(Place::name).collect(Collectors.joining(", ")),
                kits.stream().map(Place::id).toList());
    }

    private static DueView due(Due due, LocalDate today) {
        return new DueView(
                due.kit().id(),
                due.kit().name(),
                due.rhythm(),
                due.last()
                        .map(d -> Wording.says("checksController.lastOn", d))
                        .orElse(Wording.says("checksController.neverYet")),
                Figures.day(due.due()),
                !due.due().isAfter(today));
    }

    @GetMapping("/stock/checks/new")
    String choose(@RequestParam UUID place, RedirectAttributes next) {
        next.addAttribute("place", place);
        return "redirect:/stock/checks#start";
    }

    @PostMapping("/stock/checks")
    String start(@AuthenticationPrincipal Member member, @RequestParam UUID place, @RequestParam Rhythm rhythm) {
        return "redirect:/stock/checks/" + checks.start(member.householdId(), place, rhythm, member.getUsername());
    }

    /** Several kits, one after the other. */
    @PostMapping("/stock/checks/tour")
    String tour(
            @AuthenticationPrincipal Member member,
            @RequestParam("place") List<UUID> places,
            @RequestParam Rhythm rhythm) {
        return "redirect:/stock/checks/" + checks.tour(member.householdId(), places, rhythm, member.getUsername());
    }
}
