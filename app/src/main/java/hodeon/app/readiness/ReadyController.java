package hodeon.app.readiness;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.household.Right;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.LotView;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.readiness.AgainstList;
import hodeon.core.readiness.Substitution;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
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
    private final ListService lists;
    private final TripService trips;
    private final Progress progress;
    private final Clock clock;

    ReadyController(
            ReadyService ready,
            HomeAllocation allocation,
            ListService lists,
            TripService trips,
            Progress progress,
            Clock clock) {
        this.ready = ready;
        this.allocation = allocation;
        this.lists = lists;
        this.trips = trips;
        this.progress = progress;
        this.clock = clock;
    }

    /** A planned kind against what lies there. @param where compartments and modules that it lies in; empty if nobody said */
    record LineView(Supply supply, String where, int planned, int there, int good, String first, LotView.State state) {

        public String name() {
            return supply.name();
        }

        public String says(int pieces) {
            return Figures.pieces(pieces, supply);
        }
    }

    /** A kit, or a module that may be all that goes along. */
    record Choice(UUID id, String name) {}

    /**
     * The page.
     *
     * @param kit its name, and {@code place} where it lies; each empty if there is none
     * @param places kits and modules that it may be packed in
     * @param base whether it lies in a kit that stands somewhere and goes along as it is
     * @param module what lies in that for this outing alone; empty if nothing does
     * @param shelves where things may go afterwards
     * @param until the day to which everything has to last
     */
    record ReadyPage(
            Progress.Strip strip,
            List<Obstacle> obstacles,
            String kit,
            String place,
            @Nullable UUID placeId,
            List<Choice> places,
            boolean base,
            String module,
            List<Place> shelves,
            LocalDate until,
            List<LineView> lines) {}

    @GetMapping("/trips/{id}/ready")
    String page(@AuthenticationPrincipal Member member, @PathVariable UUID id, Model model) {
        StoredTrip trip = trips.find(member.householdId(), id);
        HomeAllocation.Allocated allocated = allocation.of(member.householdId());
        Stock all = allocated.stock();
        Optional<StoredList> kit = lists.ofTrip(member.householdId(), id);
        Optional<Place> place = kit.flatMap(k -> k.place(all));
        ReadyPage view = new ReadyPage(
                progress.of(member.householdId(), trip, "Ready"),
                ready.obstacles(trip, allocated, member.may(Right.PEOPLE)),
                kit.map(StoredList::name).orElse(""),
                place.map(Place::name).orElse(""),
                place.map(Place::id).orElse(null),
                all.places().values().stream()
                        .filter(p -> !p.isShelf() && p.facts().retiredOn().isEmpty())
                        .map(p -> new Choice(p.id(), all.address(p.id())))
                        .toList(),
                kit.flatMap(StoredList::base).isPresent(),
                kit.flatMap(StoredList::module)
                        .map(all.places()::get)
                        .map(Place::name)
                        .orElse(""),
                all.shelves(),
                trip.trip().end().plusDays(all.rules().marginDays()),
                place.isPresent()
                        ? lines(kit.orElseThrow(), place.get(), all, trip.trip().end())
                        : List.of());
        return Shown.page("readiness/ready", view, model);
    }

    private List<LineView> lines(StoredList kit, Place place, Stock all, LocalDate back) {
        List<Held> held = all.inKit(place.id());
        LocalDate today = LocalDate.now(clock);
        LocalDate until = back.plusDays(all.rules().marginDays());
        AgainstList against = kit.against(place.id(), all, until, new Substitution(all.supplies()));
        List<LineView> lines = new ArrayList<>();
        for (int i = 0; i < against.lines().size(); i++) {
            AgainstList.State state = against.lines().get(i);
            String supply = state.line().supply();
            int old = against.old().getOrDefault(supply, 0);
            int there = state.good() + old;
            lines.add(new LineView(
                    kit.lines().get(i).supply(),
                    held.stream()
                            .filter(h -> h.lot().supply().equals(supply))
                            .map(h -> h.place().equals(place.id())
                                    ? all.pocket(h.place(), supply)
                                    : all.where(h.place(), supply))
                            .filter(w -> !w.isEmpty())
                            .distinct()
                            .collect(Collectors.joining(", ")),
                    state.line().target(),
                    there,
                    state.good(),
                    state.covered().isEmpty()
                            ? held.stream()
                                    .filter(h -> h.lot().supply().equals(supply))
                                    .min(Held.FIRST_EXPIRED)
                                    .map(h -> LotView.of(h, all, today).until())
                                    .orElse("–")
                            : state.covered().stream()
                                    .map(c -> Wording.says(
                                            "readyController.coveredBy", all.named(c.pieces(), c.supply())))
                                    .collect(Collectors.joining(", ")),
                    state.lacks() == 0 ? LotView.State.FINE : there == 0 ? LotView.State.OVER : LotView.State.SOON));
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
