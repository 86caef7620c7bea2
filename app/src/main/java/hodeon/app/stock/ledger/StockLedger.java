package hodeon.app.stock.ledger;

import hodeon.app.shell.NotHere;
import hodeon.app.stock.place.PlaceRepository;
import hodeon.core.stock.Ledger.TooFew;
import hodeon.core.stock.Lot;
import hodeon.core.stock.Movement;
import hodeon.core.stock.Movement.Holding;
import hodeon.core.stock.Movement.Kind;
import hodeon.core.stock.Movement.Posting;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.IntConsumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes movements: one after another for each household, all of a call or none. Nothing is ever changed or taken out; the
 * balances follow within the same transaction, and a check in the database keeps any from going below zero.
 */
@Service
@Transactional
public class StockLedger {

    private static final int FLUSH_EVERY = 500;

    private final EntityManager rows;
    private final LedgerLock turns;
    private final HeadRepository heads;
    private final LotRepository lots;
    private final PlaceRepository places;
    private final MovementRepository movements;
    private final BalanceRepository balances;
    private final Clock clock;

    StockLedger(
            EntityManager rows,
            LedgerLock turns,
            HeadRepository heads,
            LotRepository lots,
            PlaceRepository places,
            MovementRepository movements,
            BalanceRepository balances,
            Clock clock) {
        this.rows = rows;
        this.turns = turns;
        this.heads = heads;
        this.lots = lots;
        this.places = places;
        this.movements = movements;
        this.balances = balances;
        this.clock = clock;
    }

    /** Answers the ids of the new lots, in order. */
    public List<UUID> receive(UUID household, List<Arrival> arrivals, Cause cause) {
        return receive(household, arrivals, cause, written -> {});
    }

    /** @param written is told every now and then how many arrivals are written */
    public List<UUID> receive(UUID household, List<Arrival> arrivals, Cause cause, IntConsumer written) {
        HeadRow head = hold(household);
        arrivals.stream().map(Arrival::place).distinct().forEach(place -> place(household, place));
        List<UUID> made = new ArrayList<>();
        for (Arrival arrival : arrivals) {
            Lot lot = new Lot(
                    UUID.randomUUID(),
                    arrival.supply(),
                    arrival.product(),
                    arrival.lotCode(),
                    arrival.printed(),
                    arrival.received(),
                    arrival.opened(),
                    arrival.decanted(),
                    arrival.price(),
                    arrival.mostCelsius());
            rows.persist(new LotRow(household, lot, arrival.article(), arrival.serial(), arrival.condition()));
            rows.persist(new BalanceRow(household, new BalanceRow.Key(lot.id(), arrival.place()), arrival.pieces()));
            write(
                    household,
                    head,
                    cause,
                    new Draft(
                            Kind.RECEIVED,
                            lot.id(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(arrival.place()),
                            arrival.pieces()));
            made.add(lot.id());
            if (made.size() % FLUSH_EVERY == 0) {
                rows.flush();
                rows.clear();
                head = hold(household);
                written.accept(made.size());
            }
        }
        return made;
    }

    public void move(UUID household, UUID lot, UUID from, UUID to, int pieces, Cause cause) {
        place(household, to);
        append(
                household,
                cause,
                new Draft(Kind.MOVED, lot, Optional.empty(), Optional.of(from), Optional.of(to), pieces));
    }

    public void use(UUID household, UUID lot, UUID from, int pieces, Cause cause) {
        append(household, cause, gone(Kind.USED, lot, from, pieces));
    }

    public void discard(UUID household, UUID lot, UUID from, int pieces, Cause cause) {
        append(household, cause, gone(Kind.DISCARDED, lot, from, pieces));
    }

    /** Answers the id of the lot that the opened pieces are now. */
    public UUID open(UUID household, UUID lot, UUID at, int pieces, LocalDate on, Cause cause) {
        return become(
                household,
                Kind.OPENED,
                lot(household, lot).lot().openedAs(UUID.randomUUID(), on),
                lot,
                at,
                pieces,
                cause);
    }

    /** Answers the id of the lot that the decanted pieces are now. */
    public UUID decant(UUID household, UUID lot, UUID at, int pieces, LocalDate on, Cause cause) {
        return become(
                household,
                Kind.DECANTED,
                lot(household, lot).lot().decantedAs(UUID.randomUUID(), on),
                lot,
                at,
                pieces,
                cause);
    }

    /**
     * Writes down that so many pieces were found where the page showed {@code seen}; throws {@link CountedElsewhere} if
     * somebody has changed that since. Nothing is written when both are the same.
     */
    public void count(UUID household, UUID lot, UUID at, int seen, int found, Cause cause) {
        hold(household);
        int there = there(new BalanceRow.Key(lot, at));
        if (there != seen) {
            throw new CountedElsewhere(seen, there);
        }
        if (found > seen) {
            append(
                    household,
                    cause,
                    new Draft(Kind.COUNTED, lot, Optional.empty(), Optional.empty(), Optional.of(at), found - seen));
        } else if (found < seen) {
            append(household, cause, gone(Kind.COUNTED, lot, at, seen - found));
        }
    }

    /** Turns a movement round by another; throws {@link TooFew} when its pieces are no longer where it put them. */
    public void undo(UUID household, long number, Cause cause) {
        HeadRow head = hold(household);
        MovementRow row = movements
                .findByHouseholdIdAndNumber(household, number)
                .orElseThrow(() -> new NotHere("movement " + number));
        if (row.kind == Kind.REVERSED
                || movements.findByHouseholdIdAndUndoes(household, number).isPresent()) {
            return;
        }
        Movement back = row.movement().turnedRound(head.number + 1);
        back.postings().forEach(posting -> post(household, posting));
        head.number = back.number();
        rows.persist(new MovementRow(household, back, cause.at().orElseGet(this::now), cause));
    }

    private UUID become(UUID household, Kind kind, Lot after, UUID lot, UUID at, int pieces, Cause cause) {
        LotRow before = lot(household, lot);
        rows.persist(new LotRow(household, after, before.article, before.serial, before.condition));
        append(
                household,
                cause,
                new Draft(kind, lot, Optional.of(after.id()), Optional.of(at), Optional.of(at), pieces));
        return after.id();
    }

    /** A movement that has no number yet. */
    private record Draft(Kind kind, UUID lot, Optional<UUID> into, Optional<UUID> from, Optional<UUID> to, int pieces) {

        Movement numbered(long number) {
            return new Movement(number, kind, lot, into, from, to, pieces, Optional.empty());
        }
    }

    private static Draft gone(Kind kind, UUID lot, UUID from, int pieces) {
        return new Draft(kind, lot, Optional.empty(), Optional.of(from), Optional.empty(), pieces);
    }

    private void append(UUID household, Cause cause, Draft draft) {
        HeadRow head = hold(household);
        lot(household, draft.lot());
        write(household, head, cause, draft).postings().forEach(posting -> post(household, posting));
    }

    private Movement write(UUID household, HeadRow head, Cause cause, Draft draft) {
        Movement movement = draft.numbered(head.number + 1);
        head.number = movement.number();
        rows.persist(new MovementRow(household, movement, cause.at().orElseGet(this::now), cause));
        return movement;
    }

    private void post(UUID household, Posting posting) {
        Holding holding = posting.holding();
        BalanceRow.Key key = new BalanceRow.Key(holding.lot(), holding.place());
        int there = there(key);
        int then = Math.addExact(there, posting.change());
        if (then < 0) {
            throw new TooFew(holding, there, -posting.change());
        }
        BalanceRow row = rows.find(BalanceRow.class, key);
        if (there == 0) {
            Optional.ofNullable(row).ifPresent(rows::detach);
            rows.persist(new BalanceRow(household, key, then));
            return;
        }
        BalanceRow now = Objects.requireNonNull(row);
        rows.refresh(now);
        if (then == 0) {
            rows.remove(now);
            rows.flush();
        } else {
            now.pieces = then;
        }
    }

    /**
     * Waits until nobody else writes to the household's ledger, and keeps it so until the transaction ends. Call it before
     * anything else is written in the same transaction, so that nobody waits for each other.
     */
    public void takeTurn(UUID household) {
        turns.take(household);
    }

    private HeadRow hold(UUID household) {
        turns.take(household);
        HeadRow head = heads.hold(household).orElseGet(() -> {
            heads.holdHousehold(household);
            heads.make(household);
            return heads.hold(household).orElseThrow();
        });
        // Whoever looked at the stock before its turn holds the number of that time; the lock does not bring the new
        // one.
        rows.flush();
        rows.refresh(head);
        return head;
    }

    /** Pieces that lie there now: as the database has it, not as somebody read it before the turn. */
    private int there(BalanceRow.Key key) {
        return balances.pieces(key.lotId(), key.placeId()).orElse(0);
    }

    private LotRow lot(UUID household, UUID id) {
        return lots.findByIdAndHouseholdId(id, household).orElseThrow(() -> new NotHere("lot " + id));
    }

    private void place(UUID household, UUID id) {
        if (places.findByIdAndHouseholdIdAndDeletedAtIsNull(id, household).isEmpty()) {
            throw new NotHere("place " + id);
        }
    }

    private LocalDateTime now() {
        return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
    }
}
