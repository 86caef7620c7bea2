package hodeon.app.readiness;

import hodeon.app.plan.ExpectedUse;
import hodeon.app.readiness.PackedTrips.Packed;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.core.readiness.UseRates;
import hodeon.core.readiness.UseRates.Use;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** A household's {@link UseRates} from its ledger and from what the forecast says of the outings that come. */
@Service
class YearlyUse {

    private final StockHistory history;
    private final ExpectedUse expected;
    private final Clock clock;

    YearlyUse(StockHistory history, ExpectedUse expected, Clock clock) {
        this.history = history;
        this.expected = expected;
        this.clock = clock;
    }

    /** @param going outings to come, with their kit's place and contents */
    UseRates of(UUID household, List<Packed> going) {
        LocalDate today = LocalDate.now(clock);
        List<Use> used = history.usedSince(household, UseRates.since(today)).stream()
                .map(u -> new Use(u.supply(), u.place(), u.pieces()))
                .toList();
        List<Use> coming = going.stream()
                .filter(g -> UseRates.counts(g.trip().trip().start(), today))
                .flatMap(g -> expected.of(g.trip(), g.kit().pieces()).entrySet().stream()
                        .map(e -> new Use(e.getKey(), g.place().id(), e.getValue())))
                .toList();
        return UseRates.of(used, history.first(household), today, coming);
    }
}
