package hodeon.app.contents;

import hodeon.app.catalogue.ReadLine;
import hodeon.app.catalogue.Understanding;
import hodeon.app.household.Member;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.readiness.OtherKits;
import hodeon.core.readiness.Substitution;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A kit held against what others carry, both ways: what most have and it has not, and what it has and hardly anybody has. */
@Controller
@RequestMapping("/kits/{id}/others")
class OthersController {

    private final Understanding understanding;
    private final StockService stock;

    OthersController(Understanding understanding, StockService stock) {
        this.understanding = understanding;
        this.stock = stock;
    }

    /** @param share such as “80 %” @param instead what stands in for it here; empty if nothing does */
    record Thing(String name, String share, String instead) {}

    /**
     * @param lacks what others have and this kit has not, what most have first
     * @param alone what it has, what fewest others have first
     * @param open lines that are not understood for sure, and so not counted
     */
    record OthersPage(
            UUID id, String name, String text, String read, List<Thing> lacks, List<Thing> alone, List<String> open) {}

    @GetMapping
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        String name = stock.place(member.householdId(), id).name();
        return Shown.page("contents/others", new OthersPage(id, name, "", "", List.of(), List.of(), List.of()), model);
    }

    @PostMapping
    String compare(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String text,
            Model model) {
        String name = stock.place(member.householdId(), id).name();
        OtherKits others = OtherKits.read(text);
        List<String> written =
                others.lines().stream().map(OtherKits.Line::thing).distinct().toList();
        List<ReadLine> read = understanding.read(member.householdId(), String.join("\n", written));
        Map<String, String> meant = new HashMap<>();
        read.stream().filter(l -> !l.supply().isEmpty()).forEach(l -> meant.put(l.text(), l.supply()));
        Map<String, Double> shares = others.shares(meant);
        Stock all = stock.of(member.householdId());
        Map<String, Integer> mine = new LinkedHashMap<>();
        all.inKit(id).forEach(h -> mine.merge(h.lot().supply(), h.pieces(), Integer::sum));
        List<String> open = new ArrayList<>(written);
        open.removeAll(meant.keySet());
        OthersPage view = new OthersPage(
                id,
                name,
                text,
                others.lines().isEmpty()
                        ? Wording.says("othersController.nothingWasWritten")
                        : Wording.says(
                                "others.read",
                                others.lists(),
                                Figures.counted(shares.size(), "kind"),
                                Figures.counted(mine.size(), "kind"),
                                name),
                shares.entrySet().stream()
                        .filter(e -> !mine.containsKey(e.getKey()))
                        .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                        .map(e -> new Thing(
                                all.nameOf(e.getKey()),
                                Figures.percent(e.getValue()),
                                instead(e.getKey(), mine.keySet(), all)))
                        .toList(),
                others.lines().isEmpty()
                        ? List.of()
                        : mine.keySet().stream()
                                .sorted(Comparator.comparingDouble(s -> shares.getOrDefault(s, 0.0)))
                                .map(s -> new Thing(
                                        all.nameOf(s),
                                        shares.containsKey(s) ? Figures.percent(shares.getOrDefault(s, 0.0)) : "nobody",
                                        ""))
                                .toList(),
                open);
        return Shown.page("contents/others", view, model);
    }

    private static String instead(String supply, Set<String> mine, Stock all) {
        Substitution substitution = new Substitution(all.supplies());
        return mine.stream()
                .filter(own -> substitution.standsInFor(own, supply))
                .map(all::nameOf)
                .collect(Collectors.joining(", "));
    }
}
