package hodeon.app.readiness;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.check.CheckService;
import hodeon.app.kits.Packed;
import hodeon.app.kits.Readiness;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.readiness.AgainstList;
import hodeon.core.readiness.RescueShortage;
import hodeon.core.readiness.Substitution;
import hodeon.core.stock.Held;
import hodeon.core.stock.Rhythm;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A kit is ready for a trip when it was balanced and saved, lies somewhere, holds every planned piece in date beyond the
 * return and the margin, was looked over, and when everybody's rescue medicine is in it.
 */
@Service
@Transactional(readOnly = true)
public class ReadyService {

    private static final int MOST_ONE_BY_ONE = 3;

    private final Readiness readiness;
    private final ListService lists;
    private final StockService stock;
    private final CheckService checks;
    private final Clock clock;

    ReadyService(Readiness readiness, ListService lists, StockService stock, CheckService checks, Clock clock) {
        this.readiness = readiness;
        this.lists = lists;
        this.stock = stock;
        this.checks = checks;
        this.clock = clock;
    }

    /**
     * Empty when it is ready.
     *
     * @param named whether whoever reads it may see whose medicine is missing
     */
    public List<Obstacle> obstacles(StoredTrip trip, HomeAllocation.Allocated allocated, boolean named) {
        Stock all = allocated.stock();
        List<Obstacle> obstacles = new ArrayList<>();
        readiness
                .obstacles(trip.householdId(), trip)
                .forEach(w -> obstacles.add(Obstacle.open(w.what(), w.act(), w.address())));
        Optional<StoredList> kit = lists.ofTrip(trip.householdId(), trip.id());
        if (kit.isEmpty()) {
            return obstacles;
        }
        Optional<Place> place = kit.get().place(all);
        if (place.isEmpty()) {
            obstacles.add(Obstacle.open(
                    Wording.says(
                            "readyService.itIsNotSaidWhichKitLies", kit.get().name()),
                    Wording.says("readyService.sayWhereItLies"),
                    "/trips/" + trip.id() + "/ready#lies"));
            return obstacles;
        }
        List<Held> held = all.inKit(place.get().id());
        Packed.of(kit.get(), all, trip.trip().limits().mass())
                .filter(p -> !p.over().isEmpty())
                .ifPresent(p -> obstacles.add(Obstacle.open(
                        Wording.says("readyService.whatLiesInItWeighsOverThe", p.grams(), p.over()),
                        Wording.says("readyService.takeSomethingOut"),
                        "/stock/places/" + place.get().id())));
        obstacles.addAll(wantsModule(trip, kit.get(), place.get(), all)
                .map(List::of)
                .orElseGet(() -> shortages(trip, kit.get(), place.get(), allocated)));
        obstacles.addAll(rescue(trip, place.get(), held, allocated, named));
        LocalDate start = trip.trip().start();
        Optional<LocalDate> last =
                checks.lastOfEverything(trip.householdId(), place.get().id());
        // A look now would not hold yet for a trip that is further away.
        if (Rhythm.dueFor(last, start, LocalDate.now(clock))) {
            obstacles.add(new Obstacle(
                    last.map(d -> Wording.says("readyService.itWasLastLookedOverOnMore", d))
                            .orElse(Wording.says("readyService.itHasNotBeenLookedOverYet")),
                    Wording.says("readyService.checkItNow"),
                    "/stock/checks",
                    Map.of("place", place.get().id().toString(), "rhythm", Rhythm.BEFORE_TRIP.name())));
        }
        return obstacles;
    }

    /** A kit that goes along as a base lacks what this outing wants more: that comes in a module of its own. */
    private static Optional<Obstacle> wantsModule(StoredTrip trip, StoredList kit, Place place, Stock all) {
        if (kit.base().isEmpty()
                || kit.module().filter(all.places()::containsKey).isPresent()) {
            return Optional.empty();
        }
        LocalDate until = trip.trip().end().plusDays(all.rules().marginDays());
        int lacks = kit.against(place.id(), all, until, new Substitution(all.supplies()))
                .lacking()
                .size();
        return lacks == 0
                ? Optional.empty()
                : Optional.of(new Obstacle(
                        Wording.says("base.lacks", lacks, place.name()),
                        Wording.says("readyService.makeAModuleOfIt"),
                        "/trips/" + trip.id() + "/base/module",
                        Map.of("kit", place.id().toString())));
    }

    private static List<Obstacle> shortages(
            StoredTrip trip, StoredList kit, Place place, HomeAllocation.Allocated allocated) {
        Stock all = allocated.stock();
        LocalDate until = trip.trip().end().plusDays(all.rules().marginDays());
        AgainstList there = kit.against(place.id(), all, until, new Substitution(all.supplies()));
        List<Obstacle> atHome = new ArrayList<>();
        List<Obstacle> toBuy = new ArrayList<>();
        there.lacking().forEach((supply, missing) -> {
            if (Optional.ofNullable(all.supplies().get(supply))
                    .flatMap(Supply::prescribed)
                    .isPresent()) {
                return; // Told for the person it was prescribed to.
            }
            int old = there.old().getOrDefault(supply, 0);
            String what = Wording.says(
                    "readyService.of",
                    all.nameOf(supply),
                    missing,
                    all.counted(kit.pieces().getOrDefault(supply, 0), supply),
                    (old >= missing
                            ? " " + Wording.says("readyService.willNotLastUntil", until)
                            : " " + Wording.says("readyService.missing")),
                    (old > 0 && old < missing ? Wording.says("readyService.moreTooOld", old) : ""));
            Place into = filled(place, supply, allocated);
            int some = Math.min(allocated.restock().filled(into.id(), supply), missing);
            if (some > 0) {
                atHome.add(fromHome(what, trip, into, supply, some, allocated));
            } else {
                toBuy.add(Obstacle.open(what, Wording.says("readyService.onTheListToBuy"), "/restock#buy"));
            }
        });
        int kinds = atHome.size() + toBuy.size();
        return Stream.concat(
                        together(
                                atHome,
                                Wording.says("ready.home", atHome.size(), kinds),
                                Wording.says("readyService.moveThemAllFromHome"),
                                "/restock/fill",
                                Map.of("kit", place.id().toString(), "back", "/trips/" + trip.id() + "/ready"))
                                .stream(),
                        together(
                                toBuy,
                                Wording.says("ready.buy", toBuy.size(), kinds),
                                Wording.says("readyService.seeTheListToBuy"),
                                "/restock#buy",
                                Map.of())
                                .stream())
                .toList();
    }

    /** A few causes stand one by one; more that are put right by the same act are one. */
    private static List<Obstacle> together(
            List<Obstacle> alike, String what, String act, String address, Map<String, String> fields) {
        return alike.size() <= MOST_ONE_BY_ONE
                ? alike
                : List.of(new Obstacle(
                        what,
                        act,
                        address,
                        fields,
                        alike.stream().map(Obstacle::what).toList()));
    }

    /** The kit or the module in it that gets some of a supply from home. */
    private static Place filled(Place kit, String supply, HomeAllocation.Allocated allocated) {
        return allocated.stock().nesting().within(kit.id()).stream()
                .filter(p -> allocated.restock().filled(p, supply) > 0)
                .findFirst()
                .map(allocated.stock().places()::get)
                .orElse(kit);
    }

    private static Obstacle fromHome(
            String what, StoredTrip trip, Place place, String supply, int pieces, HomeAllocation.Allocated allocated) {
        return new Obstacle(
                what,
                Wording.says("readyService.moveFromHome", allocated.stock().counted(pieces, supply)),
                "/restock/fill",
                Map.of(
                        "kit",
                        place.id().toString(),
                        "supply",
                        supply,
                        "pieces",
                        String.valueOf(pieces),
                        "until",
                        allocated
                                .until()
                                .getOrDefault(place.id(), trip.trip().end())
                                .toString(),
                        "back",
                        "/trips/" + trip.id() + "/ready"));
    }

    /** Everybody's own rescue medicine, as many as each needs, in date. */
    private static List<Obstacle> rescue(
            StoredTrip trip, Place place, List<Held> held, HomeAllocation.Allocated allocated, boolean named) {
        Stock all = allocated.stock();
        return RescueShortage.of(
                        trip.trip().party().people(),
                        all.supplies().values(),
                        held,
                        trip.trip().end(),
                        all.rules().marginDays())
                .stream()
                .map(lack -> {
                    String what = Wording.says(
                            "readyService.theOf",
                            lack.medicine().label().toLowerCase(Locale.ROOT),
                            (named
                                    ? String.join(" " + Wording.says("sheetController.and") + " ", lack.people())
                                    : Wording.says("readyService.somebodyWhoGoesAlong")),
                            (lack.there() == 0
                                    ? " " + Wording.says("readyService.isNotInItInDate")
                                    : Wording.says("readyService.ofAreInItInDate", lack.there(), lack.wanted())));
                    return lack.supplies().stream()
                            .filter(s -> allocated
                                            .restock()
                                            .filled(filled(place, s, allocated).id(), s)
                                    > 0)
                            .findFirst()
                            .map(s -> {
                                Place into = filled(place, s, allocated);
                                int some = allocated.restock().filled(into.id(), s);
                                return fromHome(what, trip, into, s, Math.min(some, lack.missing()), allocated);
                            })
                            .orElseGet(() -> Obstacle.open(
                                    what,
                                    Wording.says("readyService.putItIn"),
                                    "/stock/enter?place=" + URLEncoder.encode(place.name(), StandardCharsets.UTF_8)));
                })
                .toList();
    }

    /** Says that a trip's kit lies in a place, an existing one or a new one of the kit's name. */
    @Transactional
    public void lies(StoredTrip trip, Optional<UUID> place) {
        StoredList kit = lists.ofTrip(trip.householdId(), trip.id())
                .orElseThrow(() -> new NotHere("kit of outing " + trip.id()));
        stock.placesOfKit(trip.householdId(), kit.id())
                .forEach(p -> stock.plan(trip.householdId(), p, Optional.empty()));
        UUID id = place.orElseGet(() -> stock.of(trip.householdId()).kits().stream()
                .filter(p -> p.name().equalsIgnoreCase(kit.name()))
                .map(Place::id)
                .findFirst()
                .orElseGet(() -> stock.addPlace(
                        trip.householdId(), kit.name(), Place.Kind.KIT, Optional.empty(), Optional.empty())));
        stock.plan(trip.householdId(), id, Optional.of(kit.id()));
    }
}
