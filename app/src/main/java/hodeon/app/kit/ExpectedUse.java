package hodeon.app.kit;

import hodeon.app.trip.StoredTrip;
import hodeon.app.usage.Knowledge;
import java.util.Map;
import org.springframework.stereotype.Service;

/** What a trip is expected to use up of the kit that goes along. */
@Service
public class ExpectedUse {

    private final KitCalculator calculator;
    private final Knowledge knowledge;

    ExpectedUse(KitCalculator calculator, Knowledge knowledge) {
        this.calculator = calculator;
        this.knowledge = knowledge;
    }

    /** Pieces by supply id, only those more than 0. */
    public Map<String, Double> of(StoredTrip trip, Map<String, Integer> pieces) {
        return calculator.expectedUse(new TripCase(knowledge.of(trip.householdId()), trip.trip()), pieces);
    }
}
