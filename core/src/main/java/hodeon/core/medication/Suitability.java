package hodeon.core.medication;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.DoseAnswer.Why;
import hodeon.core.medication.formulary.Formulary;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Who of a party cannot have what is in which supply: the same answer that the dose sheet gives, for mat, cards and whatever else
 * asks. Supplies on prescription, and those that hold no medicine known here, are not among them.
 *
 * @param refused by supply id, then by name in the party's order; supplies that everybody can have are missing
 */
public record Suitability(Map<String, Map<String, Refusal>> refused) {

    /** Everybody can have everything: where no party is asked about. */
    public static final Suitability OF_NOBODY = new Suitability(Map.of());

    /** Why one person cannot have it. */
    public record Refusal(Why why, String reason) {

        /** Whether something speaks against it, rather than nothing being known for it. */
        boolean speaksAgainst() {
            return why != Why.NO_LABEL;
        }
    }

    public static Suitability of(Catalogue catalogue, Formulary formulary, DoseSheet sheet, List<Patient> party) {
        Map<String, Map<String, Refusal>> refused = new LinkedHashMap<>();
        for (Supply supply : catalogue.supplies()) {
            if (supply.prescribed().isPresent()) {
                continue;
            }
            formulary.inSupply(supply.id()).filter(p -> !p.prescribed()).ifPresent(product -> {
                Map<String, Refusal> people = new LinkedHashMap<>();
                for (Patient patient : party) {
                    if (sheet.of(product, patient) instanceof Refused no) {
                        people.put(patient.name(), new Refusal(no.why(), no.reason()));
                    }
                }
                if (!people.isEmpty()) {
                    refused.put(supply.id(), people);
                }
            });
        }
        return new Suitability(refused);
    }

    /** Reasons by name, of those against whom something speaks. */
    public Map<String, String> contraindicated(String supply) {
        return Optional.ofNullable(refused.get(supply)).orElse(Map.of()).entrySet().stream()
                .filter(e -> e.getValue().speaksAgainst())
                .collect(Collectors.toMap(
                        Map.Entry::getKey, e -> e.getValue().reason(), (a, b) -> a, LinkedHashMap::new));
    }
}
