package hodeon.core.medication.amount;

import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.need.PooledNeed;
import hodeon.core.need.PooledNeed.Lack;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;

/**
 * What could be needed of medicines that can stand in for each other, with the walking-out reserve of those that relieve
 * pain.
 *
 * <p>Worked example, a test: nothing against pain in the kit, nine hours from care. Walking out asks for six tablets of paracetamol;
 * the fix names those and what nine trips of ten need besides.
 *
 * @param uses that suffice on nine trips of ten, walking out not counted
 * @param there pieces in the kit that nobody takes every day, by supply id
 * @param walkingOut for each who would be treated from this pool
 * @param lack what remains unserved once the casualty who needs most is provided for
 */
public record AsNeeded(
        PooledNeed pool,
        int uses,
        Map<String, Integer> there,
        List<WalkingOut> walkingOut,
        Lack lack,
        Optional<Fix> fix) {

    private static final double SUFFICIENT = PlanningAssumption.SUFFICIENT_TRIPS.value();

    /** What would make it enough: a supply, and how many more of it. */
    public record Fix(Supply supply, int more) {}

    /** @param unsuited for how many people a supply is not */
    public static AsNeeded of(
            PooledNeed pool, Map<String, Integer> there, List<WalkingOut> everybody, ToIntFunction<Supply> unsuited) {
        List<WalkingOut> walkingOut = everybody.stream()
                .filter(w -> pool.supplies().contains(w.supply()))
                .toList();
        Map<String, Integer> left = new HashMap<>(there);
        most(walkingOut).ifPresent(w -> left.merge(w.supply().id(), -w.pieces(), Integer::sum));
        Lack lack = pool.lacks(left, SUFFICIENT);
        return new AsNeeded(
                pool,
                pool.suffices(SUFFICIENT),
                there,
                walkingOut,
                lack,
                fix(pool, there, left, walkingOut, lack, unsuited));
    }

    public boolean enough() {
        return fix.isEmpty();
    }

    /** For the one casualty who needs most. */
    public Optional<WalkingOut> reserve() {
        return most(walkingOut);
    }

    /** Those for whom there is too little to walk out with. */
    public List<WalkingOut> untreated() {
        return walkingOut.stream().filter(w -> w.missing() > 0).toList();
    }

    /** All uses together. */
    public int asked() {
        return uses + reserve().map(w -> w.supply().uses(w.pieces())).orElse(0);
    }

    private static Optional<WalkingOut> most(List<WalkingOut> of) {
        return of.stream().max(Comparator.comparingInt(WalkingOut::pieces));
    }

    private static Optional<Fix> fix(
            PooledNeed pool,
            Map<String, Integer> there,
            Map<String, Integer> left,
            List<WalkingOut> walkingOut,
            Lack lack,
            ToIntFunction<Supply> unsuited) {
        Optional<WalkingOut> untreated =
                walkingOut.stream().filter(w -> w.missing() > 0).max(Comparator.comparingInt(WalkingOut::missing));
        if (untreated.isPresent()) {
            Supply supply = untreated.get().supply();
            int more = helps(supply, lack) ? supply.piecesFor(lack.uses()) : 0;
            return Optional.of(new Fix(supply, untreated.get().missing() + more));
        }
        if (lack.uses() == 0) {
            return Optional.empty();
        }
        return pool.supplies().stream()
                .filter(s -> helps(s, lack))
                .min(Comparator.<Supply>comparingInt(s -> stillLacking(pool, left, s, lack))
                        .thenComparingInt(unsuited)
                        .thenComparing(s -> -there.getOrDefault(s.id(), 0)))
                .map(s -> new Fix(s, s.piecesFor(lack.uses())));
    }

    /** Uses that lack even with as many more of a supply as were lacking. */
    private static int stillLacking(PooledNeed pool, Map<String, Integer> left, Supply supply, Lack lack) {
        Map<String, Integer> with = new HashMap<>(left);
        with.merge(supply.id(), supply.piecesFor(lack.uses()), Integer::sum);
        return pool.lacks(with, SUFFICIENT).uses();
    }

    private static boolean helps(Supply supply, Lack lack) {
        return lack.capabilities().stream().anyMatch(PooledNeed.doesWell(supply)::contains);
    }
}
