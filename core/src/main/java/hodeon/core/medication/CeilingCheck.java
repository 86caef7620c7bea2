package hodeon.core.medication;

import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.OverCeiling;
import hodeon.core.medication.finding.Reckoning;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.formulary.Ceilings;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.Product;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Holds a dose that a label or a direction says against the hard ceilings of what it holds. What works on the spot has none.
 *
 * <p>Worked example: a direction of 15 mg of paracetamol a kilogram, at most 1,000 mg, every 6 h, at most 4,000 mg in 24 h, for a
 * child of 12.4 kg. 186 mg at once is within 20 mg a kilogram. In 24 h four such doses fit, 744 mg, and 75 mg a kilogram are
 * 930 mg: the 4,000 mg that were written down are never said.
 */
public final class CeilingCheck {

    private final Formulary formulary;

    public CeilingCheck(Formulary formulary) {
        this.formulary = formulary;
    }

    /** Why so much at once, so far apart, is never said without a reason; empty if it may be. */
    Optional<OverCeiling> breach(String ingredient, Dose once, Duration apart) {
        Ceilings ceilings = formulary.ceilings(ingredient);
        String name = formulary.nameOf(ingredient);
        Optional<Dose> allowed = ceilings.once(apart);
        if (ceilings.lines().isEmpty()) {
            return Optional.empty();
        }
        if (allowed.isEmpty()) {
            return Optional.of(new OverCeiling.TooNear(
                    apart, name, ceilings.lines().getFirst().apart()));
        }
        return once.compareTo(allowed.get()) > 0
                ? Optional.of(new OverCeiling.TooMuch(once, name, allowed.get()))
                : Optional.empty();
    }

    /** The same for each kilogram of a body. */
    Optional<OverCeiling> breachByMass(String ingredient, Dose once, Patient patient) {
        return patient.weighed()
                .flatMap(w -> formulary.ceilings(ingredient).onceFor(w.kilograms()))
                .filter(most -> once.compareTo(most) > 0)
                .map(most -> new OverCeiling.TooMuchForMass(
                        once,
                        formulary.nameOf(ingredient),
                        formulary.ceilings(ingredient).kilogramOnce().orElseThrow(),
                        most));
    }

    /** The most in 24 hours that is ever said of an ingredient for somebody; empty where no ceiling is known. */
    public Optional<Dose> day(String ingredient, Patient patient) {
        Ceilings ceilings = formulary.ceilings(ingredient);
        Optional<Dose> byMass = patient.weighed().flatMap(w -> ceilings.dayFor(w.kilograms()));
        return ceilings.day()
                .map(d -> byMass.filter(m -> m.compareTo(d) < 0).orElse(d))
                .or(() -> byMass);
    }

    /** What remains of an answer, or nothing if not a single step does. */
    record Held(Optional<Dosing> dosing, List<Caution> cautions, List<Reckoning> working) {}

    /**
     * A label's line held against the ceilings for each kilogram, and against that of a day.
     *
     * @param confirmed whether a household said why its own pack may pass the ceiling of a day
     */
    Held held(Product product, Dosing dosing, Patient patient, boolean confirmed) {
        List<Caution> cautions = new ArrayList<>();
        List<Reckoning> working = new ArrayList<>();
        if (product.form().onTheSpot()) {
            return new Held(Optional.of(dosing), cautions, working);
        }
        Dosing now = dosing;
        for (Ingredient ingredient : formulary.ingredientsOf(product)) {
            if (!confirmed) {
                now = withinDay(product, ingredient, now, cautions);
            }
            if (patient.weighed().isPresent()) {
                BigDecimal kilograms = patient.weighed().get().kilograms();
                Optional<Dosing> light = forMass(product, ingredient, now, kilograms, working);
                if (light.isEmpty()) {
                    return new Held(light, cautions, working);
                }
                if (!light.get().equals(now)) {
                    cautions.add(lightFor(ingredient, kilograms));
                    now = light.get();
                }
            }
        }
        return new Held(Optional.of(now), cautions, working);
    }

    private static Dosing withinDay(Product product, Ingredient ingredient, Dosing said, List<Caution> cautions) {
        Optional<Dose> most = ingredient.ceilings().day();
        if (most.isEmpty()) {
            return said;
        }
        BigDecimal day = product.unitsOf(ingredient.id(), most.get());
        if (said.inADay().filter(d -> d.compareTo(day) > 0).isPresent()) {
            cautions.add(Caution.ask(
                    Kind.CEILING,
                    new Because.PackSaysMore(),
                    new Warning.NeverMore(most.get(), ingredient.name()),
                    "hard ceilings"));
        }
        return said.atMostInADay(day);
    }

    private static Optional<Dosing> forMass(
            Product product, Ingredient ingredient, Dosing said, BigDecimal kilograms, List<Reckoning> working) {
        Ceilings ceilings = ingredient.ceilings();
        Dosing now = said;
        Optional<BigDecimal> once = ceilings.onceFor(kilograms).map(d -> product.unitsOf(ingredient.id(), d));
        if (once.isPresent()) {
            if (once.get().signum() == 0) {
                return Optional.empty();
            }
            now = once.get().compareTo(said.mostEver()) < 0 ? now.atMost(once.get()) : now;
        }
        Optional<Dose> most = ceilings.dayFor(kilograms);
        if (most.isPresent() && now.inADay().isPresent()) {
            working.add(eachKilogram(
                    product.limitOf(ingredient.id(), now.inADay().get()),
                    kilograms,
                    ceilings.kilogramDay().orElseThrow()));
            BigDecimal day = product.unitsOf(ingredient.id(), most.get());
            now = day.compareTo(now.inADay().get()) < 0 ? now.atMostInADay(day) : now;
        }
        return Optional.of(now);
    }

    private static Caution lightFor(Ingredient ingredient, BigDecimal kilograms) {
        Ceilings ceilings = ingredient.ceilings();
        return Caution.ask(
                Kind.CEILING,
                new Because.LightForLine(kilograms),
                new Warning.NeverMoreForMass(
                        ceilings.kilogramOnce().orElseThrow(),
                        ingredient.name(),
                        ceilings.kilogramDay().orElseThrow()),
                "hard ceilings");
    }

    private static Reckoning eachKilogram(Dose day, BigDecimal kilograms, Dose most) {
        Dose each = new Dose(BigDecimal.valueOf(day.micrograms())
                .divide(kilograms, 0, RoundingMode.CEILING)
                .longValueExact());
        return new Reckoning.DayForMass(day, kilograms, each.milligrams().setScale(1, RoundingMode.CEILING), most);
    }
}
