package hodeon.core.units;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/**
 * A number typed into a field that is kept in one unit: “2.3 kg” or “81 oz” in a field of grams. A number alone is in the unit that the
 * household reads and writes, which the field’s label names.
 *
 * @param one of the typed unit in the unit that is kept, above 0
 * @param sign of the typed unit
 * @param number as typed, without the unit, a comma for a point allowed
 */
public record TypedMeasure(BigDecimal one, String sign, String number) {

    private static final BigDecimal THOUSAND = BigDecimal.valueOf(1000);
    private static final BigDecimal THOUSANDTH = new BigDecimal("0.001");
    private static final BigDecimal OUNCE = MassUnit.OUNCES.grams();
    private static final BigDecimal FLUID_OUNCE = VolumeUnit.FLUID_OUNCES.millilitres();

    /**
     * @param kept the unit that is kept, such as g, ml or l; empty for a bare number
     * @param mass that a number alone is in where masses are kept, and {@code volume} likewise
     */
    public static TypedMeasure of(String typed, String kept, MassUnit mass, VolumeUnit volume) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        return units(kept).entrySet().stream()
                .filter(u -> text.endsWith(u.getKey()))
                .findFirst()
                .map(u -> new TypedMeasure(u.getValue(), u.getKey(), before(text, u.getKey())))
                .orElseGet(() -> alone(text.replace(',', '.'), kept, mass, volume));
    }

    private static TypedMeasure alone(String number, String kept, MassUnit mass, VolumeUnit volume) {
        return switch (kept) {
            case "g" -> new TypedMeasure(mass.grams(), mass.sign(), number);
            case "ml" -> new TypedMeasure(volume.millilitres(), volume.sign(), number);
            case "l" -> new TypedMeasure(volume.litres(), volume.litreSign(), number);
            default -> new TypedMeasure(BigDecimal.ONE, kept, number);
        };
    }

    private static String before(String text, String unit) {
        return text.substring(0, text.length() - unit.length()).strip().replace(',', '.');
    }

    /** Longer signs before those they end with. */
    private static Map<String, BigDecimal> units(String kept) {
        Map<String, BigDecimal> units = new LinkedHashMap<>();
        switch (kept) {
            case "g" -> {
                units.put("kg", THOUSAND);
                units.put("oz", OUNCE);
                units.put("lb", Mass.KILOGRAMS_A_POUND.multiply(THOUSAND));
                units.put("g", BigDecimal.ONE);
            }
            case "ml" -> {
                units.put("fl oz", FLUID_OUNCE);
                units.put("ml", BigDecimal.ONE);
                units.put("l", THOUSAND);
            }
            case "l" -> {
                units.put("fl oz", VolumeUnit.FLUID_OUNCES.litres());
                units.put("ml", THOUSANDTH);
                units.put("l", BigDecimal.ONE);
            }
            case "" -> {}
            default -> units.put(kept.toLowerCase(Locale.ROOT), BigDecimal.ONE);
        }
        return units;
    }

    /** In the unit that is kept. @param decimals to which it is kept */
    public BigDecimal kept(int decimals) {
        return InUnit.metric(one, new BigDecimal(number), decimals);
    }

    /** Both limits of the field, as the reader is told them: in the unit that was typed. */
    public String limits(BigDecimal least, BigDecimal most, int decimals) {
        return InUnit.shown(one, least, decimals) + " to " + InUnit.shown(one, most, decimals)
                + (sign.isEmpty() ? "" : " " + sign);
    }
}
