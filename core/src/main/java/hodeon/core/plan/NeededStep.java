package hodeon.core.plan;

import hodeon.core.catalogue.AtHand;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Severity;
import hodeon.core.catalogue.Tier;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import java.util.Optional;

/**
 * A step of a problem as something a kit can serve.
 *
 * @param atHand what does it without any kit, though less well than the thing made for it; empty if nothing does
 */
public record NeededStep(ProblemForecast problem, StepForecast step, Optional<AtHand> atHand) {

    /** The share of the step that is done without any kit, 0 or more, below 1. */
    public double doneByHand() {
        return atHand.map(a -> a.tier().effect()).orElse(0.0);
    }

    /** Whether it decides a threat to life. */
    public boolean decidesALife() {
        return problem.problem().severity() == Severity.WORST && step.step().importance() == Importance.CRITICAL;
    }

    public Capability capability() {
        return step.capability();
    }

    /** What a thing adds to what is at hand, as a share of what the thing made for it adds. */
    double adds(Tier tier) {
        return Math.max(0, tier.effect() - doneByHand()) / (1 - doneByHand());
    }
}
