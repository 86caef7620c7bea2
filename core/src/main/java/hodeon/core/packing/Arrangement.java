package hodeon.core.packing;

import hodeon.core.catalogue.Fit;
import hodeon.core.choice.Assignment;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where each thing of a box lies: within the room there is, by the rules, and so that what is urgent is reached soonest. Exact, with its
 * bound; what somebody pinned stays where it is pinned.
 *
 * <p>Worked example: a pouch with an outside holder of 0.3 l (1 s) and an inside of 2 l (4 s). The tourniquet lies outside though the
 * inside has room, gloves lie inside where a hand comes first, and whatever is left lies inside as well.
 *
 * @param compartments by the thing's id; what fits nowhere is missing
 * @param broken rules that are not kept, with the id of the thing they are about
 * @param gap how far this may be from the best, as a share; 0 is proven
 */
public record Arrangement(Map<String, String> compartments, List<Broken> broken, double gap) {

    /** Keeping a rule is worth more than any number of seconds; laying a thing anywhere more than any rule. */
    private static final double BREAKING = 1e3;

    private static final double LEAVING_OUT = 1e5;

    /** Things that need each other lie together where it costs no rule. */
    private static final double APART = 1e2;

    /** Rain and thorns reach what hangs outside: only what is urgent belongs there. */
    private static final double EXPOSED = 10;

    private static final double URGENT_SHARE = 0.05;

    /** Of two compartments the quicker is taken by whatever is not urgent too, if nothing else wants it. */
    private static final double TIDY = 1e-6;

    public record Broken(PackingRule rule, String thing) {}

    public static Arrangement of(List<Compartment> box, List<Laid> things, Duration patience) {
        double[][] costs = new double[things.size()][box.size()];
        double[] left = new double[things.size()];
        double most = things.stream().mapToDouble(Laid::urgency).max().orElse(0);
        for (int i = 0; i < things.size(); i++) {
            Laid thing = things.get(i);
            left[i] = LEAVING_OUT * (1 + share(thing, most));
            for (int c = 0; c < box.size(); c++) {
                Compartment compartment = box.get(c);
                costs[i][c] = (share(thing, most) + TIDY) * compartment.seconds()
                        + (compartment.outside() && !belongsOutside(thing, most) ? EXPOSED : 0)
                        + BREAKING * broken(thing, compartment, box).size();
                Optional<String> pinned = thing.pinned();
                if (pinned.isPresent()) {
                    costs[i][c] = pinned.get().equals(compartment.id()) ? 0 : left[i];
                }
            }
        }
        Assignment.Assigned assigned = new Assignment(
                        things.stream().map(Laid::litres).toList(),
                        box.stream().map(c -> c.room().litres()).toList(),
                        costs,
                        left,
                        pairs(things))
                .solve(patience);
        Map<String, String> compartments = new LinkedHashMap<>();
        List<Broken> broken = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            if (assigned.bins()[i] >= 0) {
                Laid thing = things.get(i);
                Compartment compartment = box.get(assigned.bins()[i]);
                compartments.put(thing.id(), compartment.id());
                broken(thing, compartment, box).forEach(r -> broken.add(new Broken(r, thing.id())));
            }
        }
        return new Arrangement(compartments, broken, assigned.gap());
    }

    /** Rules about a thing that a compartment of its box does not keep, though another does. */
    public static List<PackingRule> broken(Laid thing, Compartment compartment, List<Compartment> box) {
        return Arrays.stream(PackingRule.values())
                .filter(r -> r.binds(thing, box) && !r.keptBy(compartment, box))
                .toList();
    }

    private static int serving(String capability, Laid.Handful but, List<Laid> things) {
        for (int i = 0; i < things.size(); i++) {
            if (things.get(i) instanceof Laid.Handful h
                    && !h.supply().equals(but.supply())
                    && h.supply().serves().containsKey(capability)) {
                return i;
            }
        }
        return -1;
    }

    private static boolean belongsOutside(Laid thing, double most) {
        return share(thing, most) >= URGENT_SHARE && !(thing instanceof Laid.Handful h && h.spare());
    }

    private static double share(Laid thing, double most) {
        return most > 0 ? thing.urgency() / most : 0;
    }

    /** What needs another thing lies beside it: the syringe by the syrup, the cutter by the tape. */
    private static List<Assignment.Pair> pairs(List<Laid> things) {
        List<Assignment.Pair> pairs = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            if (things.get(i) instanceof Laid.Handful one && !one.spare()) {
                for (Fit.Needed need : one.supply().fit().needs()) {
                    int other = serving(need.capability(), one, things);
                    if (other >= 0) {
                        pairs.add(new Assignment.Pair(i, other, APART));
                    }
                }
            }
        }
        return pairs;
    }
}
