package hodeon.app.check;

import hodeon.app.shell.NotHere;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import hodeon.core.stock.Held;
import hodeon.core.stock.Rhythm;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Check rounds: which are due, walking through one, and writing what was found when it ends. */
@Service
@Transactional
public class CheckService {

    private final RoundRepository rounds;
    private final StockService stock;
    private final StockLedger ledger;
    private final RoundLines asks;
    private final Clock clock;

    CheckService(RoundRepository rounds, StockService stock, StockLedger ledger, RoundLines asks, Clock clock) {
        this.asks = asks;
        this.rounds = rounds;
        this.stock = stock;
        this.ledger = ledger;
        this.clock = clock;
    }

    /** A check of a kit that comes round by the calendar. */
    public record Due(Place kit, Rhythm rhythm, Optional<LocalDate> last, LocalDate due) {}

    /** Every rhythm that covers something in a kit, the soonest due first. */
    @Transactional(readOnly = true)
    public List<Due> due(UUID household, Stock all) {
        Map<UUID, Map<Rhythm, LocalDate>> lasts = lasts(household);
        List<Due> due = new ArrayList<>();
        for (Place kit : all.kits()) {
            List<Held> held = all.inKit(kit.id());
            for (Rhythm rhythm : List.of(Rhythm.MONTHLY_CHARGE, Rhythm.QUARTERLY_LOOK, Rhythm.YEARLY_ALL)) {
                if (held.stream().anyMatch(h -> RoundLines.asksFor(rhythm, all, h))) {
                    Optional<LocalDate> last = latest(lasts.getOrDefault(kit.id(), Map.of()), rhythm);
                    due.add(new Due(kit, rhythm, last, rhythm.due(last, kit.madeOn())));
                }
            }
        }
        due.sort(Comparator.comparing(Due::due).thenComparing(d -> d.kit().name()));
        return due;
    }

    /** The day everything in a kit was last looked at. */
    @Transactional(readOnly = true)
    public Optional<LocalDate> lastOfEverything(UUID household, UUID kit) {
        return latest(lasts(household).getOrDefault(kit, Map.of()), Rhythm.YEARLY_ALL);
    }

    private Map<UUID, Map<Rhythm, LocalDate>> lasts(UUID household) {
        Map<UUID, Map<Rhythm, LocalDate>> lasts = new HashMap<>();
        rounds.lasts(household).forEach(l -> lasts.computeIfAbsent(l.placeId(), p -> new EnumMap<>(Rhythm.class))
                .put(l.rhythm(), l.at().toLocalDate()));
        return lasts;
    }

    /** A look at everything is also a look at what another rhythm covers. */
    private static Optional<LocalDate> latest(Map<Rhythm, LocalDate> lasts, Rhythm rhythm) {
        return lasts.entrySet().stream()
                .filter(e ->
                        e.getKey() == rhythm || e.getKey() == Rhythm.YEARLY_ALL || e.getKey() == Rhythm.BEFORE_TRIP)
                .map(Map.Entry::getValue)
                .max(LocalDate::compareTo);
    }

    /** Begins a walk through several kits, such as those of all houses, one after the other; answers the id of the first round. */
    public UUID tour(UUID household, List<UUID> kits, Rhythm rhythm, String who) {
        UUID tour = UUID.randomUUID();
        List<UUID> begun =
                kits.stream().map(kit -> start(household, kit, rhythm, who)).toList();
        begun.forEach(round -> row(household, round).tour = tour);
        return begun.getFirst();
    }

    /** The next round of the same tour that is still open. */
    @Transactional(readOnly = true)
    public Optional<Round> next(UUID household, UUID id) {
        return Optional.ofNullable(row(household, id).tour)
                .flatMap(tour -> rounds.findByTourAndHouseholdIdOrderByStartedAtAscIdAsc(tour, household).stream()
                        .filter(r -> r.finishedAt == null && !r.id.equals(id))
                        .findFirst()
                        .map(CheckService::round));
    }

    /** Begins a walk through a kit or a module, place by place; answers its id. */
    public UUID start(UUID household, UUID kit, Rhythm rhythm, String who) {
        Place place = stock.place(household, kit);
        Stock there = stock.at(household, place.id());
        RoundRow round = new RoundRow();
        round.householdId = household;
        round.placeId = kit;
        round.rhythm = rhythm;
        round.startedAt = now();
        round.startedBy = who;
        round.lines.addAll(asks.of(household, kit, there, rhythm));
        return rounds.save(round).id;
    }

    /**
     * A line of a round.
     *
     * @param lot empty for what belongs there and was never seen: {@code supply} tells what
     */
    public record Line(
            int position,
            Optional<UUID> lot,
            String supply,
            UUID place,
            int seen,
            Optional<Answer> answer,
            int found,
            String lentTo,
            OptionalInt charge,
            boolean changed) {}

    public record Round(
            UUID id,
            UUID kit,
            Rhythm rhythm,
            LocalDateTime startedAt,
            String startedBy,
            Optional<LocalDateTime> finishedAt,
            List<Line> lines) {

        public long open() {
            return lines.stream().filter(l -> l.answer().isEmpty()).count();
        }
    }

    @Transactional(readOnly = true)
    public Round round(UUID household, UUID id) {
        return round(row(household, id));
    }

    @Transactional(readOnly = true)
    public List<Round> latest(UUID household, int most) {
        return rounds.findByHouseholdIdOrderByStartedAtDesc(household, Limit.of(most)).stream()
                .map(CheckService::round)
                .toList();
    }

    private static Round round(RoundRow row) {
        List<Line> lines = new ArrayList<>();
        for (RoundRow.Line l : row.lines) {
            lines.add(new Line(
                    lines.size(),
                    Optional.ofNullable(l.lotId),
                    l.supplyId,
                    l.placeId,
                    l.seen,
                    Optional.ofNullable(l.answer),
                    Objects.requireNonNullElse(l.found, l.seen),
                    l.lentTo,
                    l.charge == null ? OptionalInt.empty() : OptionalInt.of(l.charge),
                    l.changed));
        }
        return new Round(
                row.id,
                row.placeId,
                row.rhythm,
                row.startedAt,
                row.startedBy,
                Optional.ofNullable(row.finishedAt),
                lines);
    }

    /**
     * Answers a line, or answers it anew; nothing of the stock changes before the round ends.
     *
     * @param lentTo whoever has it, where it is lent; perhaps nobody said
     * @param charge percent that a device is charged to, 0 to 100; empty if nobody looked
     */
    public void answer(
            UUID household, UUID id, int position, Answer answer, int found, String lentTo, OptionalInt charge) {
        RoundRow round = row(household, id);
        if (round.finishedAt != null || position < 0 || position >= round.lines.size()) {
            throw new NotHere("line " + position + " of check " + id);
        }
        RoundRow.Line line = round.lines.get(position);
        line.answer = answer;
        line.found = answer == Answer.COUNT ? Integer.valueOf(found) : null;
        line.lentTo = answer == Answer.LENT ? lentTo : "";
        line.charge = charge.isPresent() ? Integer.valueOf(charge.getAsInt()) : null;
        line.changed = false;
    }

    /** Answers every open line that it is right, but for what somebody changed meanwhile and what is sharp or controlled. */
    public void restIsRight(UUID household, UUID id) {
        RoundRow round = row(household, id);
        if (round.finishedAt != null) {
            throw new NotHere("open check " + id);
        }
        Set<UUID> counted = RoundLines.countedOneByOne(stock.at(household, round.placeId));
        round.lines.stream()
                .filter(l -> l.answer == null && !l.changed && !counted.contains(l.lotId))
                .forEach(l -> l.answer = Answer.RIGHT);
    }

    /**
     * Ends a round and moves what it found: all of it, or nothing where somebody has changed a number since it was shown.
     * Those lines then show what is there now and wait for another look; the answer is how many.
     */
    public int finish(UUID household, UUID id, String who) {
        ledger.takeTurn(household);
        RoundRow round = row(household, id);
        if (round.finishedAt != null) {
            return 0;
        }
        Map<String, Integer> now = new HashMap<>();
        stock.at(household, round.placeId).held().forEach(h -> {
            now.put(h.lot().id() + " " + h.place(), h.pieces());
            now.merge(h.lot().supply() + " " + h.place(), h.pieces(), Integer::sum);
        });
        int changed = 0;
        for (RoundRow.Line line : round.lines) {
            String thing = line.lotId == null ? line.supplyId : line.lotId.toString();
            int there = now.getOrDefault(thing + " " + line.placeId, 0);
            if (there != line.seen) {
                line.seen = there;
                line.answer = null;
                line.found = null;
                line.changed = true;
                changed++;
            }
        }
        if (changed > 0 || round.lines.stream().anyMatch(l -> l.answer == null)) {
            return changed;
        }
        round.lines.forEach(l -> move(household, l, Cause.of(who, "check: " + round.rhythm.label())));
        round.finishedAt = now();
        return 0;
    }

    private void move(UUID household, RoundRow.Line line, Cause cause) {
        if (line.lotId == null) {
            found(household, line, cause);
            return;
        }
        switch (Objects.requireNonNull(line.answer)) {
            case RIGHT -> {}
            case LENT -> ledger.count(household, line.lotId, line.placeId, line.seen, 0, cause);
            case COUNT ->
                ledger.count(
                        household,
                        line.lotId,
                        line.placeId,
                        line.seen,
                        Objects.requireNonNullElse(line.found, line.seen),
                        cause);
            case BAD -> ledger.discard(household, line.lotId, line.placeId, line.seen, cause);
            case OPENED -> ledger.open(household, line.lotId, line.placeId, 1, LocalDate.now(clock), cause);
        }
    }

    /** What was never seen and is there all the same comes into the ledger, of unknown date. */
    private void found(UUID household, RoundRow.Line line, Cause cause) {
        int pieces = Objects.requireNonNullElse(line.found, 0);
        if (line.answer == Answer.COUNT && pieces > 0) {
            ledger.receive(
                    household,
                    List.of(Arrival.of(line.placeId, line.supplyId, pieces, Optional.empty(), LocalDate.now(clock))),
                    cause);
        }
    }

    private RoundRow row(UUID household, UUID id) {
        return rounds.findByIdAndHouseholdId(id, household).orElseThrow(() -> new NotHere("check " + id));
    }

    private LocalDateTime now() {
        return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
    }
}
