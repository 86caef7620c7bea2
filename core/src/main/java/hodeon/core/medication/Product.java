package hodeon.core.medication;

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

    /**
     * What a dose clock counts of so many units, rounded up: each ingredient by its id; of what works on the spot the product
     * as a whole, apart from whatever is swallowed of the same.
     */
    public Map<String, Dose> counted(BigDecimal units) {
        return form.onTheSpot() ? Map.of(onTheSpot(), times(spot(), units, RoundingMode.CEILING)) : holds(units);
    }

    /** What a limit of so many units comes to for one thing counted, rounded down; 0 if it is none of this product's. */
    Dose limitOf(String counted, BigDecimal units) {
        Dose each = counted.equals(onTheSpot()) ? spot() : of(counted);
        return times(each, units, RoundingMode.FLOOR);
    }

    public boolean counts(String counted) {
        return form.onTheSpot() ? counted.equals(onTheSpot()) : strengths.containsKey(counted);
    }

    /** An amount counted in words: “500 mg”, or of what works on the spot “2 applications”. */
    public String says(Dose counted) {
        return form.onTheSpot()
                ? form.says(BigDecimal.valueOf(counted.micrograms())
                        .divide(BigDecimal.valueOf(spot().micrograms()), 0, RoundingMode.HALF_UP)
                        .toPlainString())
                : counted.toString();
    }

    /** No ingredient's id: those hold no colon. */
    private String onTheSpot() {
        return "on-the-spot:" + id;
    }

    private Dose spot() {
        return strengths.values().stream().reduce(Dose.ZERO, Dose::plus);
    }

    /** What one unit holds of an ingredient, 0 if none. */
    public Dose of(String ingredient) {
        return strengths.getOrDefault(ingredient, Dose.ZERO);
    }

    /** The ingredient of a product that holds no other. */
    String only() {
        return strengths.keySet().iterator().next();
    }

    /** As many whole steps as a dose of an ingredient allows, never more. */
    BigDecimal unitsOf(String ingredient, Dose dose) {
        BigDecimal strength = BigDecimal.valueOf(of(ingredient).micrograms());
        return stepped(BigDecimal.valueOf(dose.micrograms()).divide(strength, 9, RoundingMode.FLOOR));
    }

    /** Rounded down to what can be measured out. */
    BigDecimal stepped(BigDecimal units) {
        return units.divide(step, 0, RoundingMode.FLOOR).multiply(step);
    }

    /** Such as “250 mg a tablet” or “24 mg a ml and 2 mg a ml”. */
    public String strength() {
        return new TreeMap<>(strengths)
                .values().stream().map(s -> s + " a " + form.unit()).collect(Collectors.joining(" and "));
    }

    /** Whole pieces of the supply that holds it for so many units, rounded up. */
    public int pieces(BigDecimal units) {
        return units.divide(perPiece, 0, RoundingMode.CEILING).intValueExact();
    }

    static Dose times(Dose each, BigDecimal units, RoundingMode rounding) {
        return new Dose(BigDecimal.valueOf(each.micrograms())
                .multiply(units)
                .setScale(0, rounding)
                .longValueExact());
    }
}
