package hodeon.app.plan;

import hodeon.app.brief.form.StoredTrip;
import java.util.Map;
import org.springframework.stereotype.Service;

/** What a trip is expected to use up of the kit that goes along. */
@Service
public class ExpectedUse {

    private final KitCalculator calculator;
    private final TripCases cases;

    ExpectedUse(KitCalculator calculator, TripCases cases) {
        this.calculator = calculator;
        this.cases = cases;
    }

    /** Pieces by supply id, only those more than 0. */
    public Map<String, Double> of(StoredTrip trip, Map<String, Integer> pieces) {
        return calculator.expectedUse(cases.of(trip), pieces);
    }
}
