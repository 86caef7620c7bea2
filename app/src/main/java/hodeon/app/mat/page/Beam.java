package hodeon.app.mat.page;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.shell.chart.Scale;
import hodeon.core.brief.Limits;
import hodeon.core.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The balance: grams on the mat against the grams allowed, the heavier side lower, and beside it what else is limited.
 *
 * @param state under, near (within 5 %), over (by up to 3 %) or far-over
 * @param allowed grams allowed, in words; empty where nobody limits them
 * @param left what is left or over, in words; empty where nobody limits it
 * @param tilt how far the arm is turned, in degrees, clockwise above 0; the mat's pan is the left one
 * @param drop how far the mat's pan hangs below level, in drawing units; the other one as far above
 */
record Beam(
        String onMat,
        String allowed,
        String left,
        String state,
        String tilt,
        String drop,
        String rise,
        List<Gauge> gauges) {

    /** The arms are level when what lies on the mat weighs what is allowed; full tilt at a third more or less. */
    private static final double FULL_TILT = 1 / 3.0;

    private static final double ARM = 110;
    private static final double MOST_DROP = 14;
    private static final Scale DROPS = new Scale(1 - FULL_TILT, 1 + FULL_TILT, -MOST_DROP, MOST_DROP);
    private static final Scale GAUGE = new Scale(0, 1, 0, 100);
    private static final double NEAR = 0.95;
    private static final double FAR = 1.03;

    /**
     * Volume, price or kinds.
     *
     * @param says how much, of how much if it is limited
     * @param share of the limit, in drawing units of 100, or empty without a limit
     */
    record Gauge(String name, String says, String share, boolean over) {

        static Gauge free(String name, String says) {
            return new Gauge(name, says, "", false);
        }

        static Gauge limited(String name, String says, String limit, double share) {
            return new Gauge(
                    name,
                    Wording.says("clockController.of", says, limit),
                    GAUGE.written(Math.min(1, share)),
                    share > 1 + 1e-9);
        }
    }

    static Beam of(Plan plan, int kinds, Limits limits) {
        double ratio = plan.mass().grams() / limits.mass().grams();
        double drop = DROPS.at(Math.clamp(ratio, DROPS.from(), DROPS.to()));
        double left = limits.mass().grams() - plan.mass().grams();
        boolean limited = limits.massIsLimited();
        return new Beam(
                Figures.grams(plan.mass()),
                limited ? Figures.grams(limits.mass()) : "",
                !limited
                        ? ""
                        : left < 0
                                ? Wording.says("beam.over", Figures.grams(-left))
                                : Wording.says("beam.left", Figures.grams(left)),
                left < 0 ? ratio > FAR ? "far-over" : "over" : ratio > NEAR ? "near" : "under",
                String.format(Locale.ROOT, "%.2f", -Math.toDegrees(Math.asin(drop / ARM))),
                Scale.units(drop),
                Scale.units(-drop),
                gauges(plan, kinds, limits));
    }

    private static List<Gauge> gauges(Plan plan, int kinds, Limits limits) {
        List<Gauge> gauges = new ArrayList<>();
        String litres = Figures.litres(plan.volume());
        gauges.add(limits.volume()
                .map(most -> Gauge.limited(
                        "Volume", litres, Figures.litres(most), plan.volume().litres() / most.litres()))
                .orElse(Gauge.free("Volume", litres)));
        String money = Figures.money(plan.price().amount());
        gauges.add(limits.price()
                .map(most -> Gauge.limited(
                        "Price",
                        money,
                        Figures.money(most.amount()),
                        plan.price().amount() / most.amount()))
                .orElse(Gauge.free("Price", Wording.says("beam.about", money))));
        String counted = Integer.toString(kinds);
        gauges.add(
                limits.kinds().isPresent()
                        ? Gauge.limited(
                                "Kinds",
                                counted,
                                Integer.toString(limits.kinds().getAsInt()),
                                (double) kinds / limits.kinds().getAsInt())
                        : Gauge.free("Kinds", counted));
        return gauges;
    }

    boolean over() {
        return state.endsWith("over");
    }
}
