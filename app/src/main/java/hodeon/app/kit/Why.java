package hodeon.app.kit;

import hodeon.app.kit.KitCalculator.Weighing;
import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.kit.Plan;
import hodeon.core.kit.choice.Choice.Floor;
import hodeon.core.need.ProblemForecast;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Why something is on the mat, and why something that could come is not, as a leader would say it in one sentence. */
final class Why {

    /** A share of all worth that rounds to nothing. */
    private static final double NOTHING = 5e-7;

    private Why() {}

    /** Of what lies there; empty for what does not. */
    static String here(Supply supply, Mat mat, Weighing weighing) {
        int pieces = mat.pieces(supply.id());
        if (pieces == 0) {
            return "";
        }
        if (mat.hold(supply.id()) == Hold.PINNED) {
            return "Here because you pinned it.";
        }
        Floor floor = weighing.floors().get(supply.id());
        if (floor != null && !floor.orNone()) {
            return "Here whatever the odds: " + floor.reason() + ".";
        }
        Optional<ProblemForecast> first = main(supply, weighing.plan(), true);
        String what = first.map(p -> "mostly for “" + p.problem().name() + "”, "
                        + Figures.chance(p.events().atLeastOne()) + " on this trip")
                .orElse("");
        if (what.isEmpty()) {
            return "Nothing else is served by it that something here does not do already.";
        }
        if (floor != null) {
            return "Here " + what + "; " + pieces + " of them, because one may fail or not suffice.";
        }
        return supply.fit().occupied() && pieces > 1
                ? "Here " + what + "; " + pieces + " of them, because each stays with its casualty until help comes."
                : "Here " + what + ".";
    }

    /** Of what could come and does not. */
    static String notHere(Supply supply, double gain, Plan plan) {
        String what = main(supply, plan, false)
                .map(p -> "“" + p.problem().name() + "” ("
                        + Figures.chance(p.events().atLeastOne()) + " on this trip)")
                .orElse("");
        if (what.isEmpty() || gain / plan.ideal() < NOTHING) {
            return "Would add nothing: what it does is done already.";
        }
        return "For " + what + " one would add " + Figures.percent(gain / plan.ideal()) + ": not enough for its "
                + Figures.grams(supply.mass()) + " and a kind more to find and check.";
    }

    /** The problem for whose sake it matters most: among those it serves now, or all that it could do well. */
    private static Optional<ProblemForecast> main(Supply supply, Plan plan, boolean served) {
        List<Plan.ServedStep> steps = served
                ? plan.stepsServedBy(supply.id())
                : plan.steps().stream()
                        .filter(s -> supply.serves()
                                        .getOrDefault(
                                                s.needed().step().capability().id(), Tier.IMPROVISED)
                                != Tier.IMPROVISED)
                        .toList();
        return steps.stream()
                .max(Comparator.comparingDouble(served ? Plan.ServedStep::worth : s -> s.ideal() - s.worth()))
                .map(s -> s.needed().problem());
    }
}
