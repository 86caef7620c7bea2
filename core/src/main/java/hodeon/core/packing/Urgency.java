package hodeon.core.packing;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Severity;
import hodeon.core.catalogue.Step;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tier;
import hodeon.core.evidence.PlanningAssumption;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a second on the way to a thing costs: how grave and how likely that is what it decides.
 *
 * <p>Of every problem whose critical step the thing serves not only as a makeshift, the rate times its weight: 1 where seconds decide,
 * a thousandth for what else threatens life, a fifth of that for limb and organ, nothing for the rest, which can wait (assumptions). Worked example:
 * severe limb bleeding, 0.03 in 1,000 person-days, weighs 0.03; hypothermia, though likelier, is fought over an hour: the tourniquet wins.
 */
public final class Urgency {

    /** Of a second piece, when the first is at hand. */
    public static final double OF_A_SPARE = PlanningAssumption.SPARE_SECOND.value();

    private Urgency() {}

    /** Of every supply, by id; nothing for what decides nothing. */
    public static Map<String, Double> of(Catalogue catalogue) {
        Map<String, Double> byCapability = new HashMap<>();
        for (Problem problem : catalogue.problems()) {
            problem.steps().stream()
                    .filter(s -> s.importance() == Importance.CRITICAL)
                    .forEach(s -> byCapability.merge(
                            s.capability(),
                            problem.rate().perThousandPersonDays() * weight(problem, s.capability()),
                            Double::sum));
        }
        Map<String, Double> urgency = new HashMap<>();
        for (Supply supply : catalogue.supplies()) {
            supply.serves().forEach((capability, tier) -> {
                if (tier != Tier.IMPROVISED && byCapability.containsKey(capability)) {
                    urgency.merge(supply.id(), byCapability.get(capability), Double::sum);
                }
            });
        }
        return urgency;
    }

    /** Ids of what decides, not as a makeshift, whether somebody lives or keeps a limb. */
    public static Set<String> grave(Catalogue catalogue) {
        Set<String> decisive = catalogue.problems().stream()
                .filter(p -> p.severity() >= PlanningAssumption.GRAVE_SEVERITY.whole())
                .flatMap(p -> p.steps().stream())
                .filter(s -> s.importance() == Importance.CRITICAL)
                .map(Step::capability)
                .collect(Collectors.toSet());
        return catalogue.supplies().stream()
                .filter(s -> s.serves().entrySet().stream()
                        .anyMatch(e -> e.getValue() != Tier.IMPROVISED && decisive.contains(e.getKey())))
                .map(Supply::id)
                .collect(Collectors.toSet());
    }

    private static double weight(Problem problem, String capability) {
        if (problem.atOnce().contains(capability)) {
            return 1;
        }
        return switch (problem.severity()) {
            case Severity.WORST -> PlanningAssumption.LIFE_SECOND.value();
            case Severity.WORST - 1 -> PlanningAssumption.LIMB_SECOND.value();
            default -> 0;
        };
    }
}
