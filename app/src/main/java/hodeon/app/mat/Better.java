package hodeon.app.mat;

import hodeon.app.plan.Recommendation;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.choice.Solution;
import hodeon.core.plan.Plan;
import hodeon.core.plan.Planner;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A better kit than the one somebody has laid out, offered and never forced on them.
 *
 * @param met what it meets, and what lies there meets
 * @param grams what changes in weight, in words
 */
public record Better(String met, String insteadOf, String grams) {

    /** Empty while nothing better is known for sure, and once it was not wanted. */
    public static Optional<Better> of(Mat mat, Plan mine, Recommendation best, double bestGrams) {
        if (!mat.touched()
                || mat.stale()
                || best.searching()
                || !(best.solution() instanceof Solution.Found found)
                || !better(mine, found)
                || sign(best.pieces()).equals(mat.declined())) {
            return Optional.empty();
        }
        double change = bestGrams - mine.mass().grams();
        return Optional.of(new Better(
                Figures.percent(found.worth() / mine.ideal()),
                Figures.percent(mine.coverage()),
                Math.abs(change) < 0.5
                        ? Wording.says("better.atTheSameWeight")
                        : Figures.grams(Math.abs(change))
                                + (change < 0
                                        ? " " + Wording.says("better.lighter")
                                        : " " + Wording.says("better.heavier"))));
    }

    /** It leaves more after its burden, or keeps what must come without meeting less. */
    private static boolean better(Plan mine, Solution.Found found) {
        return found.net() - mine.net() > Planner.PROVEN_GAP * mine.ideal()
                || !mine.broken().isEmpty() && found.worth() >= mine.worth();
    }

    /** Tells one kit from another. */
    static String sign(Map<String, Integer> pieces) {
        try {
            byte[] kit = new TreeMap<>(pieces).toString().getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(kit));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
