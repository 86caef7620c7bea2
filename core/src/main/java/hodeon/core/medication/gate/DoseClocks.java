package hodeon.core.medication.gate;

import hodeon.core.medication.CeilingCheck;
import hodeon.core.medication.Direction;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Dosing;
import hodeon.core.medication.Patient;
import hodeon.core.medication.formulary.Band;
import hodeon.core.medication.formulary.Ceilings;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.DoseClock.Counted;
import hodeon.core.medication.gate.DoseClock.Limit;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * The clocks that run for one person around a moment: one for each ingredient, over all products that hold it, and one for
 * each product by itself.
 *
 * <p>For an ingredient the strictest holds of what its label, the household's own packs and every plain product in use say of a
 * day, unless a clinician directed it; its ceilings hold always. What mixes several lends the plain product neither its interval
 * nor its day: those hold for the mixture by its own clock. What releases slowly has to be waited for by whatever follows.
 */
final class DoseClocks {

    private final Formulary formulary;
    private final DoseSheet sheet;
    private final CeilingCheck ceilings;
    private final Patient patient;
    private final List<GivenDose> doses;
    private final Instant around;
    private final Map<Product, DoseAnswer> said;

    /**
     * @param doses everything noted or expected in the two days around the moment, struck out ones left out
     * @param said what the sheet says of products for the patient, filled as they are asked about
     */
    DoseClocks(
            Formulary formulary,
            DoseSheet sheet,
            Patient patient,
            List<GivenDose> doses,
            Instant around,
            Map<Product, DoseAnswer> said) {
        this.formulary = formulary;
        this.sheet = sheet;
        this.ceilings = new CeilingCheck(formulary);
        this.patient = patient;
        this.doses = doses;
        this.around = around;
        this.said = said;
    }

    /**
     * One of the clocks that a dose of a product has to keep.
     *
     * @param of the ingredient's id, or the product's
     * @param asked the dose as this clock counts it
     */
    record Running(String of, boolean ingredient, DoseClock clock, Counted asked) {}

    /** All that a dose of a product has to keep. */
    List<Running> of(Product product, BigDecimal units, Instant at) {
        List<Running> running = new ArrayList<>();
        if (!product.form().onTheSpot()) {
            product.holds(units)
                    .forEach((ingredient, dose) -> running.add(new Running(
                            ingredient,
                            true,
                            ofIngredient(ingredient, Optional.of(product)),
                            new Counted(at, dose.milligrams(), clear(ingredient, dose, Optional.of(product))))));
        }
        running.add(new Running(product.id(), false, ofProduct(product), new Counted(at, units, Duration.ZERO)));
        return running;
    }

    /** @param next what may be given next, whose own label then holds too */
    DoseClock ofIngredient(String ingredient, Optional<Product> next) {
        return new DoseClock(
                limit(ingredient, next),
                doses.stream()
                        .map(d -> new Counted(
                                d.at(),
                                d.of(ingredient).milligrams(),
                                clear(ingredient, d.of(ingredient), formulary.product(d.product()))))
                        .toList());
    }

    DoseClock ofProduct(Product product) {
        Limit limit = sheetOf(product) instanceof Give give
                ? new Limit(
                        give.dosing().inADay(),
                        give.dosing().apart(),
                        give.dosing().times())
                : Limit.NONE;
        return new DoseClock(limit, unitsOf(product.id()));
    }

    List<Counted> unitsOf(String product) {
        return doses.stream()
                .filter(d -> d.product().equals(product))
                .map(d -> new Counted(d.at(), d.units(), Duration.ZERO))
                .toList();
    }

    /** Whether a label, a pack or a direction says anything of an ingredient for them, ceilings left out. */
    boolean isSaid(String ingredient, Optional<Product> next) {
        return !said(ingredient, next).equals(Limit.NONE);
    }

    private Limit limit(String ingredient, Optional<Product> next) {
        List<Direction> directed = directed(ingredient, next);
        Limit said = said(ingredient, next);
        boolean beyond = directed.stream().anyMatch(d -> !d.beyondCeilings().isBlank());
        return beyond
                ? said
                : said.and(new Limit(
                        ceilings.day(ingredient, patient).map(Dose::milligrams), Duration.ZERO, said.times()));
    }

    private List<Direction> directed(String ingredient, Optional<Product> next) {
        return patient.directions().stream()
                .filter(d -> d.ingredient().equals(ingredient)
                        && d.holdsAt(patient.age())
                        && next.filter(p -> !d.covers(p)).isEmpty())
                .toList();
    }

    private Limit said(String ingredient, Optional<Product> next) {
        List<Direction> directed = directed(ingredient, next);
        return directed.isEmpty() ? undirected(ingredient, next) : directed(directed);
    }

    private Limit directed(List<Direction> directed) {
        return directed.stream()
                .map(d -> new Limit(
                        Optional.of(d.day(patient.weighed().map(Patient.Weighed::kilograms))
                                .milligrams()),
                        d.apart(),
                        OptionalInt.empty()))
                .reduce(Limit::and)
                .orElseThrow();
    }

    private Limit undirected(String ingredient, Optional<Product> next) {
        Optional<Limit> label = sheet.line(ingredient, patient).map(line -> limit(line.band()));
        Limit limit = label.orElse(Limit.NONE);
        Set<Product> inUse = new LinkedHashSet<>(next.stream().toList());
        doses.stream()
                .filter(d -> distance(d).compareTo(DoseClock.DAY) < 0)
                .flatMap(d -> formulary.product(d.product()).stream())
                .forEach(inUse::add);
        for (Product product : inUse) {
            boolean holds =
                    product.of(ingredient).micrograms() > 0 && !product.form().onTheSpot();
            if (holds && (!product.mixture() || label.isEmpty()) && sheetOf(product) instanceof Give give) {
                Dosing dosing = give.dosing();
                limit = limit.and(new Limit(
                        dosing.inADay().map(u -> product.limitOf(ingredient, u).milligrams()),
                        next.filter(product::equals).isPresent() ? dosing.apart() : Duration.ZERO,
                        dosing.times()));
            }
        }
        return limit;
    }

    private DoseAnswer sheetOf(Product product) {
        return said.computeIfAbsent(product, p -> sheet.of(p, patient));
    }

    private static Limit limit(Band band) {
        return new Limit(band.inADay(), band.apart(), band.times());
    }

    private Duration distance(GivenDose dose) {
        return Duration.between(dose.at(), around).abs();
    }

    /** How far from it no other dose of the ingredient may lie, whatever product that is. */
    Duration clear(String ingredient, Dose dose, Optional<Product> product) {
        if (dose.micrograms() == 0) {
            return Duration.ZERO;
        }
        boolean beyond = patient.directions().stream()
                .anyMatch(d ->
                        d.ingredient().equals(ingredient) && !d.beyondCeilings().isBlank());
        Ceilings of = beyond ? Ceilings.NONE : formulary.ceilings(ingredient);
        Duration slow = product.filter(Product::slowRelease)
                .flatMap(p -> sheetOf(p) instanceof Give give
                        ? Optional.of(give.dosing().apart())
                        : Optional.empty())
                .orElse(Duration.ZERO);
        Duration byCeiling = of.apart(dose);
        return slow.compareTo(byCeiling) > 0 ? slow : byCeiling;
    }
}
