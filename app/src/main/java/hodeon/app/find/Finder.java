package hodeon.app.find;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.help.HousePages;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Catalogue;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriUtils;

/** Finds what belongs to a household by the words of its name: every word must begin a word of the name. */
@Component
class Finder {

    private static final int MOST = 30;
    private static final String OF_OUTING = "{trip}";

    private final TripService trips;
    private final ListService lists;
    private final StockService stock;
    private final PeopleService people;
    private final HouseholdEvidence knowledge;
    private final HousePages pages;
    private final Clock clock;

    Finder(
            TripService trips,
            ListService lists,
            StockService stock,
            PeopleService people,
            HouseholdEvidence knowledge,
            HousePages pages,
            Clock clock) {
        this.pages = pages;
        this.people = people;
        this.trips = trips;
        this.lists = lists;
        this.stock = stock;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /** @param here the trip that is being looked at, to which supplies and problems lead; else the next one */
    List<Found> find(UUID householdId, String typed, Optional<UUID> here) {
        List<String> words = words(typed);
        if (words.isEmpty()) {
            return List.of();
        }
        List<StoredTrip> all = trips.everything(householdId);
        return everything(householdId, all, here).stream()
                .filter(f -> matches(f.name() + " " + f.also(), words))
                .sorted(Comparator.comparing(
                        f -> !f.name().toLowerCase(Locale.ROOT).startsWith(words.getFirst())))
                .limit(MOST)
                .toList();
    }

    private List<Found> everything(UUID householdId, List<StoredTrip> all, Optional<UUID> here) {
        List<Found> found = new ArrayList<>();
        pages(next(all, here), found);
        for (StoredTrip trip : all) {
            String path = "/trips/" + trip.id();
            found.add(new Found(
                    "outing",
                    trip.trip().name(),
                    trip.trip()
                            .standing()
                            .map(use -> Wording.says("finder.whatAKitIsForFilledUp", Figures.days(use.refillDays())))
                            .orElseGet(() -> Figures.day(trip.trip().start())),
                    path + "/mat"));
        }
        for (StoredList list : lists.all(householdId)) {
            found.add(new Found("list", list.name(), Figures.grams(list.mass()), "/lists/" + list.id()));
        }
        Stock owned = stock.of(householdId);
        owned.places()
                .values()
                .forEach(p -> found.add(new Found(
                        "place", p.name(), p.kind().word(), (p.isShelf() ? "/stock/places/" : "/kits/") + p.id())));
        people.all(householdId)
                .forEach(k -> found.add(new Found(
                        "person", k.profile().name(), Wording.says("finder.yourPeople"), "/people/" + k.id())));
        for (StoredTrip trip : all) {
            trip.trip()
                    .party()
                    .people()
                    .forEach(person -> found.add(new Found(
                            "person",
                            person.name(),
                            trip.trip().name(),
                            "/trips/" + trip.id() + "/odds?person="
                                    + UriUtils.encodeQueryParam(person.name(), StandardCharsets.UTF_8))));
        }
        next(all, here).ifPresent(trip -> ofCatalogue(householdId, trip, found));
        owned.held()
                .forEach(h -> found.add(new Found(
                        Wording.says("finder.inStock"),
                        owned.nameOf(h.lot().supply()),
                        Wording.says("finder.in", h.pieces(), owned.placeName(h.place())),
                        "/stock/lots/" + h.lot().id())));
        return found;
    }

    /** Pages and acts; those of an outing only where there is one. */
    private void pages(Optional<StoredTrip> outing, List<Found> found) {
        for (HousePages.Page page : pages.pages()) {
            boolean ofOuting = page.address().contains(OF_OUTING);
            if (!ofOuting || outing.isPresent()) {
                found.add(new Found(
                        "page",
                        page.name(),
                        ofOuting ? outing.map(t -> t.trip().name()).orElse("") : "",
                        page.address()
                                .replace(
                                        OF_OUTING,
                                        outing.map(t -> t.id().toString()).orElse("")),
                        page.also()));
            }
        }
    }

    private void ofCatalogue(UUID householdId, StoredTrip trip, List<Found> found) {
        Catalogue catalogue = knowledge.of(householdId).catalogue();
        String path = "/trips/" + trip.id();
        catalogue
                .supplies()
                .forEach(s -> found.add(new Found(
                        "supply",
                        s.name(),
                        Wording.says("finder.onTheMatOf", trip.trip().name()),
                        path + "/mat?about=" + s.id() + "#tile-" + s.id())));
        catalogue
                .problems()
                .forEach(p -> found.add(new Found(
                        "problem",
                        p.name(),
                        Wording.says(
                                "finder.whatServesItOnTheMatOf", trip.trip().name()),
                        path + "/mat?problem=" + p.id())));
    }

    private Optional<StoredTrip> next(List<StoredTrip> all, Optional<UUID> here) {
        LocalDate today = LocalDate.now(clock);
        return all.stream()
                .filter(t -> here.isPresent() && t.id().equals(here.get()))
                .findFirst()
                .or(() -> all.stream()
                        .filter(t -> !t.trip().end().isBefore(today))
                        .findFirst())
                .or(() -> all.stream().reduce((first, last) -> last));
    }

    private static boolean matches(String name, List<String> words) {
        List<String> known = words(name);
        return words.stream().allMatch(w -> known.stream().anyMatch(k -> k.startsWith(w)));
    }

    private static List<String> words(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d]+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }
}
