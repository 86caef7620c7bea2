package hodeon.core.medication;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Formulary;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Who of a party cannot have what is in which supply, and how many pieces a dose takes for those who can: the same answer that the
 * dose sheet gives, for mat, cards and whatever else asks. Supplies on prescription, and those that hold no medicine known here, are
 * not among them.
 *
 * <p>Worked example: paracetamol 500 mg for one adult, two tablets, and two children of eleven, one tablet each: a dose takes
 * (2 + 1 + 1) ÷ 3 = 1.33 tablets.
 *
 * @param refused by supply id, then by name in the party's order; supplies that everybody can have are missing
 * @param piecesPerDose by supply id, of those of which the catalogue says that a dose is several pieces, then by the name of those
 *     who can have it: at the label's most
 */
public record Suitability(Map<String, Map<String, WhyNot>> refused, Map<String, Map<String, Integer>> piecesPerDose) {

    /** Everybody can have everything: where no party is asked about. */
    public static final Suitability OF_NOBODY = new Suitability(Map.of(), Map.of());

    public static Suitability of(Catalogue catalogue, Formulary formulary, DoseSheet sheet, List<Patient> party) {
        Map<String, Map<String, WhyNot>> refused = new LinkedHashMap<>();
        Map<String, Map<String, Integer>> perDose = new LinkedHashMap<>();
        for (Supply supply : catalogue.supplies()) {
            if (supply.prescribed().isPresent()) {
                continue;
            }
            formulary.inSupply(supply.id()).filter(p -> !p.prescribed()).ifPresent(product -> {
                Map<String, WhyNot> people = new LinkedHashMap<>();
                Map<String, Integer> pieces = new LinkedHashMap<>();
                for (Patient patient : party) {
                    switch (sheet.of(product, patient)) {
                        case Refused no -> people.put(patient.name(), no.whyNot());
                        case Give give -> pieces.put(patient.name(), product.pieces(give.most()));
                    }
                }
                if (supply.usesPerPiece() < 1 && !pieces.isEmpty()) {
                    perDose.put(supply.id(), pieces);
                }
                if (!people.isEmpty()) {
                    refused.put(supply.id(), people);
                }
            });
        }
        return new Suitability(refused, perDose);
    }

    /** Pieces that a dose takes in this party, the mean over those who can have it, by supply id. */
    public Map<String, Double> meanPiecesPerDose() {
        Map<String, Double> mean = new LinkedHashMap<>();
        piecesPerDose.forEach((supply, people) -> people.values().stream()
                .mapToInt(Integer::intValue)
                .average()
                .ifPresent(pieces -> mean.put(supply, Math.max(1, pieces))));
        return mean;
    }

    /** Reasons by name, of those against whom something speaks, rather than nothing being known for them. */
    public Map<String, WhyNot> contraindicated(String supply) {
        return Optional.ofNullable(refused.get(supply)).orElse(Map.of()).entrySet().stream()
                .filter(e -> e.getValue().kind() != WhyNot.Kind.NO_LABEL)
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue, (a, b) -> a, LinkedHashMap::new));
    }
}
