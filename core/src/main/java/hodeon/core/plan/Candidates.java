package hodeon.core.plan;

import hodeon.core.catalogue.Supply;
import hodeon.core.choice.Candidate;
import hodeon.core.choice.Choice.Service;
import hodeon.core.medication.Suitability;
import hodeon.core.need.Exposure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Supplies as candidates of a choice: which steps each can serve, and how well.
 *
 * @param byCapability the steps that ask for a capability, as indices into {@code steps}
 */
record Candidates(Map<String, List<Integer>> byCapability, List<NeededStep> steps, Suitability suitability) {

    /** @param id of the supply, or of its pieces that ride elsewhere */
    Candidate candidate(String id, Supply supply, int least, int most) {
        Set<String> unsuited = suitability.contraindicated(supply.id()).keySet();
        List<Service> serves = new ArrayList<>();
        supply.serves().forEach((capability, tier) -> byCapability
                .getOrDefault(capability, List.of())
                .forEach(use -> {
                    double effect = steps.get(use).adds(tier)
                            * fit(supply, unsuited, steps.get(use).problem().exposure());
                    if (effect > 0) {
                        serves.add(new Service(use, effect));
                    }
                }));
        serves.sort(Comparator.comparingInt(Service::use));
        return new Candidate(id, least, most, supply.usesPerPiece(), supply.servesAll(), serves);
    }

    /**
     * The share of those who could have a problem whom a supply fits and who may have it: what comes in one size, and medicine that
     * is not for children, does its work for the others.
     */
    private static double fit(Supply supply, Set<String> unsuited, Exposure exposure) {
        if ((supply.sizes().isEmpty() && unsuited.isEmpty())
                || exposure.people().isEmpty()) {
            return 1;
        }
        double fitting = 0;
        double all = 0;
        for (Exposure.OfPerson person : exposure.people()) {
            all += person.factor();
            boolean may = Contraindications.fits(supply, person.person())
                    && !unsuited.contains(person.person().name());
            fitting += may ? person.factor() : 0;
        }
        return all == 0 ? 1 : fitting / all;
    }
}
