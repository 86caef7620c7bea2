package hodeon.core.packing;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.choice.Loads;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.plan.KitQuestion;
import hodeon.core.plan.NeededStep;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Who carries what: each group of supplies is a module that stays together where it can, loads are even, and every group that may separate from the others keeps what guards life.
 *
 * @param carriers pieces by supply id for each carrier
 * @param tooFew what guards life but is there too few times for every group
 */
public record Carry(List<Map<String, Integer>> carriers, List<String> tooFew) {

    private static final Loads.Together TOGETHER =
            new Loads.Together(PlanningAssumption.TOGETHER_GRAMS.value(), PlanningAssumption.MODULE_GRAMS.value());

    /** @param groups carriers numbered from 0, by the group they stay with */
    public static Carry of(
            KitQuestion question, Map<String, Integer> kit, List<List<Integer>> groups, Duration patience) {
        List<Supply> supplies = question.catalogue().supplies().stream()
                .filter(s -> kit.getOrDefault(s.id(), 0) > 0)
                .toList();
        List<Loads.Item> items = supplies.stream()
                .map(s -> new Loads.Item(
                        s.id(),
                        s.mass().grams(),
                        kit.getOrDefault(s.id(), 0),
                        s.group().label()))
                .toList();
        Loads.Shared shared = new Loads(items, groups, musts(question, supplies), TOGETHER).share(patience);
        List<Map<String, Integer>> carriers = new ArrayList<>();
        for (List<Integer> pieces : shared.piecesByCarrier()) {
            Map<String, Integer> carried = new LinkedHashMap<>();
            for (int i = 0; i < supplies.size(); i++) {
                if (pieces.get(i) > 0) {
                    carried.put(supplies.get(i).id(), pieces.get(i));
                }
            }
            carriers.add(carried);
        }
        return new Carry(carriers, shared.tooFew());
    }

    /** What decides a threat to life and is in the kit at all. */
    private static List<Loads.Must> musts(KitQuestion question, List<Supply> supplies) {
        Map<String, Loads.Must> byCapability = new TreeMap<>();
        for (NeededStep step : question.steps()) {
            if (step.decidesALife()) {
                String capability = step.capability().id();
                List<Integer> able = new ArrayList<>();
                for (int i = 0; i < supplies.size(); i++) {
                    Tier tier = supplies.get(i).serves().get(capability);
                    if (tier != null && tier != Tier.IMPROVISED) {
                        able.add(i);
                    }
                }
                if (!able.isEmpty()) {
                    byCapability.put(
                            capability, new Loads.Must(step.capability().name(), able));
                }
            }
        }
        return List.copyOf(byCapability.values());
    }
}
