package hodeon.core.medication.amount;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Dosing;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One form of a medicine beside others that serve the same: what a grown-up's dose weighs, fills and costs, how long the form keeps, and
 * what a course takes where the label ends after days. Nobody is dosed by it: that is the dose sheet's business, person by person.
 *
 * <p>Worked example, a test: of tablets of 500 mg that weigh 0.8 g a piece a label allows two at once, four times a day, for three days:
 * a dose weighs 1.6 g, a course is 24 tablets.
 *
 * @param units of the form in one dose, the most the label allows at once
 * @param grams of a dose, {@code millilitres} and {@code price} of it in the household's currency
 * @param monthsKept sealed; empty for what does not expire
 * @param course units until the label says to ask; empty where it says no days
 */
public record FormCompared(
        Product product,
        Supply supply,
        BigDecimal units,
        double grams,
        double millilitres,
        double price,
        OptionalInt monthsKept,
        Optional<BigDecimal> course) {

    private static final Age GROWN = Age.ofYears(PlanningAssumption.VISITING_ADULT.whole());
    private static final BigDecimal KILOGRAMS = BigDecimal.valueOf(PlanningAssumption.VISITING_ADULT_MASS.whole());

    /** Forms that serve a capability and that a label gives a grown-up's dose for, the lightest dose of each ingredient first. */
    public static List<FormCompared> serving(
            String capability, Formulary formulary, Tradition tradition, Catalogue catalogue, LocalDate today) {
        DoseSheet sheet = new DoseSheet(formulary, tradition);
        Patient grown = Patient.of("", GROWN, today).weighing(KILOGRAMS, today);
        List<FormCompared> forms = new ArrayList<>();
        for (Product product : formulary.products()) {
            Optional<Supply> supply = product.supply()
                    .flatMap(catalogue::supply)
                    .filter(s -> s.serves().containsKey(capability));
            if (supply.isPresent() && sheet.of(product, grown) instanceof DoseAnswer.Give give) {
                forms.add(of(product, supply.get(), give.dosing()));
            }
        }
        forms.sort(Comparator.comparing((FormCompared f) -> f.product().strengths().keySet().stream()
                        .sorted()
                        .toList()
                        .toString())
                .thenComparingDouble(FormCompared::grams));
        return forms;
    }

    private static FormCompared of(Product product, Supply supply, Dosing dosing) {
        double pieces =
                dosing.most().divide(product.perPiece(), MathContext.DECIMAL64).doubleValue();
        return new FormCompared(
                product,
                supply,
                dosing.most(),
                pieces * supply.mass().grams(),
                pieces * supply.volume().microlitres() / 1000.0,
                pieces * supply.purchase().price().amount(),
                supply.keeping().shelfLifeMonths(),
                Course.most(dosing));
    }
}
