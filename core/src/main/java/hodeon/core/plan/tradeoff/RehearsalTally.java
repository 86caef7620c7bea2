package hodeon.core.plan.tradeoff;

import hodeon.core.plan.tradeoff.RehearsalResult.Estimate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Counts over rehearsed trips; whole numbers, so that adding tallies up in any order gives the same. */
final class RehearsalTally {

    private static final int SEVERITIES = 5;

    private long trips;
    private long everythingMet;
    private long decisiveMet;
    private final long[] missedBySeverity = new long[SEVERITIES];
    private final long[] happened;
    private final long[] firstMissed;
    private final long[] pieces;
    private final long[] squares;

    private boolean missedAny;
    private boolean missedDecisive;
    private final boolean[] missedSeverity = new boolean[SEVERITIES];
    private final boolean[] happenedNow;
    private final int[] wantedNow;

    RehearsalTally(int problems, int uses) {
        happened = new long[problems];
        happenedNow = new boolean[problems];
        firstMissed = new long[uses];
        pieces = new long[uses];
        squares = new long[uses];
        wantedNow = new int[uses];
    }

    void begin() {
        missedAny = false;
        missedDecisive = false;
        Arrays.fill(missedSeverity, false);
        Arrays.fill(happenedNow, false);
        Arrays.fill(wantedNow, 0);
    }

    void wanted(int problem, int use, int number) {
        happenedNow[problem] = true;
        wantedNow[use] += number;
    }

    void missed(int use, int severity, boolean decides) {
        missedAny = true;
        if (decides) {
            if (!missedDecisive) {
                firstMissed[use]++;
            }
            missedDecisive = true;
            missedSeverity[severity - 1] = true;
        }
    }

    void end() {
        trips++;
        everythingMet += missedAny ? 0 : 1;
        decisiveMet += missedDecisive ? 0 : 1;
        for (int s = 0; s < SEVERITIES; s++) {
            missedBySeverity[s] += missedSeverity[s] ? 1 : 0;
        }
        for (int p = 0; p < happened.length; p++) {
            happened[p] += happenedNow[p] ? 1 : 0;
        }
        for (int u = 0; u < pieces.length; u++) {
            pieces[u] += wantedNow[u];
            squares[u] += (long) wantedNow[u] * wantedNow[u];
        }
    }

    RehearsalTally plus(RehearsalTally other) {
        RehearsalTally sum = new RehearsalTally(happened.length, pieces.length);
        sum.trips = trips + other.trips;
        sum.everythingMet = everythingMet + other.everythingMet;
        sum.decisiveMet = decisiveMet + other.decisiveMet;
        add(sum.missedBySeverity, missedBySeverity, other.missedBySeverity);
        add(sum.happened, happened, other.happened);
        add(sum.firstMissed, firstMissed, other.firstMissed);
        add(sum.pieces, pieces, other.pieces);
        add(sum.squares, squares, other.squares);
        return sum;
    }

    RehearsalResult result(long seed) {
        List<Estimate> bySeverity = new ArrayList<>();
        for (long missed : missedBySeverity) {
            bySeverity.add(share(trips - missed));
        }
        List<Estimate> chances = new ArrayList<>();
        for (long n : happened) {
            chances.add(share(n));
        }
        List<Estimate> means = new ArrayList<>();
        List<Double> first = new ArrayList<>();
        for (int u = 0; u < pieces.length; u++) {
            double mean = (double) pieces[u] / trips;
            double variance = Math.max(0, (double) squares[u] / trips - mean * mean);
            means.add(new Estimate(mean, Math.sqrt(variance / trips)));
            first.add((double) firstMissed[u] / trips);
        }
        return new RehearsalResult(
                trips, seed, share(everythingMet), share(decisiveMet), bySeverity, chances, means, first);
    }

    private Estimate share(long count) {
        double share = (double) count / trips;
        return new Estimate(share, Math.sqrt(share * (1 - share) / trips));
    }

    private static void add(long[] sum, long[] a, long[] b) {
        Arrays.setAll(sum, i -> a[i] + b[i]);
    }
}
