package hodeon.app.readiness;

import hodeon.app.plan.ExpectedUse;
import hodeon.app.readiness.PackedTrips.Packed;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.stock.ledger.StockHistory.Used;
import hodeon.core.evidence.PlanningAssumption;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/**
 * How much is used where in a year: what the ledger says was used in the last two years, and what the trips of the coming
 * year are expected to use up of the kits that go along, by the forecast.
 */
@Service
class UseRates {

    private static final int YEARS_BACK = PlanningAssumption.USE_LOOKS_BACK.whole();

    private final StockHistory history;
    private final ExpectedUse expected;
    private final Clock clock;

    UseRates(StockHistory history, ExpectedUse expected, Clock clock) {
        this.history = history;
        this.expected = expected;
        this.clock = clock;
    }

    /** Pieces a year by supply id, and by place within. */
    record Rates(Map<String, Map<UUID, Double>> byPlace) {

        double at(String supply, UUID place) {
            return byPlace.getOrDefault(supply, Map.of()).getOrDefault(place, 0.0);
        }

        double of(String supply) {
            return byPlace.getOrDefault(supply, Map.of()).values().stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
        }
    }

    /** @param trips coming, with their kit's place and contents */
    Rates of(UUID household, List<Packed> trips) {
        LocalDate today = LocalDate.now(clock);
        Map<String, Map<UUID, Double>> rates = new HashMap<>();
        // Somebody who began a year ago has used for one year, not for two; less than a year says too little.
        double years = Math.clamp(
                history.first(household)
                                .map(day -> ChronoUnit.DAYS.between(day, today))
                                .orElse(0L)
                        / 365.25,
                1,
                YEARS_BACK);
        for (Used used : history.usedSince(household, today.minusYears(YEARS_BACK))) {
            add(rates, used.supply(), used.place(), used.pieces() / years);
        }
        for (Packed going : trips) {
            if (going.trip().trip().start().isBefore(today.plusYears(1))) {
                expected.of(going.trip(), going.kit().pieces())
                        .forEach((supply, pieces) ->
                                add(rates, supply, going.place().id(), pieces));
            }
        }
        return new Rates(rates);
    }

    private static void add(Map<String, Map<UUID, Double>> rates, String supply, UUID place, double pieces) {
        rates.computeIfAbsent(supply, s -> new HashMap<>()).merge(place, pieces, Double::sum);
    }
}
