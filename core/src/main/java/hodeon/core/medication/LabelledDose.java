package hodeon.core.medication;

import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.MoreThanUsual;
import hodeon.core.medication.finding.OverCeiling;
import hodeon.core.medication.finding.Reckoning;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.medication.formulary.Band;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.Label.Measure;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A dose as the label says it, in what can be measured out and within the hard ceilings. */
final class LabelledDose {

    private final Formulary formulary;
    private final Tradition tradition;
    private final CeilingCheck ceilings;

    LabelledDose(Formulary formulary, Tradition tradition) {
        this.formulary = formulary;
        this.tradition = tradition;
        this.ceilings = new CeilingCheck(formulary);
    }

    DoseAnswer of(Product product, Patient patient, List<Caution> known) {
        Optional<Label> label = formulary.label(product, tradition);
        if (label.isEmpty()) {
            return new Refused(product, new WhyNot.NoLabel(tradition, product.name()), known);
        }
        return switch (LabelLine.of(label.get(), patient)) {
            case LabelLine.None none -> new Refused(product, none.whyNot(), known);
            case LabelLine.Found line -> byLine(product, patient, label.get(), line, known);
        };
    }

    private DoseAnswer byLine(
            Product product, Patient patient, Label label, LabelLine.Found line, List<Caution> known) {
        Band band = line.band();
        List<Reckoning> working = new ArrayList<>(List.of(line.reckoning()));
        Dosing said = label.measure() == Measure.UNITS
                ? inUnits(product, band, patient, working)
                : inMilligrams(product, band, patient, working);
        if (said.most().signum() == 0 || tooLittle(product, label, band, said.most())) {
            return new Refused(
                    product,
                    new WhyNot.TooFine(band.most(), label.measure(), product.strength(), product.says(product.step())),
                    known);
        }
        List<Caution> cautions = new ArrayList<>(known);
        if (label.own() && !product.form().onTheSpot()) {
            Optional<OverCeiling> breach = breach(product, said);
            if (breach.isPresent() && label.confirmed().isBlank()) {
                return new Refused(product, new WhyNot.OwnEntry(breach.get()), known);
            }
            breach.ifPresent(b -> cautions.add(Caution.ask(
                    Kind.CEILING, new Because.Above(b), new Warning.EntrySaysWhy(label.confirmed()), "your own pack")));
            cautions.addAll(againstShipped(product, patient, said));
        }
        CeilingCheck.Held held =
                ceilings.held(product, said, patient, !label.confirmed().isBlank());
        if (held.dosing().isEmpty()) {
            return new Refused(
                    product,
                    new WhyNot.TooStrong(
                            patient.name(), patient.weighed().orElseThrow().kilograms()),
                    known);
        }
        cautions.addAll(held.cautions());
        working.addAll(held.working());
        cautions.sort(DoseSheet.gravestFirst());
        return new Give(product, held.dosing().get(), List.of(), working, cautions);
    }

    private Optional<OverCeiling> breach(Product product, Dosing said) {
        return product.holds(said.mostEver()).entrySet().stream()
                .flatMap(e -> ceilings.breach(e.getKey(), e.getValue(), said.apart()).stream())
                .findFirst();
    }

    private static Dosing inUnits(Product product, Band band, Patient patient, List<Reckoning> working) {
        working.add(new Reckoning.CountsIn(product.says(band.most())));
        return new Dosing(
                band.least(),
                product.stepped(band.most()),
                band.first().map(product::stepped),
                band.apart(),
                band.times(),
                inADay(band, patient).map(product::stepped),
                band.days());
    }

    private static Dosing inMilligrams(Product product, Band band, Patient patient, List<Reckoning> working) {
        String ingredient = product.only();
        Dose once = Dose.ofMilligrams(band.most());
        BigDecimal most = product.unitsOf(ingredient, once);
        Dose leastDose = Dose.ofMilligrams(band.least());
        BigDecimal fewest = product.unitsOf(ingredient, leastDose);
        boolean fewestIsLess = Product.times(product.of(ingredient), fewest, RoundingMode.CEILING)
                        .compareTo(leastDose)
                < 0;
        working.add(division(product, ingredient, once, most));
        return new Dosing(
                fewestIsLess ? fewest.add(product.step()) : fewest,
                most,
                band.first().map(mg -> product.unitsOf(ingredient, Dose.ofMilligrams(mg))),
                band.apart(),
                band.times(),
                inADay(band, patient).map(mg -> product.unitsOf(ingredient, rounded(mg))),
                band.days());
    }

    /** In the label's measure: the smaller of what it says outright and for each kilogram. */
    private static Optional<BigDecimal> inADay(Band band, Patient patient) {
        Optional<BigDecimal> byMass =
                band.inADayPerKilogram().flatMap(each -> patient.weighed().map(w -> each.multiply(w.kilograms())));
        return band.inADay().map(d -> byMass.map(d::min).orElse(d)).or(() -> byMass);
    }

    private static Dose rounded(BigDecimal milligrams) {
        return Dose.ofMilligrams(milligrams.setScale(3, RoundingMode.FLOOR));
    }

    /** Rounding down is right; but less than half of what the label means is not what it means. */
    private static boolean tooLittle(Product product, Label label, Band band, BigDecimal most) {
        if (label.measure() == Measure.UNITS) {
            return false;
        }
        return 2
                        * Product.times(product.of(product.only()), most, RoundingMode.CEILING)
                                .micrograms()
                < Dose.ofMilligrams(band.least()).micrograms();
    }

    /** A household's own pack is followed, and what it says beyond the label that ships is told. */
    private List<Caution> againstShipped(Product product, Patient patient, Dosing said) {
        if (product.mixture()) {
            return List.of();
        }
        String ingredient = product.only();
        Optional<Label> shipped =
                formulary.labelOf(ingredient, tradition).filter(l -> !l.own() && l.measure() == Measure.MILLIGRAMS);
        if (shipped.isEmpty()) {
            return List.of();
        }
        return switch (LabelLine.of(shipped.get(), patient)) {
            case LabelLine.None none ->
                List.of(Caution.ask(
                        Kind.BEYOND_LABEL,
                        new Because.OwnPack(),
                        new Warning.UsualLabelDoesNot(none.reason()),
                        "the label"));
            case LabelLine.Found line -> {
                Band band = line.band();
                List<MoreThanUsual> more = new ArrayList<>();
                Dose usual = Dose.ofMilligrams(band.first().orElse(band.most()));
                if (product.limitOf(ingredient, said.mostEver()).compareTo(usual) > 0) {
                    more.add(new MoreThanUsual.AtOnce(usual));
                }
                if (said.apart().compareTo(band.apart()) < 0) {
                    more.add(new MoreThanUsual.Sooner(band.apart()));
                }
                Optional<Dose> day = band.inADay().map(Dose::ofMilligrams);
                if (day.isPresent()
                        && said.inADay()
                                .filter(d -> product.limitOf(ingredient, d).compareTo(day.get()) <= 0)
                                .isEmpty()) {
                    more.add(new MoreThanUsual.InADay(day.get()));
                }
                yield more.isEmpty()
                        ? List.of()
                        : List.of(Caution.ask(
                                Kind.BEYOND_LABEL, new Because.OwnPack(), new Warning.PackSays(more), "the label"));
            }
        };
    }

    static Reckoning division(Product product, String ingredient, Dose dose, BigDecimal units) {
        return new Reckoning.Divided(
                dose, product.of(ingredient), product.form().unit(), product.says(product.step()), product.says(units));
    }
}
