package hodeon.core.kit;

import hodeon.core.units.Mass;
import java.util.List;

/**
 * A question for the {@link Optimiser}: which whole numbers of candidates make the most of the uses they serve,
 * within a mass limit and above floors. It knows nothing of first aid, so that anybody can check it with own numbers.
 *
 * @param candidates what could be taken
 * @param uses what it would be used for
 * @param floors what must come whatever it earns
 * @param massLimit the most all pieces may weigh together
 */
public record Choice(List<Candidate> candidates, List<Use> uses, List<Floor> floors, Mass massLimit) {

    /**
     * @param least fewest pieces, 0 or more
     * @param most most pieces, at least {@code least}
     * @param usesPerPiece uses one piece serves; ignored for a durable
     * @param durable one piece serves every use of its services
     */
    public record Candidate(
            String id, Mass mass, int least, int most, int usesPerPiece, boolean durable, List<Service> serves) {

        public Candidate {
            serves = List.copyOf(serves);
            if (least < 0 || most < least || usesPerPiece < 1) {
                throw new IllegalArgumentException(
                        id + ": pieces from " + least + " to " + most + ", " + usesPerPiece + " uses a piece.");
            }
        }
    }

    /**
     * @param use index into {@link Choice#uses}
     * @param effect 0 exclusive to 1 inclusive, as a share of the thing made for it
     */
    public record Service(int use, double effect) {}

    /**
     * @param worth of one use served with full effect if it is needed for sure
     * @param atLeast P(one or more), P(two or more), …, falling
     */
    public record Use(String id, double worth, List<Double> atLeast) {

        public Use {
            atLeast = List.copyOf(atLeast);
        }

        /** What it would be worth to serve every use with full effect. */
        public double ideal() {
            return worth * atLeast.stream().mapToDouble(Double::doubleValue).sum();
        }
    }

    /**
     * At least so many pieces over a set of candidates; with {@code orNone} none at all will do too.
     *
     * @param candidates indices into {@link Choice#candidates}
     */
    public record Floor(String reason, List<Integer> candidates, int pieces, boolean orNone) {

        public boolean holds(int[] quantities) {
            int sum = candidates.stream().mapToInt(i -> quantities[i]).sum();
            return sum >= pieces || (orNone && sum == 0);
        }
    }

    public Choice {
        candidates = List.copyOf(candidates);
        uses = List.copyOf(uses);
        floors = List.copyOf(floors);
    }

    public Mass mass(int[] quantities) {
        Mass mass = Mass.ZERO;
        for (int i = 0; i < quantities.length; i++) {
            mass = mass.plus(candidates.get(i).mass().times(quantities[i]));
        }
        return mass;
    }
}
