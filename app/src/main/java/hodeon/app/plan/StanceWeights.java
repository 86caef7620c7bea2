package hodeon.app.plan;

import hodeon.app.brief.StanceEffects;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Severity;
import hodeon.core.plan.Holds;
import hodeon.core.plan.Plan;
import java.util.EnumMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What the recommended kit of each stance weighs and meets. */
@Component
class StanceWeights implements StanceEffects {

    private final KitCalculator calculator;
    private final TripCases cases;

    StanceWeights(KitCalculator calculator, TripCases cases) {
        this.calculator = calculator;
        this.cases = cases;
    }

    @Override
    public Map<Stance, String> of(StoredTrip stored) {
        TripCase now = cases.of(stored);
        Map<Stance, String> effects = new EnumMap<>(Stance.class);
        for (Stance stance : Stance.values()) {
            Trip trip = stored.trip().withStance(stance);
            TripCase of = now.with(trip);
            Map<String, Integer> pieces = calculator.recommend(of, Holds.NONE).first();
            Plan plan = calculator.weigh(of, Holds.NONE, pieces).plan();
            effects.put(
                    stance,
                    Wording.says(
                            "stanceWeights.here",
                            Figures.grams(plan.mass()),
                            Figures.counted(pieces.size(), "kind"),
                            Math.round(100 * plan.coverageOf(Severity.WORST)),
                            Math.round(100 * plan.coverageOf(1))));
        }
        return effects;
    }
}
