package hodeon.core.plan.tradeoff;

import java.util.List;

/**
 * What a rehearsal found. Uses are counted as in the choice it was made for.
 *
 * @param everything share of trips in which everything wanted was met
 * @param decisive share of trips in which everything that decides an outcome was met
 * @param bySeverity the same for the problems of severity 1 to 5, first 1
 * @param happened share of trips in which each problem happened at least once
 * @param pieces mean number of pieces each use wanted
 * @param firstMissed share of trips in which each use was the first decisive one that was not met
 */
public record RehearsalResult(
        long trips,
        long seed,
        Estimate everything,
        Estimate decisive,
        List<Estimate> bySeverity,
        List<Estimate> happened,
        List<Estimate> pieces,
        List<Double> firstMissed) {

    /** A figure from drawing at random, with its standard error. */
    public record Estimate(double value, double standardError) {}

    public RehearsalResult {
        bySeverity = List.copyOf(bySeverity);
        happened = List.copyOf(happened);
        pieces = List.copyOf(pieces);
        firstMissed = List.copyOf(firstMissed);
    }
}
