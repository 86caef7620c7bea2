package hodeon.core.plan.tradeoff;

import hodeon.core.catalogue.Supply;
import hodeon.core.choice.Allocator;
import hodeon.core.choice.Choice;
import hodeon.core.choice.Marginals;
import hodeon.core.plan.KitQuestion;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Which pieces of a kit earn least for their grams, and what could do their work. */
public final class Prune {

    private static final int MOST_SWAPS = 3;

    private final KitQuestion question;
    private final Allocator allocator;
    private final int[] quantities;
    private final double worth;

    /**
     * Less of a supply.
     *
     * @param fewer pieces less: one, or as many as one use takes
     * @param lost worth lost when these stay home, with everything else set aside anew
     * @param lostPerGram the same for each gram saved; infinite where it saves none
     * @param floor reason why it must stay, empty if it may go
     */
    public record Piece(Supply supply, int pieces, int fewer, double lost, double lostPerGram, String floor) {}

    /**
     * Another supply in place of all pieces of one.
     *
     * @param grams change of mass, below 0 when lighter
     * @param worth change of worth, below 0 when it does less
     */
    public record Swap(Supply to, int pieces, double grams, double worth) {}

    public Prune(KitQuestion question, Map<String, Integer> kit) {
        this.question = question;
        this.allocator = new Allocator(question.choice());
        this.quantities = question.quantities(kit);
        this.worth = allocator.worth(quantities);
    }

    /** Every supply of the kit, what earns least for its grams first; what a floor keeps comes last. */
    public List<Piece> pieces() {
        Marginals marginals = allocator.marginals(quantities);
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < question.catalogue().supplies().size(); i++) {
            if (quantities[i] > 0) {
                Supply supply = question.catalogue().supplies().get(i);
                double lost = marginals.of(i).oneLess();
                int fewer = question.choice().candidates().get(i).down(quantities[i]);
                pieces.add(new Piece(
                        supply,
                        quantities[i],
                        fewer,
                        lost,
                        lost / supply.mass().times(fewer).grams(),
                        question.floorKeeping(quantities, i)
                                .map(Choice.Floor::reason)
                                .orElse("")));
            }
        }
        pieces.sort(Comparator.comparing((Piece p) -> !p.floor().isEmpty()).thenComparingDouble(Piece::lostPerGram));
        return pieces;
    }

    /** What could stand in for all pieces of a supply in the kit: same work, best worth for the change of grams first. */
    public List<Swap> swaps(Supply supply) {
        int here = question.catalogue().supplies().indexOf(supply);
        if (here < 0 || quantities[here] == 0) {
            return List.of();
        }
        return question.catalogue().supplies().stream()
                .filter(other -> !other.id().equals(supply.id()) && sharesWork(supply, other))
                .filter(other -> !question.exclusions().containsKey(other.id()))
                .flatMap(other -> swap(here, question.catalogue().supplies().indexOf(other)).stream())
                .sorted(Comparator.comparingDouble(Swap::worth).reversed())
                .limit(MOST_SWAPS)
                .toList();
    }

    private List<Swap> swap(int here, int there) {
        Supply from = question.catalogue().supplies().get(here);
        Supply to = question.catalogue().supplies().get(there);
        int most = question.choice().candidates().get(there).most() - quantities[there];
        int wanted = to.servesAll() ? 1 : to.piecesFor(from.uses(quantities[here]));
        int pieces = Math.min(wanted, most);
        if (pieces <= 0) {
            return List.of();
        }
        int[] changed = quantities.clone();
        changed[here] = 0;
        changed[there] += pieces;
        double grams = to.mass().times(pieces).grams()
                - from.mass().times(quantities[here]).grams();
        return List.of(new Swap(to, pieces, grams, allocator.worth(changed) - worth));
    }

    private boolean sharesWork(Supply one, Supply other) {
        return one.serves().keySet().stream()
                .anyMatch(c -> other.serves().containsKey(c) && question.asked().contains(c));
    }
}
