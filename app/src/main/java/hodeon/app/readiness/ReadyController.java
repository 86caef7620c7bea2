package hodeon.app.readiness;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.kits.Kit;
import hodeon.app.kits.KitService;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.stock.LotView;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import hodeon.core.stock.Shortage;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Ready, or not ready because …, with one step for each cause; and the kit as it lies against the plan. */
@Controller
class ReadyController {

    private final ReadyService ready;
    private final HomeAllocation allocation;
    private final KitService kits;
    private final TripService trips;
    private final Progress progress;
    private final Clock clock;

    ReadyController(
            ReadyService ready,
            HomeAllocation allocation,
            KitService kits,
            TripService trips,
            Progress progress,
            Clock clock) {
        this.ready = ready;
        this.allocation = allocation;
        this.kits = kits;
        this.trips = trips;
        this.progress = progress;
        this.clock = clock;
    }

    /** A planned kind against what lies there. */
    record LineView(Supply supply, int planned, int there, int good, String first, LotView.State state) {

        public String name() {
            return supply.name();
        }

        public String says(int pieces) {
            return Figures.pieces(pieces, supply);
        }
    }

    /**
     * The page.
     *
     * @param kit its name, and {@code place} where it lies; each empty if there is none
     * @param places kits that it may be packed in
     * @param until the day to which everything has to last
     */
    record ReadyPage(
            Progress.Strip strip,
            List<Obstacle> obstacles,
            String kit,
            String place,
            @Nullable UUID placeId,
            List<Place> places,
            String until,
            List<LineView> lines) {}

    @GetMapping("/trips/{id}/ready")
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        StoredTrip trip = trips.find(member.householdId(), id);
        HomeAllocation.Allocated allocated = allocation.of(member.householdId());
        Stock all = allocated.stock();
        Optional<Kit> kit = kits.ofTrip(member.householdId(), id);
        Optional<Place> place = kit.flatMap(k -> all.placeOf(k.id()));
        ReadyPage view = new ReadyPage(
                progress.of(member.householdId(), trip, "Ready"),
                ready.obstacles(trip, allocated),
                kit.map(Kit::name).orElse(""),
                place.map(Place::name).orElse(""),
                place.map(Place::id).orElse(null),
                all.kits(),
                trip.trip().end().plusDays(all.rules().marginDays()).toString(),
                place.isPresent()
                        ? lines(kit.orElseThrow(), place.get(), all, trip.trip().end())
                        : List.of());
        return Shown.page("readiness/ready", view, model);
    }

    private List<LineView> lines(Kit kit, Place place, Stock all, LocalDate back) {
        List<Held> held = all.inKit(place.id());
        Map<String, Integer> planned = new LinkedHashMap<>();
        Map<String, Supply> supplies = new HashMap<>();
        kit.lines().forEach(l -> {
            planned.put(l.supply().id(), l.pieces());
            supplies.put(l.supply().id(), l.supply());
        });
        LocalDate today = LocalDate.now(clock);
        List<LineView> lines = new ArrayList<>();
        for (Shortage count : Shortage.counted(planned, held, back, all.rules().marginDays())) {
            int there = count.good() + count.old();
            lines.add(new LineView(
                    Objects.requireNonNull(supplies.get(count.supply())),
                    count.wanted(),
                    there,
                    count.good(),
                    held.stream()
                            .filter(h -> h.lot().supply().equals(count.supply()))
                            .min(Held.FIRST_EXPIRED)
                            .map(h -> LotView.of(h, all, today).until())
                            .orElse("–"),
                    count.missing() <= 0 ? LotView.State.FINE : there == 0 ? LotView.State.OVER : LotView.State.SOON));
        }
        return lines;
    }

    @PostMapping("/trips/{id}/ready/lies")
    String lies(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(required = false) Optional<UUID> place) {
        ready.lies(trips.find(member.householdId(), id), place);
        return "redirect:/trips/" + id + "/ready";
    }
}
