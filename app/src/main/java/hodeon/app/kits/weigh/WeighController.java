package hodeon.app.kits.weigh;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.household.Member;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Figures;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Weighs all of a kit in one round: so many pieces on the scale, what it shows; all of it is kept, or nothing. */
@Controller
@RequestMapping("/kits/{id}/weigh")
class WeighController {

    private static final BigDecimal MOST_GRAMS = BigDecimal.valueOf(50_000);
    private static final int MOST_PIECES = 10_000;

    private final StockService stock;
    private final OwnCatalogue catalogues;

    WeighController(StockService stock, OwnCatalogue catalogues) {
        this.stock = stock;
        this.catalogues = catalogues;
    }

    /**
     * One kind.
     *
     * @param known what one piece weighs as far as is known, and {@code grams} what the scale shows for {@code pieces}; empty if not weighed
     */
    record Line(String supply, String name, String unit, String known, String pieces, String grams) {}

    record WeighPage(UUID id, String kit, List<Line> lines, List<Fault> faults) {}

    @GetMapping
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        return shown(member, id, Map.of(), List.of(), model);
    }

    @PostMapping
    String keep(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam List<String> supply,
            @RequestParam(required = false) @Nullable List<String> pieces,
            @RequestParam(required = false) @Nullable List<String> grams,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        UUID household = member.householdId();
        stock.place(household, id);
        Map<String, Supply> known = new LinkedHashMap<>();
        catalogues.of(household).catalogue().supplies().forEach(s -> known.put(s.id(), s));
        Faults faults = new Faults();
        FieldReader read = new FieldReader(faults);
        Map<String, String[]> typed = new LinkedHashMap<>();
        Map<String, BigDecimal> each = new LinkedHashMap<>();
        for (int i = 0; i < supply.size(); i++) {
            String some = RepeatedFields.at(RepeatedFields.sent(pieces), i);
            String shown = RepeatedFields.at(RepeatedFields.sent(grams), i);
            typed.put(supply.get(i), new String[] {some, shown});
            Optional<Supply> what = Optional.ofNullable(known.get(supply.get(i)));
            if (!shown.isBlank() && what.isPresent()) {
                String of = what.get().name();
                int number = read.whole(
                        "pieces", some, 1, MOST_PIECES, Wording.says("weighController.theNumberOnTheScale", of));
                read.number(
                                "grams",
                                shown,
                                Wording.says("weighController.whatTheScaleShows", of),
                                new BigDecimal("0.1"),
                                MOST_GRAMS,
                                2,
                                "g")
                        .ifPresent(g -> each.put(
                                what.get().id(),
                                g.divide(BigDecimal.valueOf(number), 2, RoundingMode.HALF_UP)
                                        .max(new BigDecimal("0.01"))));
            }
        }
        if (!faults.none()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return shown(member, id, typed, faults.all(), model);
        }
        each.forEach((what, mass) -> catalogues.keepSupply(
                household,
                catalogues
                        .text(household, what)
                        .replaceFirst(
                                "(?m)^mass = .*$",
                                "mass = " + mass.stripTrailingZeros().toPlainString())));
        next.addFlashAttribute("said", Figures.counted(each.size(), "kind") + " weighed; their masses are yours now.");
        return "redirect:/kits/" + id;
    }

    private String shown(Member member, UUID id, Map<String, String[]> typed, List<Fault> faults, Model model) {
        String kit = stock.place(member.householdId(), id).name();
        Stock here = stock.at(member.householdId(), id);
        Map<String, Integer> lying = new LinkedHashMap<>();
        here.inKit(id).forEach(h -> lying.merge(h.lot().supply(), h.pieces(), Integer::sum));
        List<Line> lines = new ArrayList<>();
        lying.forEach((what, pieces) -> Optional.ofNullable(here.supplies().get(what))
                .ifPresent(s -> lines.add(new Line(
                        s.id(),
                        s.name(),
                        Figures.unit(pieces, s.piece()),
                        Figures.grams(s.mass()),
                        typed.containsKey(what) ? typed.get(what)[0] : String.valueOf(pieces),
                        typed.containsKey(what) ? typed.get(what)[1] : ""))));
        return Shown.page("kits/weigh", new WeighPage(id, kit, lines, faults), model);
    }
}
