package hodeon.app.shelf;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.check.CheckService;
import hodeon.app.household.Member;
import hodeon.app.household.Right;
import hodeon.app.household.style.Styles;
import hodeon.app.kits.KitShelf;
import hodeon.app.kits.list.StoredList;
import hodeon.app.readiness.HomeAllocation;
import hodeon.app.readiness.Obstacle;
import hodeon.app.readiness.ReadyService;
import hodeon.app.sample.Example;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Paged;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Home: what needs a hand, the household's next trips and its kits. */
@Controller
class ShelfController {

    private final TripService trips;
    private final ReadyService ready;
    private final HomeAllocation allocation;
    private final CheckService checks;
    private final Example example;
    private final Styles styles;
    private final Clock clock;

    ShelfController(
            TripService trips,
            ReadyService ready,
            HomeAllocation allocation,
            CheckService checks,
            Styles styles,
            Clock clock,
            Example example) {
        this.styles = styles;
        this.example = example;
        this.trips = trips;
        this.ready = ready;
        this.allocation = allocation;
        this.checks = checks;
        this.clock = clock;
    }

    private static final int MOST_OF_A_TRIP = 3;

    /** The shelf shows what is near; everything else has a page of its own. */
    private static final int MOST_COMING = 12;

    private static final int MOST_PAST = 12;
    private static final int MOST_KITS = 60;
    private static final int MOST_HANDS = 40;
    private static final int TRIPS_A_PAGE = 50;

    /** Something to do, the soonest first. */
    record Hand(String trip, String when, String what, String act, String address) {}

    /**
     * Home.
     *
     * @param hands what needs one, and {@code moreHands} how much more there is
     * @param englishAgain whether the household once read German and whoever looks may close the notice of its end
     * @param blank whether there is nothing yet, so that it says how to begin
     * @param moreTrips how many trips there are in all, if not every one is shown; else 0
     */
    record ShelfPage(
            List<Hand> hands,
            int moreHands,
            long moreTrips,
            List<TripCard> coming,
            List<TripCard> past,
            List<KitOnShelf> kits,
            boolean blank,
            boolean example,
            boolean englishAgain,
            String household) {}

    record TripsPage(Paged<StoredTrip> paged, List<TripCard> trips) {}

    @GetMapping("/")
    String shelf(@AuthenticationPrincipal Member member, Model model) {
        UUID household = member.householdId();
        LocalDate today = LocalDate.now(clock);
        List<TripCard> coming = new ArrayList<>();
        List<TripCard> past = new ArrayList<>();
        List<Hand> hands = new ArrayList<>();
        HomeAllocation.Allocated allocated = allocation.of(household);
        Stock owned = allocated.stock();
        for (StoredTrip trip : trips.coming(household, today, MOST_COMING)) {
            List<Obstacle> obstacles = ready.obstacles(trip, allocated, member.may(Right.PEOPLE));
            TripCard card = TripCard.of(trip, obstacles, today);
            coming.add(card);
            hands.addAll(hands(card, obstacles));
        }
        trips.past(household, today, MOST_PAST).forEach(t -> past.add(TripCard.of(t, List.of(), today)));
        long trips = this.trips.count(household);
        hands.addAll(overdue(household, owned, today));
        Map<UUID, StoredList> byId = allocated.lists();
        List<KitOnShelf> kits =
                KitShelf.cards(KitShelf.inOrder(owned).stream().limit(MOST_KITS).toList(), byId, owned, today).stream()
                        .map(k -> onShelf(household, k, k.list().map(byId::get), coming, owned))
                        .toList();
        ShelfPage view = new ShelfPage(
                hands.subList(0, Math.min(MOST_HANDS, hands.size())),
                Math.max(0, hands.size() - MOST_HANDS),
                trips > coming.size() + past.size() ? trips : 0,
                coming,
                past,
                kits,
                coming.isEmpty() && past.isEmpty() && kits.isEmpty(),
                example.isThere(household),
                member.may(Right.PLAN) && styles.readsEnglishAgain(household),
                member.householdName());
        return Shown.page("shelf/shelf", view, model);
    }

    /** Every trip, the latest first. */
    @GetMapping("/trips")
    String allTrips(@AuthenticationPrincipal Member member, @RequestParam(defaultValue = "1") int page, Model model) {
        LocalDate today = LocalDate.now(clock);
        Paged<StoredTrip> some = trips.page(member.householdId(), page, TRIPS_A_PAGE);
        TripsPage view = new TripsPage(
                some,
                some.things().stream()
                        .map(t -> TripCard.of(t, List.of(), today))
                        .toList());
        return Shown.page("shelf/trips", view, model);
    }

    /** The first few of what a trip obstacles; the rest stands on its own page. */
    private static List<Hand> hands(TripCard card, List<Obstacle> obstacles) {
        List<Hand> hands = new ArrayList<>();
        String page = "/trips/" + card.id() + "/ready";
        obstacles.stream()
                .limit(MOST_OF_A_TRIP)
                .forEach(w -> hands.add(new Hand(
                        card.name(), card.when(), w.what(), w.act(), w.fields().isEmpty() ? w.address() : page)));
        int more = obstacles.size() - hands.size();
        if (more > 0) {
            hands.add(new Hand(
                    card.name(),
                    card.when(),
                    Wording.says(
                            "shelfController.toDo", Figures.counted(more, Wording.says("shelfController.moreThing"))),
                    Wording.says("shelfController.seeAll"),
                    page));
        }
        return hands;
    }

    /** What lies past its date in kits, and checks that are due. */
    private List<Hand> overdue(UUID household, Stock owned, LocalDate today) {
        List<Hand> hands = new ArrayList<>();
        for (Place kit : owned.kits()) {
            long old = owned.inKit(kit.id()).stream()
                    .filter(h -> h.lastDay().isBefore(today))
                    .count();
            if (old > 0) {
                hands.add(new Hand(kit.name(), "", Wording.says("lots.past", old), "Look", "/kits/" + kit.id()));
            }
        }
        checks.due(household, owned).stream()
                .filter(d -> !d.due().isAfter(today))
                .forEach(d -> hands.add(new Hand(
                        d.kit().name(),
                        "",
                        Wording.says(
                                "shelfController.theCheckIsDueSince", d.rhythm().label(), d.due()),
                        Wording.says("shelfController.checkIt"),
                        "/stock/checks")));
        return hands;
    }

    private KitOnShelf onShelf(
            UUID household, KitShelf.Card kit, Optional<StoredList> list, List<TripCard> coming, Stock owned) {
        Optional<StoredTrip> trip = list.flatMap(StoredList::tripId).map(id -> trips.find(household, id));
        return KitOnShelf.of(kit, list, trip, coming, owned);
    }
}
