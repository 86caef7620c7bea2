package hodeon.core.readiness;

import hodeon.core.units.Money;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which whole packs to buy for so many missing pieces at least cost, a piece too many counted at what it saves later: the
 * cheapest price of a piece times the chance that it is used before it expires; the rest of it is waste. Further use comes
 * at random (Poisson with the expected number).
 *
 * <p>Exact: the cheapest way to every total from the need upwards is worked out one piece after another. A total of the
 * need and a whole largest pack or more is never better, because a surplus piece never saves more than it cost.
 *
 * <p>Worked example: 6 pieces are missing; packs of 5 cost 4.00, of 20 cost 9.00. With no further use two packs of 5 are
 * best: 8.00, 4 pieces wasted. With 12 further uses expected before they expire the pack of 20 is: 9.00, less 5.12 for
 * the surplus that will be used.
 *
 * @param bought packs of each offer, only those bought
 * @param surplus pieces beyond the need
 * @param surplusWorth what the surplus will save, in hundredths
 */
public record Packs(Map<Offer, Integer> bought, Money cost, int surplus, double surplusWorth) {

    public static final int MOST_NEEDED = 10_000;

    /** Throws {@link IllegalArgumentException} for a need outside 0 to 10,000 or without an offer. */
    public static Packs cheapest(int need, List<Offer> offers, double furtherUse) {
        if (need < 0 || need > MOST_NEEDED || offers.isEmpty()) {
            throw new IllegalArgumentException(
                    "A need of 0 to " + MOST_NEEDED + " pieces can be bought where something is offered, not " + need
                            + " of " + offers.size() + " offers.");
        }
        if (need == 0) {
            return new Packs(Map.of(), Money.ZERO, 0, 0);
        }
        List<Offer> sorted = offers.stream()
                .sorted(Comparator.comparing(Offer::pieces).thenComparing(Offer::name))
                .toList();
        int largest = sorted.getLast().pieces();
        long[] cost = new long[need + largest];
        Offer[] last = new Offer[need + largest];
        Arrays.fill(cost, Long.MAX_VALUE);
        cost[0] = 0;
        for (int total = 1; total < cost.length; total++) {
            for (Offer offer : sorted) {
                int rest = total - offer.pieces();
                if (rest >= 0 && cost[rest] < Long.MAX_VALUE) {
                    long with = cost[rest] + offer.price().hundredths();
                    if (with < cost[total]) {
                        cost[total] = with;
                        last[total] = offer;
                    }
                }
            }
        }
        double[] worth = surplusWorth(
                largest, offers.stream().mapToDouble(Offer::perPiece).min().orElseThrow(), furtherUse);
        int best = -1;
        for (int total = need; total < cost.length; total++) {
            if (cost[total] < Long.MAX_VALUE
                    && (best < 0 || cost[total] - worth[total - need] < cost[best] - worth[best - need] - 1e-9)) {
                best = total;
            }
        }
        Map<Offer, Integer> bought = new LinkedHashMap<>();
        for (int total = best; total > 0; total -= last[total].pieces()) {
            bought.merge(last[total], 1, Integer::sum);
        }
        return new Packs(bought, new Money(cost[best]), best - need, worth[best - need]);
    }

    /** What 0, 1, 2 … surplus pieces will save: the j-th is used when at least j are needed. */
    private static double[] surplusWorth(int most, double perPiece, double furtherUse) {
        double[] worth = new double[most];
        double term = Math.exp(-furtherUse);
        double atLeast = 1 - term;
        for (int j = 1; j < most; j++) {
            worth[j] = worth[j - 1] + perPiece * Math.max(0, atLeast);
            term *= furtherUse / j;
            atLeast -= term;
        }
        return worth;
    }

    public int pieces() {
        return bought.entrySet().stream()
                .mapToInt(b -> b.getKey().pieces() * b.getValue())
                .sum();
    }
}
