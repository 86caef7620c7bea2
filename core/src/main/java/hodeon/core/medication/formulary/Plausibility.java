package hodeon.core.medication.formulary;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Asks about what a household typed from its own pack and what looks like a slip of the hand: grams for milligrams, a whole
 * bottle for a millilitre, a concentration ten times off, an interval of none. What is asked has to be answered before the
 * entry is kept.
 *
 * <p>Worked example: “Paracetamol, tablet, 0.5 mg, age 12y- dose 1000 every 6h”. One dose would be 2,000 tablets: were grams
 * written for milligrams?
 */
public final class Plausibility {

    /** More pieces at once than anybody swallows; an assumption. */
    private static final BigDecimal MOST_PIECES = BigDecimal.valueOf(PlanningAssumption.MOST_PIECES_AT_ONCE.whole());
    /** More millilitres at once than a spoon or cup holds; an assumption. */
    private static final BigDecimal MOST_MILLILITRES =
            BigDecimal.valueOf(PlanningAssumption.MOST_MILLILITRES_AT_ONCE.whole());
    /** Less than a syringe for small amounts can measure, in ml; an assumption. */
    private static final BigDecimal LEAST_MILLILITRES =
            BigDecimal.valueOf(PlanningAssumption.LEAST_MILLILITRES.value());
    /** No pack holds so many times more, or less, in a ml than those that ship; an assumption. */
    private static final double FAR_OFF = PlanningAssumption.FAR_OFF.value();

    private final Formulary shipped;

    public Plausibility(Formulary shipped) {
        this.shipped = shipped;
    }

    /**
     * Each a question; empty if nothing looks wrong.
     *
     * @param bands what the pack says, in mg of its only ingredient, or in units of a mixture
     */
    public List<String> questions(Product product, Label.Measure measure, List<Band> bands) {
        if (product.form().onTheSpot()) {
            return List.of();
        }
        List<String> questions = new ArrayList<>();
        product.strengths().forEach((id, each) -> shipped.ingredient(id).ifPresent(ingredient -> {
            ofStrength(product, ingredient, each).ifPresent(questions::add);
            ofConcentration(product, ingredient, each).ifPresent(questions::add);
        }));
        bands.forEach(b -> questions.addAll(ofBand(product, measure, b)));
        return questions.stream().distinct().toList();
    }

    private static Optional<String> ofStrength(Product product, Ingredient ingredient, Dose each) {
        return ingredient
                .ceilings()
                .once()
                .filter(most -> !product.form().liquid() && each.compareTo(most) > 0)
                .map(most -> "One " + product.form().unit() + " with " + each + " of " + ingredient.name()
                        + " is more than anybody takes at once (" + most
                        + "). Is the strength in mg, and of one "
                        + product.form().unit() + "?");
    }

    /** Against every liquid of the same that ships. */
    private Optional<String> ofConcentration(Product product, Ingredient ingredient, Dose each) {
        if (!product.form().liquid()) {
            return Optional.empty();
        }
        List<Dose> known = shipped.products().stream()
                .filter(p -> p.form().liquid() && p.of(ingredient.id()).micrograms() > 0)
                .map(p -> p.of(ingredient.id()))
                .sorted()
                .toList();
        if (known.isEmpty()
                || each.micrograms() <= FAR_OFF * known.getLast().micrograms()
                        && FAR_OFF * each.micrograms() >= known.getFirst().micrograms()) {
            return Optional.empty();
        }
        return Optional.of(each + " of " + ingredient.name() + " in 1 ml is far from what packs hold ("
                + known.getFirst() + " to " + known.getLast()
                + "). Was “in 5 ml” left out, or a point slipped?");
    }

    private List<String> ofBand(Product product, Label.Measure measure, Band band) {
        List<String> questions = new ArrayList<>();
        BigDecimal once = band.first().orElse(band.most());
        BigDecimal units = measure == Label.Measure.UNITS
                ? once
                : once.movePointRight(3)
                        .divide(BigDecimal.valueOf(product.of(product.only()).micrograms()), 3, RoundingMode.HALF_UP);
        String who = "For " + band.who() + ": ";
        BigDecimal most = product.form().liquid() ? MOST_MILLILITRES : MOST_PIECES;
        if (units.compareTo(most) > 0) {
            questions.add(who + "one dose would be " + product.says(units)
                    + ". Were grams written for mg, or is the strength that of a smaller amount?");
        }
        if (product.form().liquid() && units.compareTo(LEAST_MILLILITRES) < 0) {
            questions.add(who + "one dose would be " + product.says(units)
                    + ", less than can be measured. Is the strength that of a larger amount?");
        }
        Map<String, Dose> held = measure == Label.Measure.UNITS
                ? product.holds(once)
                : Map.of(product.only(), Dose.ofMilligrams(once.setScale(3, RoundingMode.CEILING)));
        held.forEach((id, dose) -> shipped.ingredient(id).ifPresent(i -> above(i, dose, band, who, questions)));
        boolean noInterval =
                band.apart().isZero() && band.times().isEmpty() && band.inADay().isEmpty();
        if (noInterval) {
            questions.add(who
                    + "neither an interval nor a most in 24 h is said. Does the pack really say as often as wanted?");
        }
        if (measure == Label.Measure.MILLIGRAMS) {
            youngerThanShipped(product, band).ifPresent(questions::add);
        }
        return questions;
    }

    private static void above(Ingredient ingredient, Dose dose, Band band, String who, List<String> questions) {
        Ceilings ceilings = ingredient.ceilings();
        if (ceilings.lines().isEmpty()) {
            return;
        }
        Optional<Dose> allowed = ceilings.once(band.apart());
        if (allowed.isEmpty()) {
            questions.add(who + "doses of " + ingredient.name() + " lie at least "
                    + ceilings.lines().getFirst().apart().toHours() + " h apart. Is the interval right?");
        } else if (dose.compareTo(allowed.get()) > 0) {
            questions.add(who + dose + " of " + ingredient.name() + " at once is more than the " + allowed.get()
                    + " that is otherwise never passed. Is it written so on the pack?");
        }
    }

    private Optional<String> youngerThanShipped(Product product, Band band) {
        List<Label> usual = Stream.of(Tradition.values())
                .flatMap(t -> shipped.labelOf(product.only(), t).stream())
                .toList();
        boolean younger = !usual.isEmpty() && usual.stream().allMatch(l -> band.fromMonths() < l.youngestMonths());
        return younger
                ? Optional.of(
                        "For " + band.who() + ": usual packs do not speak for anybody so young. Is the age right?")
                : Optional.empty();
    }
}
