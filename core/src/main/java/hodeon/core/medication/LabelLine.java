package hodeon.core.medication;

import hodeon.core.medication.formulary.Band;
import hodeon.core.medication.formulary.Label;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a label says of somebody: one of its lines, or why none holds. Where it names masses as well as ages both bind, also
 * a light twelve-year-old whose own line names no mass: the line with the smaller dose is taken.
 */
public sealed interface LabelLine {

    /** Who is grown goes by age alone where the label's line for grown people names no mass. */
    Age GROWN = Age.ofYears(18);

    Age INFANT_BELOW = Age.ofYears(2);
    String ASK = "Ask a pharmacist or clinician.";

    record Found(Band band, List<String> working) implements LabelLine {}

    /** @param lacksMass whether a mass would help */
    record None(String reason, String remedy, boolean lacksMass) implements LabelLine {}

    static LabelLine of(Label label, Patient patient) {
        Optional<Band> byAge =
                label.bands().stream().filter(b -> b.holdsAge(patient.age())).findFirst();
        if (byAge.isEmpty()) {
            Age youngest = new Age(label.youngestMonths());
            return new None(
                    patient.age().under(youngest)
                            ? "The label speaks from " + youngest + "; " + patient.name() + " is " + patient.age() + "."
                            : "The label says nothing for " + patient.age() + ".",
                    ASK,
                    false);
        }
        boolean goesByMass = byAge.get().mass().isPresent()
                || patient.age().under(GROWN)
                        && label.bands().stream()
                                .flatMap(b -> b.mass().stream())
                                .anyMatch(m -> m.to().isPresent());
        return goesByMass ? byMassToo(label, byAge.get(), patient) : byAge(byAge.get(), patient);
    }

    private static LabelLine byAge(Band band, Patient patient) {
        return new Found(band, List.of("Age " + patient.age() + ": the line “" + band.who() + "”."));
    }

    private static LabelLine byMassToo(Label label, Band byAge, Patient patient) {
        if (patient.weighed().isEmpty()) {
            return byAge.mass().isPresent() && patient.age().under(INFANT_BELOW)
                    ? new None(
                            "The label goes by mass for the very young, and " + patient.name() + "'s is not known.",
                            "Weigh them and write the mass down with its date.",
                            true)
                    : new Found(
                            byAge,
                            List.of("Age " + patient.age() + ", mass not known: the line “" + byAge.who() + "”."));
        }
        BigDecimal kilograms = patient.weighed().get().kilograms();
        BigDecimal lightest = label.bands().stream()
                .flatMap(b -> b.mass().stream())
                .map(Band.MassRange::from)
                .min(Comparator.naturalOrder())
                .orElseThrow();
        if (kilograms.compareTo(lightest) < 0) {
            return new None(
                    "The label speaks from " + plain(lightest) + " kg; " + patient.name() + " weighs "
                            + plain(kilograms) + " kg.",
                    ASK,
                    false);
        }
        Optional<Band> byMass = label.bands().stream()
                .filter(b -> b.mass().filter(m -> m.pointsTo(kilograms)).isPresent())
                .min(Comparator.comparing(Band::most));
        Band chosen = byMass.filter(b -> b.most().compareTo(byAge.most()) < 0).orElse(byAge);
        return new Found(
                chosen,
                List.of("Age " + patient.age() + ", " + plain(kilograms) + " kg: the line “" + chosen.who() + "”"
                        + (byMass.isPresent() && !byMass.get().equals(byAge)
                                ? ", the smaller of the two that mass and age point to."
                                : ".")));
    }

    private static String plain(BigDecimal number) {
        return number.stripTrailingZeros().toPlainString();
    }
}
