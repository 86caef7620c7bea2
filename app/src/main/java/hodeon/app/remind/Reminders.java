package hodeon.app.remind;

import hodeon.app.brief.TripService;
import hodeon.app.check.CheckService;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything a household is reminded of: what expires where, which checks are due, which trips come. */
@Service
@Transactional(readOnly = true)
class Reminders {

    /** Trips ahead that are reminded of; nobody plans more at once. */
    private static final int MOST_TRIPS = 500;

    private static final int YEARS_AHEAD = 5;
    private static final int NAMED = 20;

    private final StockService stock;
    private final CheckService checks;
    private final TripService trips;
    private final Clock clock;

    Reminders(StockService stock, CheckService checks, TripService trips, Clock clock) {
        this.stock = stock;
        this.checks = checks;
        this.trips = trips;
        this.clock = clock;
    }

    /**
     * Something on days.
     *
     * @param id always the same for the same thing
     * @param last inclusive
     * @param daysBefore how long before it wants to be noticed
     */
    record Reminder(UUID id, LocalDate first, LocalDate last, String title, String text, int daysBefore) {}

    /** The soonest first; what expires in a place on one day is one reminder. */
    List<Reminder> of(UUID household) {
        Stock all = stock.of(household);
        LocalDate today = LocalDate.now(clock);
        List<Reminder> reminders = new ArrayList<>();
        Map<String, List<Held>> together = new TreeMap<>();
        all.held().stream()
                .filter(h -> h.good().isPresent() && h.lastDay().isBefore(today.plusYears(YEARS_AHEAD)))
                .forEach(h -> together.computeIfAbsent(h.lastDay() + " " + h.place(), k -> new ArrayList<>())
                        .add(h));
        together.forEach((key, held) -> reminders.add(expiry(key, held, all)));
        checks.due(household, all)
                .forEach(d -> reminders.add(new Reminder(
                        id("check " + d.kit().id() + d.rhythm() + d.due()),
                        d.due(),
                        d.due(),
                        Wording.says(
                                "reminders.check", d.kit().name(), d.rhythm().label()),
                        d.rhythm().what(),
                        1)));
        trips.coming(household, today, MOST_TRIPS).stream()
                .forEach(t -> reminders.add(new Reminder(
                        id("trip " + t.id()),
                        t.trip().start(),
                        t.trip().end(),
                        t.trip().name(),
                        Wording.says("reminders.isItsKitReadyLookAtThe"),
                        14)));
        reminders.sort(Comparator.comparing(Reminder::first).thenComparing(Reminder::title));
        return reminders;
    }

    private static Reminder expiry(String key, List<Held> held, Stock all) {
        Held first = held.getFirst();
        String place = all.placeName(first.place());
        List<String> names = held.stream()
                .map(h -> all.named(h.pieces(), h.lot().supply())
                        + (h.good().filter(GoodUntil::assumed).isPresent()
                                ? " " + Wording.says("reminders.dateAssumed")
                                : ""))
                .sorted()
                .toList();
        String title = names.size() == 1
                ? Wording.says("reminders.lastGoodDay", names.getFirst(), place)
                : Wording.says("reminders.lastGoodDayOf", Figures.counted(names.size(), "lot"), place);
        String text = String.join("\n", names.subList(0, Math.min(NAMED, names.size())))
                + (names.size() > NAMED ? "\nand " + (names.size() - NAMED) + " more" : "");
        return new Reminder(id("expiry " + key), first.lastDay(), first.lastDay(), title, text, 30);
    }

    private static UUID id(String key) {
        return UUID.nameUUIDFromBytes(key.getBytes(StandardCharsets.UTF_8));
    }
}
