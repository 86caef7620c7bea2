package hodeon.core.medication.formulary;

import hodeon.core.party.Age;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Something in a pack, by generic name.
 *
 * @param strengths of each ingredient in one unit of the form: a tablet, a millilitre
 * @param step the smallest amount that can be measured out, in units: 1 tablet, half a one if scored, 0.5 ml of a syringe
 * @param from the youngest it is made for; a strength for older children is not measured out for infants
 * @param slowRelease whether it gives off what it holds over hours, so that whatever follows has to wait for it
 * @param supply id of the catalogue's supply that holds it, if one does
 * @param perPiece units in one piece of that supply, such as 2 tablets of one dose
 * @param prescribed whether it is carried only by or for the person it was prescribed to
 */
public record Product(
        String id,
        String name,
        MedicineForm form,
        Map<String, Dose> strengths,
        BigDecimal step,
        Age from,
        boolean slowRelease,
        Optional<String> supply,
        BigDecimal perPiece,
        boolean prescribed) {

    public Product {
        strengths = Map.copyOf(strengths);
        if (step.signum() <= 0 || perPiece.signum() <= 0) {
            throw new IllegalArgumentException("What can be measured out, and what is in a piece, are more than 0.");
        }
    }

    /** What so many units hold of each ingredient, rounded up: a count of what was taken must not be too small. */
    public Map<String, Dose> holds(BigDecimal units) {
        Map<String, Dose> held = new TreeMap<>();
        strengths.forEach((ingredient, strength) -> held.put(ingredient, times(strength, units, RoundingMode.CEILING)));
        return held;
    }

    /** What so many units hold of one ingredient, rounded down: for limits. */
    public Dose limitOf(String ingredient, BigDecimal units) {
        return times(of(ingredient), units, RoundingMode.FLOOR);
    }

    /** What one unit holds of an ingredient, 0 if none. */
    public Dose of(String ingredient) {
        return strengths.getOrDefault(ingredient, Dose.ZERO);
    }

    public boolean mixture() {
        return strengths.size() > 1;
    }

    /** The ingredient of a product that holds no other. */
    public String only() {
        return strengths.keySet().iterator().next();
    }

    /** As many whole steps as a dose of an ingredient allows, never more. */
    public BigDecimal unitsOf(String ingredient, Dose dose) {
        BigDecimal strength = BigDecimal.valueOf(of(ingredient).micrograms());
        return stepped(BigDecimal.valueOf(dose.micrograms()).divide(strength, 9, RoundingMode.FLOOR));
    }

    /** Rounded down to what can be measured out. */
    public BigDecimal stepped(BigDecimal units) {
        return units.divide(step, 0, RoundingMode.FLOOR).multiply(step);
    }

    /** Such as “2 tablets” or “7.5 ml”. */
    public String says(BigDecimal units) {
        return form.says(units.stripTrailingZeros().toPlainString());
    }

    /** What so many units hold, in words: “435 mg”, or of a mixture “1000 mg + 10 mg”, in the order of the ingredients' ids. */
    public String milligrams(BigDecimal units) {
        return holds(units).values().stream().map(Dose::toString).collect(Collectors.joining(" + "));
    }

    /** Such as “250 mg a tablet” or “24 mg a ml and 2 mg a ml”. */
    public String strength() {
        String each = "aeiou".indexOf(form.unit().charAt(0)) < 0 ? " a " : " an ";
        return new TreeMap<>(strengths)
                .values().stream().map(s -> s + each + form.unit()).collect(Collectors.joining(" and "));
    }

    /** Whole pieces of the supply that holds it for so many units, rounded up. */
    public int pieces(BigDecimal units) {
        return units.divide(perPiece, 0, RoundingMode.CEILING).intValueExact();
    }

    public static Dose times(Dose each, BigDecimal units, RoundingMode rounding) {
        return new Dose(BigDecimal.valueOf(each.micrograms())
                .multiply(units)
                .setScale(0, rounding)
                .longValueExact());
    }
}
