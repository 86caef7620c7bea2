package hodeon.core.medication;

import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.OverCeiling;
import hodeon.core.medication.finding.Reckoning;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A dose as a clinician directed it for one person. It is followed in place of the label, never silently beyond it, and never
 * above a hard ceiling unless the direction says why.
 */
final class DirectedDose {

    private final Formulary formulary;
    private final Tradition tradition;
    private final CeilingCheck ceilings;

    DirectedDose(Formulary formulary, Tradition tradition) {
        this.formulary = formulary;
        this.tradition = tradition;
        this.ceilings = new CeilingCheck(formulary);
    }

    /** @param directions one for each thing the product holds */
    DoseAnswer of(Product product, Patient patient, List<Direction> directions, List<Caution> known) {
        Optional<LabelLine> onLabel = formulary.label(product, tradition).map(l -> LabelLine.of(l, patient));
        Optional<Direction> bound =
                directions.stream().filter(d -> !d.beyondLabel()).findFirst();
        if (bound.isPresent() && onLabel.orElse(null) instanceof LabelLine.None none) {
            return new Refused(
                    product,
                    new WhyNot.DirectionInsideLabel(none.reason(), bound.get().by()),
                    known);
        }
        if (patient.weighed().isEmpty() && directions.stream().anyMatch(Direction::goesByMass)) {
            return new Refused(product, new WhyNot.DirectionByMass(patient.name()), known);
        }
        for (Direction d : directions) {
            Optional<OverCeiling> breach = breach(product, patient, d);
            if (breach.isPresent()) {
                return new Refused(product, new WhyNot.DirectionTooMuch(d.by(), d.on(), breach.get()), known);
            }
        }
        return followed(product, patient, directions, onLabel, known);
    }

    private Optional<OverCeiling> breach(Product product, Patient patient, Direction d) {
        if (product.form().onTheSpot() || !d.beyondCeilings().isBlank()) {
            return Optional.empty();
        }
        Dose dose = d.dose(kilograms(patient));
        return ceilings.breach(d.ingredient(), dose, d.apart())
                .or(() -> ceilings.breachByMass(d.ingredient(), dose, patient));
    }

    private DoseAnswer followed(
            Product product,
            Patient patient,
            List<Direction> directions,
            Optional<LabelLine> onLabel,
            List<Caution> known) {
        List<Reckoning> working = new ArrayList<>();
        List<Caution> cautions = new ArrayList<>(known);
        List<BigDecimal> once = new ArrayList<>();
        List<BigDecimal> day = new ArrayList<>();
        Duration apart = Duration.ZERO;
        for (Direction d : directions) {
            String ingredient = d.ingredient();
            Dose dose = d.dose(kilograms(patient));
            BigDecimal units = product.unitsOf(ingredient, dose);
            working.add(d.perKilogram()
                    .<Reckoning>map(each -> new Reckoning.ForEachKilogram(
                            kilograms(patient),
                            each,
                            Product.times(each, kilograms(patient), RoundingMode.FLOOR),
                            d.mostAtOnce(),
                            dose))
                    .orElseGet(() -> new Reckoning.Directed(dose, d.by(), d.on())));
            working.add(LabelledDose.division(product, ingredient, dose, units));
            once.add(units);
            day.add(product.unitsOf(ingredient, day(d, patient, cautions)));
            apart = apart.compareTo(d.apart()) > 0 ? apart : d.apart();
            onLabel.ifPresent(found -> compared(found, patient, dose, d).ifPresent(cautions::add));
            if (!d.beyondCeilings().isBlank()) {
                cautions.add(Caution.ask(
                        Kind.CEILING,
                        new Because.Directed(d.by(), d.on()),
                        new Warning.MayPassCeilings(d.beyondCeilings()),
                        "the direction"));
            }
        }
        BigDecimal units = once.stream().min(Comparator.naturalOrder()).orElseThrow();
        if (units.signum() == 0) {
            return new Refused(product, new WhyNot.DirectionTooFine(product.strength()), known);
        }
        cautions.sort(DoseSheet.gravestFirst());
        Dosing dosing = new Dosing(
                units,
                units,
                Optional.empty(),
                apart,
                OptionalInt.empty(),
                Optional.of(day.stream().min(Comparator.naturalOrder()).orElseThrow()),
                OptionalInt.empty());
        return new Give(product, dosing, directions, working, cautions);
    }

    /** What was directed for 24 hours, held down to the ceilings, which is told. */
    private Dose day(Direction d, Patient patient, List<Caution> cautions) {
        Dose said = d.day(patient.weighed().map(Patient.Weighed::kilograms));
        Optional<Dose> most = d.beyondCeilings().isBlank()
                ? ceilings.day(d.ingredient(), patient).filter(c -> c.compareTo(said) < 0)
                : Optional.empty();
        most.ifPresent(c -> cautions.add(Caution.ask(
                Kind.CEILING, new Because.Directed(d.by(), d.on()), new Warning.HeldDown(said, c), "hard ceilings")));
        return most.orElse(said);
    }

    /** A direction outside or above the label is followed, and never silently. */
    private Optional<Caution> compared(LabelLine found, Patient patient, Dose dose, Direction direction) {
        Because by = new Because.AsDirected(direction.by(), direction.on());
        return switch (found) {
            case LabelLine.None none ->
                Optional.of(Caution.ask(Kind.BEYOND_LABEL, by, new Warning.OutsideLabel(none.reason()), "the label"));
            case LabelLine.Found line ->
                usual(direction.ingredient(), patient)
                        .filter(most -> dose.milligrams().compareTo(most) > 0)
                        .map(most -> Caution.ask(Kind.BEYOND_LABEL, by, new Warning.MoreThanLabel(most), "the label"));
        };
    }

    /** The most at once that the ingredient's own label says, in mg. */
    private Optional<BigDecimal> usual(String ingredient, Patient patient) {
        return formulary
                .labelOf(ingredient, tradition)
                .filter(l -> l.measure() == Label.Measure.MILLIGRAMS)
                .flatMap(l -> LabelLine.of(l, patient) instanceof LabelLine.Found line
                        ? Optional.of(line.band().first().orElse(line.band().most()))
                        : Optional.empty());
    }

    private static BigDecimal kilograms(Patient patient) {
        return patient.weighed().map(Patient.Weighed::kilograms).orElse(BigDecimal.ONE);
    }
}
