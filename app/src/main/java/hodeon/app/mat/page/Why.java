package hodeon.app.mat.page;

import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.plan.KitCalculator.Weighing;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Supply;
import hodeon.core.choice.Choice.Floor;
import hodeon.core.need.PooledNeed;
import hodeon.core.need.ProblemForecast;
import hodeon.core.plan.Plan;
import java.util.Comparator;
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
            return Wording.says("why.hereBecauseYouPinnedIt");
        }
        Floor floor = weighing.floors().get(supply.id());
        if (floor != null && !floor.orNone()) {
            return Wording.says("why.hereWhateverTheOdds", (floor.why().isEmpty() ? floor.reason() : floor.why()));
        }
        Optional<ProblemForecast> first = served(supply, weighing.plan());
        String what = first.map(p -> Wording.says(
                        "why.mostlyForOnThisOuting",
                        p.problem().name(),
                        Figures.chance(p.events().atLeastOne())))
                .orElse("");
        if (what.isEmpty()) {
            return Wording.says("why.nothingElseIsServedByItThat");
        }
        if (supply.fit().wholePack()) {
            return Wording.says("why.hereAWholePackBecauseItDoes", what);
        }
        if (floor != null) {
            return Wording.says("why.hereOfThemBecauseOneMayFail", what, pieces);
        }
        return supply.fit().occupied() && pieces > 1
                ? Wording.says("why.hereOfThemBecauseEachStaysWith", what, pieces)
                : Wording.says("why.here", what);
    }

    /**
     * Of what could come and does not: it does not earn what it costs, or a limit has no room for it.
     *
     * @param limited whether the brief sets a limit
     */
    static String notHere(Supply supply, double gain, Weighing weighing, boolean limited) {
        Plan plan = weighing.plan();
        String what = unserved(supply, plan)
                .map(p -> Wording.says(
                        "why.onThisOuting",
                        p.problem().name(),
                        Figures.chance(p.events().atLeastOne())))
                .orElse("");
        if (what.isEmpty() || gain / plan.ideal() < NOTHING) {
            return Wording.says("why.wouldAddNothingWhatItDoesIs", atHand(supply, plan));
        }
        String adds = Wording.says("why.forOneWouldAdd", what, Figures.percent(gain / plan.ideal()));
        boolean worthIt = weighing.earns(supply.id(), gain);
        if (worthIt && !limited) {
            return Wording.says("why.aboutWhatItsAndAKindMore", adds, Figures.grams(supply.mass()));
        }
        return worthIt
                ? Wording.says("why.andBeWorthItsIfTheLimit", adds, Figures.grams(supply.mass()))
                : Wording.says("why.notEnoughForItsAndAKind", adds, Figures.grams(supply.mass()));
    }

    /** What does its work without any kit, if anything does. */
    private static String atHand(Supply supply, Plan plan) {
        return plan.steps().stream()
                .filter(s -> doesWell(supply, s))
                .flatMap(s -> s.needed().atHand().stream())
                .findFirst()
                .map(a -> Wording.says("why.orAtHand", a.with()))
                .orElse("");
    }

    /** The problem for whose sake it is here. */
    private static Optional<ProblemForecast> served(Supply supply, Plan plan) {
        return plan.stepsServedBy(supply.id()).stream()
                .max(Comparator.comparingDouble(Plan.ServedStep::worth))
                .map(s -> s.needed().problem());
    }

    /** The problem about which it could do most, of those whose steps it does well. */
    private static Optional<ProblemForecast> unserved(Supply supply, Plan plan) {
        return plan.steps().stream()
                .filter(s -> doesWell(supply, s))
                .max(Comparator.comparingDouble(s -> s.ideal() - s.worth()))
                .map(s -> s.needed().problem());
    }

    private static boolean doesWell(Supply supply, Plan.ServedStep step) {
        return PooledNeed.doesWell(supply)
                .contains(step.needed().step().capability().id());
    }
}
