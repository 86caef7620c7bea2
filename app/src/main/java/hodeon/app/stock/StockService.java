package hodeon.app.stock;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.shell.LastAnswer;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.BalanceRepository;
import hodeon.app.stock.ledger.HeadRepository;
import hodeon.app.stock.ledger.HeadRow;
import hodeon.app.stock.ledger.LedgerSums;
import hodeon.app.stock.ledger.LedgerSums.Lies;
import hodeon.app.stock.ledger.LotRepository;
import hodeon.app.stock.ledger.LotRow;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.ledger.StockRules;
import hodeon.app.stock.ledger.WithdrawalRepository;
import hodeon.app.stock.ledger.WithdrawalRow;
import hodeon.app.stock.place.Place;
import hodeon.app.stock.place.PlaceRepository;
import hodeon.app.stock.place.PlaceRow;
import hodeon.app.stock.pocket.PocketKeeping;
import hodeon.app.stock.pocket.Pockets;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Fault;
import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Grace;
import hodeon.core.stock.Held;
import hodeon.core.stock.Lot;
import hodeon.core.stock.Nesting;
import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's places and what lies there now. Written to by {@link StockLedger}. */
@Service
@Transactional
public class StockService {

    static final int LONGEST_NAME = 80;
    static final int MOST_PLACES = 400;

    private final PlaceRepository places;
    private final BalanceRepository balances;
    private final LotRepository lots;
    private final WithdrawalRepository withdrawals;
    private final HeadRepository heads;
    private final PocketKeeping pockets;
    private final OwnCatalogue catalogues;
    private final LedgerSums sums;
    private final Clock clock;
    private final LastAnswer<Question, Stock> last = new LastAnswer<>();

    StockService(
            PlaceRepository places,
            BalanceRepository balances,
            LotRepository lots,
            WithdrawalRepository withdrawals,
            HeadRepository heads,
            PocketKeeping pockets,
            OwnCatalogue catalogues,
            LedgerSums sums,
            Clock clock) {
        this.sums = sums;
        this.places = places;
        this.balances = balances;
        this.lots = lots;
        this.withdrawals = withdrawals;
        this.heads = heads;
        this.pockets = pockets;
        this.catalogues = catalogues;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public Stock of(UUID household) {
        long head = heads.findById(household).map(h -> h.number).orElse(0L);
        List<WithdrawalRow> withdrawn = withdrawals.findByHouseholdIdOrderByFromDayDesc(household);
        return last.of(
                household, question(household, sums.lying(household, head), withdrawn), q -> q.answer(withdrawn));
    }

    /** The same with only what lies at one place and in the modules inside it. */
    @Transactional(readOnly = true)
    public Stock at(UUID household, UUID place) {
        Map<UUID, UUID> inside = new LinkedHashMap<>();
        places(household).forEach(p -> p.inside().ifPresent(i -> inside.put(p.id(), i)));
        List<UUID> within = new Nesting(inside).within(place);
        List<Lies> lying = balances.at(household, within).stream()
                .map(l -> new Lies(l.lot(), l.lot().lot(), l.placeId(), l.pieces()))
                .toList();
        List<WithdrawalRow> withdrawn = withdrawals.findByHouseholdIdOrderByFromDayDesc(household);
        return question(household, lying, withdrawn).answer(withdrawn);
    }

    /** Everything that what a household owns follows from. */
    private record Question(
            List<Lies> lying,
            Map<String, Supply> supplies,
            List<Place> places,
            List<Withdrawal> withdrawals,
            StockRules rules,
            Pockets pockets) {

        Stock answer(List<WithdrawalRow> withdrawn) {
            Map<UUID, Place> byId = new LinkedHashMap<>();
            places.forEach(p -> byId.put(p.id(), p));
            List<Held> held = lying.stream()
                    .map(l -> new Held(
                            l.lot(), l.place(), l.pieces(), good(l.row(), l.lot(), supplies, withdrawn, rules.grace())))
                    .toList();
            return Stock.of(supplies, byId, held, rules, pockets);
        }
    }

    private Question question(UUID household, List<Lies> lying, List<WithdrawalRow> withdrawn) {
        return new Question(
                lying,
                Stock.byId(catalogues.of(household).catalogue()),
                places(household),
                withdrawn.stream().map(StockService::withdrawal).toList(),
                rules(household),
                pockets.of(household));
    }

    private static Optional<GoodUntil> good(
            LotRow row, Lot lot, Map<String, Supply> supplies, List<WithdrawalRow> withdrawn, Grace grace) {
        Supply supply = supplies.get(lot.supply());
        if (supply == null) {
            return lot.printed().map(p -> new GoodUntil(p.lastDay(), GoodUntil.Reason.PRINTED));
        }
        Optional<LocalDate> gone = withdrawn.stream()
                .filter(w -> w.concerns(row))
                .map(w -> w.fromDay)
                .min(LocalDate::compareTo);
        return grace.extended(GoodUntil.of(lot, supply.keeping(), gone), supply);
    }

    /** Everything that was written down of each lot when it came. */
    @Transactional(readOnly = true)
    public Map<UUID, LotRow> facts(UUID household) {
        return lots.findByHouseholdIdOrderById(household).stream()
                .collect(Collectors.toMap(l -> l.id, Function.identity()));
    }

    /** The supply a lot is of, whether anything is left of it or not; empty for an unknown lot. */
    @Transactional(readOnly = true)
    public String supplyOf(UUID household, UUID lot) {
        return lots.findById(lot)
                .filter(l -> l.householdId.equals(household))
                .map(l -> l.supplyId)
                .orElse("");
    }

    @Transactional(readOnly = true)
    public List<Place> places(UUID household) {
        return places.findByHouseholdIdAndDeletedAtIsNullOrderByPositionAscNameAsc(household).stream()
                .map(Place::of)
                .toList();
    }

    @Transactional(readOnly = true)
    public Place place(UUID household, UUID id) {
        return Place.of(row(household, id));
    }

    @Transactional(readOnly = true)
    public StockRules rules(UUID household) {
        return heads.findById(household)
                .map(h -> new StockRules(h.marginDays, new Grace(h.graceDays), h.currency))
                .orElse(StockRules.USUAL);
    }

    public void setRules(UUID household, StockRules rules) {
        heads.holdHousehold(household);
        heads.make(household);
        HeadRow head = heads.hold(household).orElseThrow();
        head.marginDays = rules.marginDays();
        head.graceDays = rules.grace().days();
        head.currency = rules.currency();
    }

    /** What is wrong with a new place, if anything is. */
    @Transactional(readOnly = true)
    public Optional<Fault> fault(UUID household, String name, Place.Kind kind, Optional<UUID> inside) {
        String stripped = name.strip();
        if (stripped.isEmpty()
                || stripped.length() > LONGEST_NAME
                || stripped.chars().anyMatch(Character::isISOControl)) {
            return Optional.of(new Fault(
                    "name",
                    stripped.replaceAll("\\p{Cntrl}", "?"),
                    Wording.says("stockService.aPlacesNameIsOneLineOf", LONGEST_NAME),
                    stripped.isEmpty() ? Wording.says("listService.giveItOne") : Wording.says("doseLines.shortenIt")));
        }
        if (places(household).stream()
                .anyMatch(p -> p.inside().equals(inside) && p.name().equalsIgnoreCase(stripped))) {
            return Optional.of(new Fault(
                    "name",
                    stripped,
                    inside.isEmpty()
                            ? Wording.says("stockService.everyPlaceHasANameOfIts")
                            : Wording.says("stockService.everyModuleOfAKitHasA"),
                    Wording.says("restockService.chooseAnother")));
        }
        if (places(household).size() >= MOST_PLACES) {
            return Optional.of(new Fault(
                    "name",
                    stripped,
                    Wording.says("stockService.aHouseholdHasAtMostPlaces", MOST_PLACES),
                    Wording.says("stockService.removeAnEmptyOne")));
        }
        if (kind == Place.Kind.MODULE
                && inside.filter(id -> !place(household, id).isShelf()).isEmpty()) {
            return Optional.of(new Fault(
                    "inside",
                    "",
                    Wording.says("stockService.aModuleLiesInAKitOr"),
                    Wording.says("stockService.chooseWhatItLiesIn")));
        }
        return Optional.empty();
    }

    /** Answers the id; the name must have been found without {@linkplain #fault fault}. */
    public UUID addPlace(UUID household, String name, Place.Kind kind, Optional<UUID> inside, Optional<UUID> kitId) {
        PlaceRow row = new PlaceRow();
        row.householdId = household;
        row.name = name.strip();
        row.kind = kind;
        row.inside = kind == Place.Kind.MODULE ? inside.orElse(null) : null;
        row.belongsIn = row.inside;
        row.kitId = kitId.orElse(null);
        row.madeOn = LocalDate.now(clock);
        row.position = kind == Place.Kind.SHELF ? 1 : 0;
        return places.save(row).id;
    }

    /** Says which list tells what belongs in a place. */
    public void plan(UUID household, UUID place, Optional<UUID> kitId) {
        row(household, place).kitId = kitId.orElse(null);
    }

    public List<UUID> placesOfKit(UUID household, UUID kitId) {
        return places.findByHouseholdIdAndKitIdAndDeletedAtIsNull(household, kitId).stream()
                .map(p -> p.id)
                .toList();
    }

    /** Notes that a model is superseded or recalled; empty product or lot code means any. */
    public void withdraw(UUID household, String supply, String product, String lotCode, LocalDate from, String note) {
        WithdrawalRow row = new WithdrawalRow();
        row.householdId = household;
        row.supplyId = supply;
        row.product = product;
        row.lotCode = lotCode;
        row.fromDay = from;
        row.note = note;
        withdrawals.save(row);
    }

    /** A model's note, as it is shown. */
    public record Withdrawal(UUID id, String supply, String product, String lotCode, LocalDate from, String note) {}

    @Transactional(readOnly = true)
    public List<Withdrawal> withdrawals(UUID household) {
        return withdrawals.findByHouseholdIdOrderByFromDayDesc(household).stream()
                .map(StockService::withdrawal)
                .toList();
    }

    private static Withdrawal withdrawal(WithdrawalRow row) {
        return new Withdrawal(row.id, row.supplyId, row.product, row.lotCode, row.fromDay, row.note);
    }

    public void takeBack(UUID household, UUID withdrawal) {
        if (withdrawals.deleteByIdAndHouseholdId(withdrawal, household) == 0) {
            throw new NotHere("note " + withdrawal);
        }
    }

    private PlaceRow row(UUID household, UUID id) {
        return places.findByIdAndHouseholdIdAndDeletedAtIsNull(id, household)
                .orElseThrow(() -> new NotHere("place " + id));
    }
}
