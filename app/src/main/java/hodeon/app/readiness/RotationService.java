package hodeon.app.readiness;

import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.readiness.UseRates;
import hodeon.core.stock.Held;
import hodeon.core.stock.Rotation;
import hodeon.core.units.Money;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves between places that keep things from expiring unused. */
@Service
@Transactional
public class RotationService {

    private final StockService stock;
    private final StockLedger ledger;
    private final PackedTrips packed;
    private final YearlyUse rates;
    private final Clock clock;

    RotationService(StockService stock, StockLedger ledger, PackedTrips packed, YearlyUse rates, Clock clock) {
        this.stock = stock;
        this.ledger = ledger;
        this.packed = packed;
        this.rates = rates;
        this.clock = clock;
    }

    /** In hundredths. */
    private static final double LEAST_SAVED = 100 * PlanningAssumption.WORTH_MOVING.value();

    /**
     * What to move of one supply.
     *
     * @param rates uses a year at each place that holds some
     */
    record Suggestion(String supply, Rotation.Answer answer, Map<UUID, Double> rates) {}

    /** @param tooMany supplies lying in so many ways that no exact answer is worked out */
    record Answer(Stock stock, List<Suggestion> suggestions, List<String> tooMany) {}

    @Transactional(readOnly = true)
    Answer answer(UUID household) {
        Stock all = stock.of(household);
        LocalDate today = LocalDate.now(clock);
        UseRates use = rates.of(household, packed.of(household, all));
        Map<String, List<Held>> bySupply = new LinkedHashMap<>();
        for (Held held : all.held()) {
            if (!held.lastDay().isBefore(today) && held.lot().opened().isEmpty()) {
                bySupply.computeIfAbsent(held.lot().supply(), s -> new ArrayList<>())
                        .add(held);
            }
        }
        List<Suggestion> suggestions = new ArrayList<>();
        List<String> tooMany = new ArrayList<>();
        bySupply.forEach((supply, held) -> {
            Map<UUID, Double> at = new LinkedHashMap<>();
            held.forEach(h -> at.putIfAbsent(h.place(), use.at(supply, h.place())));
            LocalDate horizon = today.plusYears(1);
            if (!Rotation.mayGain(held, horizon)) {
                return;
            }
            Rotation.Answer answer = Rotation.of(
                    held,
                    at.entrySet().stream()
                            .map(e -> new Rotation.Place(e.getKey(), e.getValue()))
                            .toList(),
                    today,
                    horizon,
                    worth(held, all));
            if (!answer.exact()) {
                tooMany.add(supply);
            } else if (!answer.moves().isEmpty() && answer.saved() >= LEAST_SAVED) {
                suggestions.add(new Suggestion(supply, answer, at));
            }
        });
        suggestions.sort(
                Comparator.comparingDouble((Suggestion s) -> -s.answer().saved()));
        return new Answer(all, suggestions, tooMany);
    }

    private static Map<UUID, Long> worth(List<Held> held, Stock all) {
        Map<UUID, Long> worth = new HashMap<>();
        for (Held h : held) {
            worth.put(
                    h.lot().id(),
                    h.lot()
                            .price()
                            .or(() -> Optional.ofNullable(
                                            all.supplies().get(h.lot().supply()))
                                    .map(Supply::purchase)
                                    .map(p -> p.price()))
                            .map(Money::hundredths)
                            .orElse(0L));
        }
        return worth;
    }

    /** Makes the moves suggested for one supply, or for all; answers how many pieces moved. */
    int accept(UUID household, Optional<String> supply, String who) {
        int moved = 0;
        for (Suggestion suggestion : answer(household).suggestions()) {
            if (supply.isEmpty() || supply.get().equals(suggestion.supply())) {
                for (Rotation.Move move : suggestion.answer().moves()) {
                    ledger.move(
                            household,
                            move.held().lot().id(),
                            move.held().place(),
                            move.to(),
                            move.pieces(),
                            Cause.of(who, "rotated before it expires"));
                    moved += move.pieces();
                }
            }
        }
        return moved;
    }
}
