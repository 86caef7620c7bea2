package hodeon.core.practice;

/**
 * When something that was practised is asked again, by the SM-2 rule (P. A. Wozniak, Optimization of learning, University of Technology
 * in Poznan, 1990).
 *
 * <p>Worked example, a test: answered well (4) three times in a row, it is asked again after 1, 6 and 15 days; then wrong (2), after 1
 * day, and its ease has fallen from 2.5 to 2.18.
 *
 * @param ease how fast the waiting grows, 1.3 or more
 * @param days until it is asked again; 0 before the first time
 * @param repetitions answered well in a row
 */
public record Recall(double ease, int days, int repetitions) {

    /** Constants of the published rule. */
    private static final double FIRST_EASE = 2.5;

    private static final double LEAST_EASE = 1.3;
    private static final int PASSED = 3;
    private static final int BEST = 5;
    private static final int SECOND_WAIT = 6;

    public static final Recall NEW = new Recall(FIRST_EASE, 0, 0);

    /** @param quality of the answer: 5 at once, 4 after thinking, 3 with trouble; 2 or less is wrong */
    public Recall answered(int quality) {
        if (quality < 0 || quality > BEST) {
            throw new IllegalArgumentException("A quality of " + quality + " is outside 0 to 5.");
        }
        double missed = BEST - quality;
        double eased = Math.max(LEAST_EASE, ease + 0.1 - missed * (0.08 + missed * 0.02));
        if (quality < PASSED) {
            return new Recall(eased, 1, 0);
        }
        int next = repetitions == 0 ? 1 : repetitions == 1 ? SECOND_WAIT : (int) Math.ceil(days * ease);
        return new Recall(eased, next, repetitions + 1);
    }
}
