package hodeon.app.readiness;

import hodeon.app.check.CheckService;
import hodeon.app.household.Member;
import hodeon.app.shell.Shown;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The timeline of expiries against trips and checks. */
@Controller
class TimelineController {

    private static final List<Integer> SPANS = List.of(1, 3, 6, 12, 24, 60);

    private final StockService stock;
    private final CheckService checks;
    private final PackedTrips packed;
    private final Clock clock;

    TimelineController(StockService stock, CheckService checks, PackedTrips packed, Clock clock) {
        this.stock = stock;
        this.checks = checks;
        this.packed = packed;
        this.clock = clock;
    }

    /** @param place the only one that is shown; missing for all, and {@code placeName} its name */
    record TimelinePage(
            Timeline timeline,
            Timeline.By by,
            int months,
            List<Integer> spans,
            Collection<Place> places,
            @Nullable UUID place,
            String placeName) {}

    @GetMapping("/stock/timeline")
    String page(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "KIT") Timeline.By by,
            @RequestParam(defaultValue = "12") int months,
            @RequestParam(required = false) Optional<UUID> place,
            Model model) {
        LocalDate today = LocalDate.now(clock);
        Stock all = stock.of(member.householdId());
        int span = SPANS.contains(months) ? months : 12;
        place.ifPresent(p -> stock.place(member.householdId(), p));
        TimelinePage view = new TimelinePage(
                Timeline.of(
                        all,
                        place,
                        by,
                        span,
                        packed.of(member.householdId(), all).stream()
                                .map(p -> new Timeline.Trip(
                                        p.trip().trip().name(),
                                        p.trip().trip().start(),
                                        p.trip().trip().end(),
                                        p.place().id()))
                                .toList(),
                        checks.due(member.householdId(), all).stream()
                                .map(d -> new Timeline.Check(
                                        d.kit().id(), d.due(), d.rhythm().label()))
                                .toList(),
                        today),
                by,
                span,
                SPANS,
                all.places().values(),
                place.orElse(null),
                place.map(all::placeName).orElse(""));
        return Shown.page("readiness/timeline", view, model);
    }
}
