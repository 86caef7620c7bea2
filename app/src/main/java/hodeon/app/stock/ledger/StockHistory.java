package hodeon.app.stock.ledger;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.place.PlaceRepository;
import hodeon.app.stock.pocket.PocketKeeping;
import hodeon.app.stock.pocket.Pockets;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Ledger;
import hodeon.core.stock.Movement.Kind;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads back what was moved, in words. */
@Service
@Transactional(readOnly = true)
public class StockHistory {

    private final MovementRepository movements;
    private final LotRepository lots;
    private final PlaceRepository places;
    private final HeadRepository heads;
    private final LedgerSums sums;
    private final OwnCatalogue catalogues;
    private final PocketKeeping pockets;

    StockHistory(
            MovementRepository movements,
            LotRepository lots,
            PlaceRepository places,
            HeadRepository heads,
            LedgerSums sums,
            OwnCatalogue catalogues,
            PocketKeeping pockets) {
        this.movements = movements;
        this.lots = lots;
        this.places = places;
        this.heads = heads;
        this.sums = sums;
        this.catalogues = catalogues;
        this.pockets = pockets;
    }

    /**
     * A movement in words.
     *
     * @param what such as “8 Waterproof plaster moved from Shore shelf to Deck pouch (Mesh pocket)”: the compartment is the one where it
     *     lies now
     * @param undone whether another movement has turned it round
     */
    public record Line(
            long number,
            UUID lot,
            String supply,
            Kind kind,
            int pieces,
            String what,
            LocalDateTime at,
            String by,
            String why,
            boolean undone,
            boolean canUndo) {}

    /** Goes through every movement; throws {@link Ledger.TooFew} at one that takes what is not there. */
    public void verified(UUID household) {
        Ledger.holdings(movements.findByHouseholdIdOrderByNumber(household).stream()
                .map(MovementRow::movement)
                .toList());
    }

    /** So many pieces of a supply used from a place. */
    public record Used(String supply, UUID place, long pieces) {}

    /** What was used from a day on, and not undone, by supply and place. */
    public List<Used> usedSince(UUID household, LocalDate since) {
        return sums.usedSince(household, head(household), since);
    }

    /** The day of the household's first movement. */
    public Optional<LocalDate> first(UUID household) {
        return movements.first(household).map(LocalDateTime::toLocalDate);
    }

    /** What was paid for what came in a year. */
    public record Spent(int year, long hundredths) {}

    /** The latest year first. */
    public List<Spent> spending(UUID household) {
        return sums.spending(household, head(household));
    }

    private long head(UUID household) {
        return heads.findById(household).map(h -> h.number).orElse(0L);
    }

    public List<Line> latest(UUID household, int most) {
        return lines(household, movements.findByHouseholdIdOrderByNumberDesc(household, Limit.of(most)));
    }

    public List<Line> ofLot(UUID household, UUID lot) {
        return lines(household, movements.ofLot(household, lot));
    }

    public List<Line> ofTrip(UUID household, UUID trip) {
        return lines(household, movements.findByHouseholdIdAndTripIdOrderByNumber(household, trip));
    }

    private List<Line> lines(UUID household, List<MovementRow> rows) {
        Map<UUID, String> placeNames = new HashMap<>();
        places.findByHouseholdId(household).forEach(p -> placeNames.put(p.id, p.name));
        Pockets boxes = pockets.of(household);
        Map<String, Supply> supplies = Stock.byId(catalogues.of(household).catalogue());
        Map<UUID, String> lotSupplies = new HashMap<>();
        lots.findAllById(rows.stream().map(r -> r.lotId).distinct().toList())
                .forEach(l -> lotSupplies.put(l.id, l.supplyId));
        Set<Long> undone = new HashSet<>(
                movements.undoneOf(household, rows.stream().map(r -> r.number).toList()));
        return rows.stream()
                .map(r -> {
                    String supply = lotSupplies.getOrDefault(r.lotId, "");
                    String said = Optional.ofNullable(supplies.get(supply))
                            .map(s -> Figures.named(r.pieces, s))
                            .orElse(supply + ": " + Figures.counted(r.pieces, "piece"));
                    return new Line(
                            r.number,
                            r.lotId,
                            supply,
                            r.kind,
                            r.pieces,
                            words(
                                    r,
                                    said,
                                    name(r.fromPlace, placeNames, ""),
                                    name(
                                            r.toPlace,
                                            placeNames,
                                            r.toPlace == null ? "" : boxes.named(r.toPlace, supply, r.pieces))),
                            r.madeAt,
                            r.madeBy,
                            r.why,
                            undone.contains(r.number),
                            r.kind != Kind.REVERSED && !undone.contains(r.number));
                })
                .toList();
    }

    private static String name(@Nullable UUID place, Map<UUID, String> names, String pocket) {
        String name = place == null ? "" : names.getOrDefault(place, "");
        return pocket.isEmpty() ? name : name + " (" + pocket + ")";
    }

    private static String words(MovementRow r, String pieces, String from, String to) {
        return switch (r.kind) {
            case RECEIVED -> Wording.says("stockHistory.cameTo", pieces, to);
            case MOVED -> Wording.says("stockHistory.movedFromTo", pieces, from, to);
            case OPENED -> Wording.says("stockHistory.openedIn", pieces, from);
            case DECANTED -> Wording.says("stockHistory.decantedIn", pieces, from);
            case USED -> Wording.says("stockHistory.usedFrom", pieces, from);
            case DISCARDED -> Wording.says("stockHistory.discardedFrom", pieces, from);
            case COUNTED ->
                to.isEmpty()
                        ? Wording.says("stockHistory.fewerCountedIn", pieces, from)
                        : Wording.says("stockHistory.moreCountedIn", pieces, to);
            case REVERSED ->
                Wording.says(
                        "stockHistory.movementUndone",
                        r.undoes,
                        pieces,
                        (from.isEmpty() ? "" : " " + Wording.says("stockHistory.outOf", from)),
                        (to.isEmpty() ? "" : " " + Wording.says("stockHistory.backTo", to)));
        };
    }
}
