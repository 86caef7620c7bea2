package hodeon.core.medication;

import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseAnswer.Refused;
import hodeon.core.medication.Label.Measure;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * How much of a product one person may be given: the label's way, or a clinician's direction where one is recorded. The
 * cautious answer wins everywhere: outside the label's ages and masses nothing is said, where mass and age point to
 * different lines the smaller dose is said, and everything is rounded down to what can be measured out.
 *
 * <p>Worked example: a child of 9 years, 29 kg, paracetamol syrup of 24 mg a ml, bands of age. The line “8 years to
 * under 10 years” says 360 mg, at least 4 h apart, at most 4 times in 24 h. 360 mg ÷ 24 mg a ml = 15 ml, in steps of
 * 0.5 ml 15 ml; at most 60 ml (1,440 mg) in 24 h, which is 49.7 mg for each kilogram and below the 75 at which one
 * asks. By a clinician's direction of 15 mg/kg, at most 500 mg: 29 × 15 = 435 mg ÷ 24 = 18.125 ml, rounded down to 18 ml.
 */
public final class DoseSheet {

    private static final int INFANT_MONTHS = 24;
    private static final String ASK = "Ask a pharmacist or clinician";

    private final Formulary formulary;
    private final Tradition tradition;
    private final LocalDate today;

    public DoseSheet(Formulary formulary, Tradition tradition, LocalDate today) {
        this.formulary = formulary;
        this.tradition = tradition;
        this.today = today;
    }

    /** What a label says of somebody: a line, or why none holds. */
    sealed interface Found {

        record Line(Band band, List<String> working) implements Found {}

        record None(String reason, String remedy) implements Found {}
    }

    /**
     * @param directions recorded for this person; one for the product's only ingredient is followed, or of what was
     *     prescribed one for any it holds
     * @param alsoTaken ids of other ingredients taken in the last day or about to be
     */
    public DoseAnswer of(Product product, Patient patient, List<Direction> directions, Set<String> alsoTaken) {
        List<Caution> cautions = new ArrayList<>(formulary.cautions(product, patient, alsoTaken));
        Optional<Direction> direction = directions.stream()
                .filter(d -> product.strengths().keySet().equals(Set.of(d.ingredient()))
                        || product.prescribed() && product.strengths().containsKey(d.ingredient()))
                .findFirst();
        Optional<Caution> never =
                cautions.stream().filter(c -> c.level() == Rule.Level.NEVER).findFirst();
        if (never.isPresent() && direction.isEmpty()) {
            return new Refused(
                    product,
                    "Not for " + patient.name() + ": " + never.get().because() + ". "
                            + never.get().says(),
                    ASK + "; a clinician's direction can be recorded with the person.",
                    cautions);
        }
        if (product.prescribed() && direction.isEmpty()) {
            return new Refused(
                    product,
                    "On prescription: only as directed to the person it was prescribed to.",
                    "Record the direction that came with it.",
                    cautions);
        }
        if (patient.massIsStale(today)) {
            cautions.add(new Caution(
                    Rule.Level.ASK,
                    "the mass is from " + patient.weighed().orElseThrow().on(),
                    "Children outgrow a mass in half a year: weigh again first.",
                    "the craft"));
        }
        return direction
                .map(d -> directed(product, patient, d, cautions))
                .orElseGet(() -> labelled(product, patient, cautions));
    }

    private DoseAnswer labelled(Product product, Patient patient, List<Caution> cautions) {
        Optional<Label> label = formulary.label(product, tradition);
        if (label.isEmpty()) {
            return new Refused(
                    product,
                    "No label of this kind (" + tradition.label() + ") is known for " + product.name() + ".",
                    "Read the pack and enter what it says.",
                    cautions);
        }
        return switch (find(label.get(), patient)) {
            case Found.None none -> new Refused(product, none.reason(), none.remedy(), cautions);
            case Found.Line line -> byLabel(product, patient, label.get(), line, cautions);
        };
    }

    private DoseAnswer byLabel(Product product, Patient patient, Label label, Found.Line line, List<Caution> cautions) {
        Band band = line.band();
        List<String> working = new ArrayList<>(line.working());
        BigDecimal least;
        BigDecimal most;
        Optional<BigDecimal> day;
        if (label.measure() == Measure.UNITS) {
            least = band.least();
            most = product.stepped(band.most());
            day = band.inADay().map(product::stepped);
            working.add(
                    "The label counts in " + product.form().unit() + ": " + plain(band.most()) + " at most at once.");
        } else {
            String ingredient = product.only();
            most = product.unitsOf(ingredient, Dose.ofMilligrams(band.most()));
            BigDecimal fewest = product.unitsOf(ingredient, Dose.ofMilligrams(band.least()));
            least = Product.times(product.of(ingredient), fewest, RoundingMode.CEILING)
                                    .compareTo(Dose.ofMilligrams(band.least()))
                            < 0
                    ? fewest.add(product.step())
                    : fewest;
            day = band.inADay().map(mg -> product.unitsOf(ingredient, Dose.ofMilligrams(mg)));
            working.add(division(product, ingredient, Dose.ofMilligrams(band.most()), most));
        }
        if (most.signum() == 0 || tooLittle(product, label, band, most)) {
            return new Refused(
                    product,
                    "The label's " + plain(band.most()) + (label.measure() == Measure.MILLIGRAMS ? " mg" : "")
                            + " cannot be measured out of " + product.strength() + " in steps of "
                            + product.form().says(plain(product.step())) + ".",
                    "Use a weaker or a liquid form.",
                    cautions);
        }
        Give give = new Give(
                product,
                least.min(most),
                most,
                product.holds(most),
                band.apart(),
                band.times(),
                day,
                band.days(),
                false,
                working,
                List.of());
        return checkedAgainstMass(give, patient, cautions);
    }

    /** Rounding down is right; but less than half of what the label means is not what it means. */
    private static boolean tooLittle(Product product, Label label, Band band, BigDecimal most) {
        if (label.measure() == Measure.UNITS) {
            return false;
        }
        String ingredient = product.only();
        return 2
                        * Product.times(product.of(ingredient), most, RoundingMode.CEILING)
                                .micrograms()
                < Dose.ofMilligrams(band.least()).micrograms();
    }

    private DoseAnswer directed(Product product, Patient patient, Direction direction, List<Caution> cautions) {
        Optional<Found> onLabel = formulary.label(product, tradition).map(l -> find(l, patient));
        if (onLabel.orElse(null) instanceof Found.None none && !direction.beyondLabel()) {
            return new Refused(
                    product,
                    none.reason() + " The direction by " + direction.by() + " was not said to hold outside the label.",
                    ASK + ", and record that it holds outside the label if it does.",
                    cautions);
        }
        if (direction.perKilogram().isPresent() && patient.weighed().isEmpty()) {
            return new Refused(
                    product,
                    "The direction goes by body mass, and " + patient.name() + "'s is not known.",
                    "Weigh them and write the mass down with its date.",
                    cautions);
        }
        List<String> working = new ArrayList<>();
        BigDecimal kilograms = patient.weighed().map(Patient.Weighed::kilograms).orElse(BigDecimal.ONE);
        Dose dose = direction.dose(kilograms);
        direction
                .perKilogram()
                .ifPresentOrElse(
                        each -> working.add(plain(kilograms) + " kg × " + each + " a kg = "
                                + Product.times(each, kilograms, RoundingMode.FLOOR) + ", at most "
                                + direction.mostAtOnce() + ": " + dose + "."),
                        () -> working.add("Directed: " + dose + " at once, by " + direction.by() + " on "
                                + direction.on() + "."));
        String ingredient = direction.ingredient();
        BigDecimal units = product.unitsOf(ingredient, dose);
        working.add(division(product, ingredient, dose, units));
        if (units.signum() == 0) {
            return new Refused(
                    product,
                    "The directed " + dose + " is less than can be measured out of " + product.strength() + ".",
                    "Use a weaker or a liquid form.",
                    cautions);
        }
        onLabel.ifPresent(found -> compared(found, product, dose, direction).ifPresent(cautions::add));
        return checkedAgainstMass(
                new Give(
                        product,
                        units,
                        units,
                        product.holds(units),
                        direction.apart(),
                        OptionalInt.empty(),
                        Optional.of(product.unitsOf(ingredient, direction.mostInADay())),
                        OptionalInt.empty(),
                        true,
                        working,
                        List.of()),
                patient,
                cautions);
    }

    /** A direction outside or above the label is followed, and never silently. */
    private Optional<Caution> compared(Found found, Product product, Dose dose, Direction direction) {
        String by = "as directed by " + direction.by() + " on " + direction.on();
        return switch (found) {
            case Found.None none ->
                Optional.of(new Caution(Rule.Level.ASK, by, "Outside the label. " + none.reason(), "the label"));
            case Found.Line line -> {
                boolean milligrams = formulary
                        .label(product, tradition)
                        .filter(l -> l.measure() == Measure.MILLIGRAMS)
                        .isPresent();
                yield milligrams && dose.milligrams().compareTo(line.band().most()) > 0
                        ? Optional.of(new Caution(
                                Rule.Level.ASK,
                                by,
                                "More than the label's " + plain(line.band().most()) + " mg.",
                                "the label"))
                        : Optional.empty();
            }
        };
    }

    /** Says so where a day at the most would be more for each kilogram than is usual. */
    private Give checkedAgainstMass(Give give, Patient patient, List<Caution> cautions) {
        List<String> working = new ArrayList<>(give.working());
        for (Ingredient ingredient : formulary.ingredientsOf(give.product())) {
            Optional<Dose> day = give.limit(ingredient.id()).inADay();
            if (ingredient.perKilogramADay().isPresent()
                    && day.isPresent()
                    && patient.weighed().isPresent()) {
                BigDecimal kilograms = patient.weighed().get().kilograms();
                Dose each = new Dose(BigDecimal.valueOf(day.get().micrograms())
                        .divide(kilograms, 0, RoundingMode.CEILING)
                        .longValueExact());
                Dose usual = ingredient.perKilogramADay().get();
                working.add(day.get() + " in 24 h ÷ " + plain(kilograms) + " kg = "
                        + each.milligrams().setScale(1, RoundingMode.CEILING) + " mg a kg; one asks above " + usual
                        + ".");
                if (each.compareTo(usual) > 0) {
                    cautions.add(new Caution(
                            Rule.Level.ASK,
                            plain(kilograms) + " kg is light for this line",
                            "A day at the most would be more than " + usual + " for each kilogram: ask, or give less.",
                            "arithmetic"));
                }
            }
        }
        cautions.sort(Comparator.comparing(Caution::level).reversed());
        return new Give(
                give.product(),
                give.least(),
                give.most(),
                give.holds(),
                give.apart(),
                give.times(),
                give.inADay(),
                give.days(),
                give.directed(),
                working,
                cautions);
    }

    /** The line of a label that holds for somebody; where mass and age point to two, the one with the smaller dose. */
    Found find(Label label, Patient patient) {
        Optional<Band> byAge =
                label.bands().stream().filter(b -> b.holdsAge(patient.months())).findFirst();
        String age = Band.age(patient.months());
        if (byAge.isEmpty()) {
            int youngest =
                    label.bands().stream().mapToInt(Band::fromMonths).min().orElseThrow();
            return new Found.None(
                    patient.months() < youngest
                            ? "The label speaks from " + Band.age(youngest) + "; " + patient.name() + " is " + age + "."
                            : "The label says nothing for " + age + ".",
                    ASK + ".");
        }
        if (byAge.get().mass().isEmpty()) {
            return new Found.Line(
                    byAge.get(),
                    List.of("Age " + age + ": the line “" + byAge.get().who() + "”."));
        }
        if (patient.weighed().isEmpty()) {
            return patient.months() < INFANT_MONTHS
                    ? new Found.None(
                            "The label goes by mass for the very young, and " + patient.name() + "'s is not known.",
                            "Weigh them and write the mass down with its date.")
                    : new Found.Line(
                            byAge.get(),
                            List.of("Age " + age + ", mass not known: the line “"
                                    + byAge.get().who() + "”."));
        }
        BigDecimal kilograms = patient.weighed().get().kilograms();
        Optional<Band> byMass = label.bands().stream()
                .filter(b -> b.mass().filter(m -> m.holds(kilograms)).isPresent())
                .findFirst();
        BigDecimal lightest = label.bands().stream()
                .flatMap(b -> b.mass().stream())
                .map(Band.MassRange::from)
                .min(Comparator.naturalOrder())
                .orElseThrow();
        if (kilograms.compareTo(lightest) < 0) {
            return new Found.None(
                    "The label speaks from " + plain(lightest) + " kg; " + patient.name() + " weighs "
                            + plain(kilograms) + " kg.",
                    ASK + ".");
        }
        Band chosen =
                byMass.filter(b -> b.most().compareTo(byAge.get().most()) < 0).orElse(byAge.get());
        return new Found.Line(
                chosen,
                List.of("Age " + age + ", " + plain(kilograms) + " kg: the line “" + chosen.who() + "”"
                        + (byMass.isPresent() && !byMass.get().equals(byAge.get())
                                ? ", the smaller of the two that mass and age point to."
                                : ".")));
    }

    private static String division(Product product, String ingredient, Dose dose, BigDecimal units) {
        return dose + " ÷ " + product.of(ingredient) + " a " + product.form().unit()
                + ", rounded down to steps of " + product.form().says(plain(product.step())) + " = "
                + product.form().says(plain(units)) + ".";
    }

    private static String plain(BigDecimal number) {
        return number.stripTrailingZeros().toPlainString();
    }
}
