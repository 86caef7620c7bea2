package hodeon.core.plan.tradeoff;

import hodeon.core.catalogue.Supply;
import hodeon.core.choice.Choice.Burden;
import hodeon.core.choice.Marginal;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.Planner;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.function.Function;

/**
 * What some grams more on top of a kit would buy: piece by piece what adds most for its grams, each figure from a new optimal
 * allocation. What a piece would once have added bounds what it adds later, so few are computed again (lazy greedy: M. Minoux,
 * Lecture Notes in Control and Information Sciences 1978; 7: 234–243). Near the best there is, and never more than there is.
 *
 * @param worth that the pieces add together
 * @param burden that their grams and kinds cost
 * @param pieces by supply id, what adds most for its grams first; together no heavier than was asked for
 */
public record NextGrams(double worth, double burden, Map<String, Integer> pieces) {

    private static final double NOTHING = 1e-9;

    /** Promises looked at; far more than are ever needed, so that nothing can go on for ever. */
    private static final int MOST_LOOKS = 2_000;

    public NextGrams {
        pieces = Collections.unmodifiableMap(new LinkedHashMap<>(pieces));
    }

    /** Whether they earn more than they cost: only a limit can have kept them out of a kit that is proven best. */
    public boolean earn() {
        return worth > burden;
    }

    /** So many pieces of a supply, and what they would add, computed when so many had been added. */
    private record Promise(Supply supply, int pieces, double gain, int after) {

        double grams() {
            return supply.mass().grams() * pieces;
        }

        double perGram() {
            return gain / (grams() + NOTHING);
        }
    }

    /** @param marginals of the kit as it is, by supply id, of everything that may come */
    public static NextGrams of(
            KitQuestion question, Map<String, Integer> kit, Map<String, Marginal> marginals, double grams) {
        Planner planner = new Planner(question);
        Map<String, Integer> more = new HashMap<>(kit);
        Map<String, Integer> added = new LinkedHashMap<>();
        PriorityQueue<Promise> promises = new PriorityQueue<>(
                Comparator.comparingDouble(Promise::perGram).reversed().thenComparing(p -> p.supply()
                        .id()));
        marginals.forEach((id, marginal) -> promises.add(promise(question, more, id, marginal.oneMore(), 0)));
        Function<String, Double> now = planner.gains(kit);
        double worth = 0;
        double left = grams;
        int takes = 0;
        for (int looks = 0; looks < MOST_LOOKS && !promises.isEmpty(); looks++) {
            Promise best = promises.remove();
            String id = best.supply().id();
            if (best.gain() <= NOTHING) {
                break;
            }
            if (best.grams() > left || !inCompany(question, more, best)) {
                continue;
            }
            if (best.after() < takes) {
                promises.add(promise(question, more, id, now.apply(id), takes));
                continue;
            }
            more.merge(id, best.pieces(), Integer::sum);
            added.merge(id, best.pieces(), Integer::sum);
            worth += best.gain();
            left -= best.grams();
            now = planner.gains(more);
            promises.add(promise(question, more, id, best.gain(), takes++));
        }
        Burden burden = question.choice().burden();
        return new NextGrams(worth, burden.of(question.quantities(more)) - burden.of(question.quantities(kit)), added);
    }

    private static Promise promise(KitQuestion question, Map<String, Integer> kit, String id, double gain, int after) {
        Supply supply = question.catalogue().supply(id).orElseThrow();
        int up = question.choice()
                .candidates()
                .get(question.catalogue().supplies().indexOf(supply))
                .up(kit.getOrDefault(id, 0));
        return new Promise(supply, up, gain, after);
    }

    private static boolean inCompany(KitQuestion question, Map<String, Integer> kit, Promise promise) {
        Map<String, Integer> with = new HashMap<>(kit);
        with.merge(promise.supply().id(), promise.pieces(), Integer::sum);
        return question.choice().companyHolds(question.quantities(with));
    }
}
