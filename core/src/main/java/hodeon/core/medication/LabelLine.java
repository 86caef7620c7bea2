package hodeon.core.medication;

import hodeon.core.medication.finding.OffLabel;
import hodeon.core.medication.finding.Reckoning;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Band;
import hodeon.core.medication.formulary.Label;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.Optional;

/**
 * What a label says of somebody: one of its lines, or why none holds. Where it names masses as well as ages both bind, also
 * a light twelve-year-old whose own line names no mass: the line with the smaller dose is taken.
 */
public sealed interface LabelLine {

    /** Who is grown goes by age alone where the label's line for grown people names no mass. */
    Age GROWN = Age.ofYears(18);

    Age INFANT_BELOW = Age.ofYears(2);

    record Found(Band band, Reckoning reckoning) implements LabelLine {}

    record None(OffLabel reason) implements LabelLine {

        /** No dose is said. */
        WhyNot whyNot() {
            return reason instanceof OffLabel.LacksMass
                    ? new WhyNot.MassNeeded(reason)
                    : new WhyNot.OutsideLabel(reason);
        }
    }

    static LabelLine of(Label label, Patient patient) {
        Optional<Band> byAge =
                label.bands().stream().filter(b -> b.holdsAge(patient.age())).findFirst();
        if (byAge.isEmpty()) {
            Age youngest = new Age(label.youngestMonths());
            return new None(
                    patient.age().under(youngest)
                            ? new OffLabel.TooYoung(youngest, patient.name(), patient.age())
                            : new OffLabel.SaysNothing(patient.age()));
        }
        boolean goesByMass = byAge.get().mass().isPresent()
                || patient.age().under(GROWN)
                        && label.bands().stream()
                                .flatMap(b -> b.mass().stream())
                                .anyMatch(m -> m.to().isPresent());
        return goesByMass ? byMassToo(label, byAge.get(), patient) : byAge(byAge.get(), patient);
    }

    private static LabelLine byAge(Band band, Patient patient) {
        return new Found(band, new Reckoning.ByAge(patient.age(), band.who()));
    }

    private static LabelLine byMassToo(Label label, Band byAge, Patient patient) {
        if (patient.weighed().isEmpty()) {
            return byAge.mass().isPresent() && patient.age().under(INFANT_BELOW)
                    ? new None(new OffLabel.LacksMass(patient.name()))
                    : new Found(byAge, new Reckoning.ByAgeWithoutMass(patient.age(), byAge.who()));
        }
        BigDecimal kilograms = patient.weighed().get().kilograms();
        BigDecimal lightest = label.bands().stream()
                .flatMap(b -> b.mass().stream())
                .map(Band.MassRange::from)
                .min(Comparator.naturalOrder())
                .orElseThrow();
        if (kilograms.compareTo(lightest) < 0) {
            return new None(new OffLabel.TooLight(lightest, patient.name(), kilograms));
        }
        Optional<Band> byMass = label.bands().stream()
                .filter(b -> b.mass().filter(m -> m.pointsTo(kilograms)).isPresent())
                .min(Comparator.comparing(Band::most));
        Band chosen = byMass.filter(b -> b.most().compareTo(byAge.most()) < 0).orElse(byAge);
        return new Found(
                chosen,
                byMass.isPresent() && !byMass.get().equals(byAge)
                        ? new Reckoning.BySmallerLine(patient.age(), kilograms, chosen.who())
                        : new Reckoning.ByAgeAndMass(patient.age(), kilograms, chosen.who()));
    }
}
