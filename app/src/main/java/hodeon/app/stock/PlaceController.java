package hodeon.app.stock;

import hodeon.app.household.Member;
import hodeon.app.shell.Paged;
import hodeon.app.shell.Shown;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.notice.Fault;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Places: what lies in one, and what is missing there. */
@Controller
class PlaceController {

    private static final int LOTS_A_PAGE = 100;

    private final StockService stock;
    private final MissingThings missing;
    private final Clock clock;

    PlaceController(StockService stock, MissingThings missing, Clock clock) {
        this.stock = stock;
        this.missing = missing;
        this.clock = clock;
    }

    @PostMapping("/stock/places")
    String addPlace(
            @AuthenticationPrincipal Member member,
            @RequestParam String name,
            @RequestParam Place.Kind kind,
            @RequestParam(required = false) Optional<UUID> inside,
            RedirectAttributes next) {
        Optional<Fault> fault = stock.fault(member.householdId(), name, kind, inside);
        if (fault.isPresent()) {
            next.addFlashAttribute("faults", List.of(fault.get()));
            return "redirect:/stock#new-place";
        }
        return "redirect:/stock/places/" + stock.addPlace(member.householdId(), name, kind, inside, Optional.empty());
    }

    /** A kind that its kit lacks. */
    record LackingView(String supply, UUID place, String placeName, String name, LocalDate since) {}

    /**
     * A place and what lies in it.
     *
     * @param kit whether it is one
     * @param several whether things lie in more than one pocket of it
     */
    record PlacePage(
            PlaceView place,
            boolean kit,
            Paged<Held> paged,
            List<LotView> lots,
            List<LackingView> missing,
            boolean several) {}

    @GetMapping("/stock/places/{id}")
    String place(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) Optional<Integer> page,
            Model model) {
        Place place = stock.place(member.householdId(), id);
        if (!place.isShelf() && page.isEmpty()) {
            return "redirect:/kits/" + id;
        }
        Stock here = stock.at(member.householdId(), id);
        LocalDate today = LocalDate.now(clock);
        Paged<Held> paged = Paged.of(LotView.inOrder(here.held(), here), page.orElse(1), LOTS_A_PAGE);
        PlacePage view = new PlacePage(
                PlaceView.of(place, here, today),
                place.kind() == Place.Kind.KIT,
                paged,
                paged.things().stream().map(h -> LotView.of(h, here, today)).toList(),
                missing.at(member.householdId(), id, here).stream()
                        .map(m -> new LackingView(
                                m.supply(), m.place(), here.placeName(m.place()), here.nameOf(m.supply()), m.since()))
                        .toList(),
                here.held().stream().map(Held::place).distinct().count() > 1);
        return Shown.page("stock/place", view, model);
    }

    @PostMapping("/stock/places/{id}/let-go")
    String letGo(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam UUID place,
            @RequestParam String supply,
            RedirectAttributes next) {
        boolean shelf = stock.place(member.householdId(), id).isShelf();
        Stock here = stock.at(member.householdId(), id);
        missing.at(member.householdId(), id, here).stream()
                .filter(m -> m.place().equals(place) && m.supply().equals(supply))
                .forEach(m -> missing.letGo(member.householdId(), m));
        next.addFlashAttribute("said", here.nameOf(supply) + " no longer belongs here.");
        return "redirect:" + (shelf ? "/stock/places/" : "/kits/") + id;
    }
}
