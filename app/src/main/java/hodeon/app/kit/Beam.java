package hodeon.app.kit;

import hodeon.app.shell.Figures;
import hodeon.core.kit.Plan;
import hodeon.core.units.Mass;
import java.util.Locale;

/**
 * The balance: grams on the mat against the grams allowed. The heavier side hangs lower.
 *
 * @param state under, near (within 5 %) or over
 * @param left what is left or over, in words
 */
record Beam(String onMat, String allowed, String left, String state, String tilt, String leftEnd, String rightEnd) {

    /** The arms are level when what lies on the mat weighs what is allowed; full tilt at a third more or less. */
    private static final double FULL_TILT = 1 / 3.0;

    private static final double MOST_DROP = 14;
    private static final double NEAR = 0.95;

    static Beam of(Plan plan, Mass limit) {
        double ratio = plan.mass().grams() / limit.grams();
        double drop = Math.clamp((ratio - 1) / FULL_TILT, -1, 1) * MOST_DROP;
        double left = limit.grams() - plan.mass().grams();
        String state = left < 0 ? "over" : ratio > NEAR ? "near" : "under";
        return new Beam(
                Figures.grams(plan.mass()),
                Figures.grams(limit),
                left < 0 ? Figures.grams(-left) + " over" : Figures.grams(left) + " left",
                state,
                String.format(Locale.ROOT, "%.1f", drop),
                String.format(Locale.ROOT, "%.1f", 30 + drop),
                String.format(Locale.ROOT, "%.1f", 30 - drop));
    }
}
