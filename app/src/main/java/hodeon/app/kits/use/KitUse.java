package hodeon.app.kits.use;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.plan.ExpectedUse;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.readiness.KitList;
import hodeon.core.readiness.LeastCount;
import hodeon.core.readiness.UseRates;
import hodeon.core.readiness.WeeklyUse;
import hodeon.core.stock.Held;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a kit that stays uses in a usual week: what it is for, drawn towards what the ledger says was used from it. */
@Service
@Transactional
class KitUse {

    private final StockService stock;
    private final StockHistory history;
    private final ListService lists;
    private final TripService trips;
    private final ExpectedUse expected;
    private final Clock clock;

    KitUse(
            StockService stock,
            StockHistory history,
            ListService lists,
            TripService trips,
            ExpectedUse expected,
            Clock clock) {
        this.stock = stock;
        this.history = history;
        this.lists = lists;
        this.trips = trips;
        this.expected = expected;
        this.clock = clock;
    }

    /**
     * A line of the list and its use.
     *
     * @param used pieces since the kit is watched
     * @param expectedAWeek by what the kit is for; empty where that is not written down
     * @param good pieces that lie there
     */
    record Use(
            Supply supply, KitList.Line line, long used, OptionalDouble expectedAWeek, WeeklyUse learned, int good) {}

    /**
     * @param weeks for which the kit was watched
     * @param refillDays until it is filled up, where that is known
     * @param uses of the list's lines, those used most first
     */
    record Answer(Place kit, Optional<StoredList> list, double weeks, Optional<Integer> refillDays, List<Use> uses) {}

    @Transactional(readOnly = true)
    public Answer of(UUID household, UUID id) {
        Stock here = stock.at(household, id);
        Place kit = stock.place(household, id);
        LocalDate today = LocalDate.now(clock);
        LocalDate since = kit.madeOn().isAfter(UseRates.since(today)) ? kit.madeOn() : UseRates.since(today);
        double weeks = WeeklyUse.weeks(ChronoUnit.DAYS.between(since, today));
        Optional<StoredList> list =
                kit.kitId().filter(l -> lists.isOne(household, l)).map(l -> lists.find(household, l));
        Optional<StoredTrip> use = list.flatMap(StoredList::tripId)
                .flatMap(t -> trips.maybe(household, t))
                .filter(t -> t.trip().standing().isPresent());
        Map<String, Double> will =
                use.map(t -> expected.of(t, list.orElseThrow().pieces())).orElse(Map.of());
        Set<UUID> within = Set.copyOf(here.nesting().within(id));
        Map<String, Long> used = new HashMap<>();
        history.usedSince(household, since).stream()
                .filter(u -> within.contains(u.place()))
                .forEach(u -> used.merge(u.supply(), u.pieces(), Long::sum));
        List<Use> uses = new ArrayList<>();
        for (StoredList.Line line : list.map(StoredList::lines).orElse(List.of())) {
            String supply = line.supply().id();
            OptionalDouble aWeek = use.isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(WeeklyUse.aWeek(
                            will.getOrDefault(supply, 0.0), use.get().trip().days()));
            long gone = used.getOrDefault(supply, 0L);
            int good = here.inKit(id).stream()
                    .filter(h -> h.lot().supply().equals(supply))
                    .mapToInt(Held::pieces)
                    .sum();
            uses.add(new Use(line.supply(), line.line(), gone, aWeek, WeeklyUse.of(aWeek, gone, weeks), good));
        }
        uses.sort((a, b) -> Double.compare(b.learned().aWeek(), a.learned().aWeek()));
        return new Answer(kit, list, weeks, use.map(t -> t.trip().days()), uses);
    }

    /** The least counts that the learned use asks for, by supply id. */
    static Map<String, Integer> least(Answer answer) {
        double weeks = WeeklyUse.weeks(answer.refillDays().orElse(0));
        Map<String, Integer> least = new HashMap<>();
        answer.uses()
                .forEach(u -> least.put(
                        u.supply().id(),
                        LeastCount.of(u.line().target(), u.learned().aWeek() * weeks)));
        return least;
    }

    /** Writes a version of the list with the least counts that the learned use asks for. */
    void learn(UUID household, UUID id, String who) {
        Answer answer = of(household, id);
        StoredList list = answer.list().orElseThrow();
        Map<String, Integer> least = least(answer);
        KitList learned = new KitList(list.list().lines().stream()
                .map(l -> new KitList.Line(
                        l.supply(), l.target(), least.getOrDefault(l.supply(), l.least()), l.module(), l.why()))
                .toList());
        lists.write(
                household,
                list.id(),
                list.version(),
                learned,
                who,
                "least counts from what " + answer.kit().name() + " uses in a week");
    }
}
