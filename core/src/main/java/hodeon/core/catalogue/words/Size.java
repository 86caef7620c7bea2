package hodeon.core.catalogue.words;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A size that a line says: how long or wide, how much in it, how strong. None of its figures is a count.
 *
 * @param figure in the unit of its kind
 */
record Size(Kind kind, double figure) {

    /** What it measures; its unit is the one named. */
    enum Kind {
        CENTIMETRES("cm"),
        MILLILITRES("ml"),
        GRAMS("g"),
        MILLIGRAMS("mg"),
        /** A sun factor, a share or the like, which says nothing of which thing it is. */
        OTHER("");

        private final String unit;

        Kind(String unit) {
            this.unit = unit;
        }
    }

    private static final double INCH = 2.54;
    /** An ounce of what flows is meant by whoever writes one on a tube or a bottle; of grease it weighs about the same. */
    private static final double OUNCE = 29.57;

    /** Sizes are rounded in words: four inches are ten centimetres, an ounce thirty millilitres. */
    private static final double ROUNDED = 0.13;

    private static final String NUMBER = "(\\d+(?:[.,]\\d+)?|[¼½¾])";
    private static final String UNIT =
            "(centimetres?|centimeters?|millimetres?|millimeters?|metres?|meters?|inch(?:es)?|grams?|litres?|liters?|ounces?"
                    + "|mcg|µg|mah|wh|mg|kg|ml|cc|cl|cm|mm|oz|in|iu|g|l|m|v|w|%|”|″|\"|'')";

    private static final Pattern MEASURED =
            Pattern.compile("(?i)(?<![\\w.])" + NUMBER + "(?:\\s*(?:x|×|by)\\s*" + NUMBER + ")?\\s*-?" + UNIT
                    + "(?![\\w])" + "(?:\\s*(?:x|×|by)\\s*" + NUMBER + "\\s*-?" + UNIT + "(?![\\w]))?");

    /** Figures on both sides of a cross without a unit: gauze of up to four is meant in inches, of more in centimetres. */
    private static final Pattern CROSSED =
            Pattern.compile("(?i)(?<![\\w.])(\\d{1,2})\\s*(?:x|×|by)\\s*(\\d{1,2})(?![\\w.])");

    private static final int MOST_INCHES = 4;

    /** A line that begins with “2 x 16” counts packs. */
    private static final Pattern PACKS =
            Pattern.compile("(?i)^\\s*[1-9]\\s*(?:x|×)\\s*(?:[6-9]|\\d{2})\\b(?!\\s*(?:cm|mm|in))");

    private static final Pattern FACTOR =
            Pattern.compile("(?i)\\b(?:spf|factor|size|no\\.?|type|grade|level)\\s*\\d+\\+?");

    /** The text without its sizes, which are added to those found. */
    static String taken(String text, List<Size> found) {
        String rest = FACTOR.matcher(text).replaceAll(" ");
        StringBuilder left = new StringBuilder();
        Matcher measured = MEASURED.matcher(rest);
        while (measured.find()) {
            found.add(larger(of(measured.group(1), measured.group(3)), measured.group(2), measured.group(3)));
            measured.appendReplacement(left, " ");
        }
        measured.appendTail(left);
        if (PACKS.matcher(left).find()) {
            return left.toString();
        }
        Matcher crossed = CROSSED.matcher(left.toString());
        StringBuilder without = new StringBuilder();
        while (crossed.find()) {
            int longer = Math.max(Integer.parseInt(crossed.group(1)), Integer.parseInt(crossed.group(2)));
            found.add(new Size(Kind.CENTIMETRES, longer <= MOST_INCHES ? longer * INCH : longer));
            crossed.appendReplacement(without, " ");
        }
        crossed.appendTail(without);
        return without.toString();
    }

    /** What is 10 by 20 is named by its longer side. */
    private static Size larger(Size first, @Nullable String second, String unit) {
        if (second == null) {
            return first;
        }
        Size other = of(second, unit);
        return other.figure() > first.figure() ? other : first;
    }

    private static Size of(String number, String unit) {
        double figure =
                switch (number) {
                    case "¼" -> 0.25;
                    case "½" -> 0.5;
                    case "¾" -> 0.75;
                    default -> Double.parseDouble(number.replace(',', '.'));
                };
        return switch (unit.toLowerCase(Locale.ROOT).replaceAll("(?<=\\w{3})s$", "")) {
            case "cm", "centimetre", "centimeter" -> new Size(Kind.CENTIMETRES, figure);
            case "mm", "millimetre", "millimeter" -> new Size(Kind.CENTIMETRES, figure / 10);
            case "in", "inch", "inche", "”", "″", "\"", "''" -> new Size(Kind.CENTIMETRES, figure * INCH);
            case "ml", "cc" -> new Size(Kind.MILLILITRES, figure);
            case "cl" -> new Size(Kind.MILLILITRES, figure * 10);
            case "l", "litre", "liter" -> new Size(Kind.MILLILITRES, figure * 1000);
            case "oz", "ounce" -> new Size(Kind.MILLILITRES, figure * OUNCE);
            case "g", "gram" -> new Size(Kind.GRAMS, figure);
            case "kg" -> new Size(Kind.GRAMS, figure * 1000);
            case "mg" -> new Size(Kind.MILLIGRAMS, figure);
            default -> new Size(Kind.OTHER, figure);
        };
    }

    /** “10 cm”, to a tenth. */
    @Override
    public String toString() {
        return String.format(Locale.ROOT, "%.1f %s", figure, kind.unit)
                .replace(".0 ", " ")
                .strip();
    }

    /** Whether something of one of these sizes may be meant. */
    boolean fits(List<Size> sizes) {
        return sizes.stream().anyMatch(s -> s.kind() == kind && Math.abs(s.figure() - figure) <= ROUNDED * figure);
    }
}
