package hodeon.core.choice;

import hodeon.core.choice.Choice.Service;
import java.util.Arrays;

/** Tries everything: every whole number of every candidate, and every way to set each single use aside. */
final class BruteForce {

    private BruteForce() {}

    /** The best worth, or −1 if nothing keeps the limit and the floors. */
    static double best(Choice choice) {
        return pieces(choice, new int[choice.candidates().size()], 0);
    }

    private static double pieces(Choice choice, int[] quantities, int i) {
        if (i == quantities.length) {
            return choice.allows(quantities) ? allocate(choice, quantities) : -1;
        }
        double best = -1;
        for (int n = choice.candidates().get(i).least();
                n <= choice.candidates().get(i).most();
                n++) {
            quantities[i] = n;
            best = Math.max(best, pieces(choice, quantities, i + 1));
        }
        quantities[i] = 0;
        return best;
    }

    private static double allocate(Choice choice, int[] quantities) {
        int longest =
                choice.uses().stream().mapToInt(u -> u.atLeast().size()).max().orElse(0);
        double[][] effects = new double[choice.uses().size()][longest];
        int[] left = new int[quantities.length];
        for (int i = 0; i < quantities.length; i++) {
            Candidate candidate = choice.candidates().get(i);
            left[i] = candidate.durable() ? 0 : (int) Math.floor(quantities[i] * candidate.usesPerPiece() + 1e-9);
            if (candidate.durable() && quantities[i] > 0) {
                for (Service s : candidate.serves()) {
                    double[] row = effects[s.use()];
                    Arrays.setAll(row, k -> Math.max(row[k], s.effect()));
                }
            }
        }
        return slot(choice, effects, left, 0);
    }

    /** Goes through the k-th uses one after another and lets each be served by anything that is left, or by nothing. */
    private static double slot(Choice choice, double[][] durable, int[] left, int slot) {
        int longest = durable.length == 0 ? 0 : durable[0].length;
        if (slot == durable.length * longest) {
            return 0;
        }
        int use = slot / longest;
        int k = slot % longest;
        Choice.Use need = choice.uses().get(use);
        double worth = k < need.atLeast().size() ? need.worth() * need.atLeast().get(k) : 0;
        double best = worth * durable[use][k] + slot(choice, durable, left, slot + 1);
        if (worth > 0) {
            for (int i = 0; i < left.length; i++) {
                for (Service s : choice.candidates().get(i).serves()) {
                    if (left[i] > 0 && s.use() == use && s.effect() > durable[use][k]) {
                        left[i]--;
                        best = Math.max(best, worth * s.effect() + slot(choice, durable, left, slot + 1));
                        left[i]++;
                    }
                }
            }
        }
        return best;
    }
}
