package hodeon.core.readiness;

import hodeon.core.evidence.PlanningAssumption;

/**
 * How many of a thing a kit that stays holds at least before somebody must fill it up: what a quarter of the time until then takes, in
 * nine quarters of ten. Worked example, a test: of sixteen plasters expected to be used until it is filled up a quarter takes four on
 * average and seven at most in nine quarters of ten; a tourniquet, of which hardly any is expected to be used, is there all the same.
 */
public final class LeastCount {

    private static final double PART = PlanningAssumption.LEAST_LASTS.value();
    private static final double ENOUGH = PlanningAssumption.SUFFICIENT_TRIPS.value();

    private LeastCount() {}

    /**
     * @param target pieces after a refill, 1 or more
     * @param expectedUse pieces until the next refill on average, 0 or more
     * @return 1 to {@code target}
     */
    public static int of(int target, double expectedUse) {
        double mean = expectedUse * PART;
        double probability = Math.exp(-mean);
        double sum = probability;
        int pieces = 0;
        while (sum < ENOUGH && pieces < target) {
            pieces++;
            probability *= mean / pieces;
            sum += probability;
        }
        return Math.clamp(pieces, 1, Math.max(1, target));
    }
}
