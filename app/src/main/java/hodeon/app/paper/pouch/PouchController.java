package hodeon.app.paper.pouch;

import hodeon.app.household.Member;
import hodeon.app.paper.Card;
import hodeon.app.paper.PaperSize;
import hodeon.app.paper.Pdf;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.stock.StockService;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The papers in the pouch: looked at as they will lie on the paper, printed one by one, all, or what changed. */
@Controller
@RequestMapping("/kits/{id}/papers")
class PouchController {

    private final PouchCards cards;
    private final LabelGrids grids;
    private final Printed printed;
    private final StockService stock;
    private final Pdf pdf;

    PouchController(PouchCards cards, LabelGrids grids, Printed printed, StockService stock, Pdf pdf) {
        this.cards = cards;
        this.grids = grids;
        this.printed = printed;
        this.stock = stock;
        this.pdf = pdf;
    }

    /** @param changed whether something else stands on it than when it was last printed */
    record Choice(String key, String name, boolean changed) {}

    /** @param changed papers to print again */
    record PapersPage(
            UUID id,
            String name,
            List<Choice> choices,
            String chosen,
            PaperSize size,
            List<PaperSize> sizes,
            List<Card> cards,
            int changed,
            GridForm grid,
            List<Fault> faults) {}

    @GetMapping
    String page(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String paper,
            @RequestParam(defaultValue = "a6") String size,
            Model model) {
        return page(member, id, paper, size, GridForm.of(grids.of(member.householdId())), List.of(), model);
    }

    private String page(
            Member member, UUID id, String paper, String size, GridForm grid, List<Fault> faults, Model model) {
        Map<String, PouchCards.Named> papers = papers(member, id);
        String key = paper.isEmpty() ? papers.keySet().iterator().next() : paper;
        PouchCards.Named chosen = one(papers, key);
        List<String> changed = printed.changed(member.householdId(), id, cards(papers));
        PapersPage view = new PapersPage(
                id,
                stock.place(member.householdId(), id).name(),
                papers.entrySet().stream()
                        .map(e -> new Choice(e.getKey(), e.getValue().name(), changed.contains(e.getKey())))
                        .toList(),
                key,
                chosen.sheet() ? PaperSize.SHEET : PaperSize.of(size),
                chosen.sheet() ? List.of() : PaperSize.ofCards(),
                List.of(chosen.card()),
                changed.size(),
                grid,
                faults);
        return Shown.page("paper/pouch", view, model);
    }

    private Map<String, PouchCards.Named> papers(Member member, UUID id) {
        stock.place(member.householdId(), id);
        return cards.of(member.householdId(), id, grids.of(member.householdId()));
    }

    private static PouchCards.Named one(Map<String, PouchCards.Named> papers, String key) {
        return Optional.ofNullable(papers.get(key)).orElseThrow(() -> new NotHere("paper " + key));
    }

    private static Map<String, List<? extends Card>> cards(Map<String, PouchCards.Named> papers) {
        Map<String, List<? extends Card>> cards = new LinkedHashMap<>();
        papers.forEach((key, named) -> cards.put(key, List.of(named.card())));
        return cards;
    }

    /** One paper; nothing is remembered of it. */
    @GetMapping("/one.pdf")
    ResponseEntity<byte[]> one(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam String paper,
            @RequestParam(defaultValue = "a6") String size) {
        PouchCards.Named named = one(papers(member, id), paper);
        return Pdf.shown(pdf.of(List.of(named.card()), named.sheet() ? PaperSize.SHEET : PaperSize.of(size)), "papers");
    }

    /**
     * Everything, or what changed since the last time; from then on it counts as printed.
     *
     * @param which all or changed
     */
    @PostMapping("/print.pdf")
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "all") String which,
            @RequestParam(defaultValue = "a6") String size) {
        Map<String, PouchCards.Named> papers = papers(member, id);
        Map<String, List<? extends Card>> all = cards(papers);
        if (which.equals("changed")) {
            all.keySet().retainAll(printed.changed(member.householdId(), id, all));
        }
        if (all.isEmpty()) {
            throw new NotHere("anything that changed since it was printed");
        }
        List<PouchCards.Named> named = papers.entrySet().stream()
                .filter(e -> all.containsKey(e.getKey()))
                .map(Map.Entry::getValue)
                .toList();
        List<Card> sheets = named.stream()
                .filter(PouchCards.Named::sheet)
                .map(PouchCards.Named::card)
                .toList();
        List<Card> others = named.stream()
                .filter(n -> !n.sheet())
                .map(PouchCards.Named::card)
                .toList();
        byte[] made = pdf.of(others, PaperSize.of(size), sheets);
        printed.keep(member.householdId(), id, all);
        return Pdf.shown(made, "papers");
    }

    @PostMapping("/grid")
    String grid(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            GridForm form,
            HttpServletResponse response,
            Model model) {
        Faults faults = new Faults();
        Optional<LabelGrid> grid = form.read(faults);
        if (grid.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(member, id, "labels", "", form, faults.all(), model);
        }
        grids.keep(member.householdId(), grid.get());
        return "redirect:/kits/" + id + "/papers?paper=labels";
    }
}
