package hodeon.core.stock;

import java.util.Map;
import java.util.regex.Pattern;

/**
 * A field of a GS1 element string (GS1 General Specifications, section 3.2).
 *
 * @param length in characters, exactly where {@code fixed}, else at most
 * @param digits whether it has digits only
 */
record PackCodeField(int length, boolean fixed, boolean digits, String name) {

    /** The fields that are read, by number. */
    static final Map<String, PackCodeField> FIELDS = Map.ofEntries(
            Map.entry("00", new PackCodeField(18, true, true, "shipping container")),
            Map.entry("01", new PackCodeField(14, true, true, "article number")),
            Map.entry("02", new PackCodeField(14, true, true, "contained article")),
            Map.entry("10", new PackCodeField(20, false, false, "lot")),
            Map.entry("11", new PackCodeField(6, true, true, "production date")),
            Map.entry("12", new PackCodeField(6, true, true, "due date")),
            Map.entry("13", new PackCodeField(6, true, true, "packaging date")),
            Map.entry("15", new PackCodeField(6, true, true, "best-before date")),
            Map.entry("16", new PackCodeField(6, true, true, "sell-by date")),
            Map.entry("17", new PackCodeField(6, true, true, "expiry date")),
            Map.entry("20", new PackCodeField(2, true, true, "variant")),
            Map.entry("21", new PackCodeField(20, false, false, "serial number")),
            Map.entry("22", new PackCodeField(20, false, false, "consumer variant")),
            Map.entry("30", new PackCodeField(8, false, true, "count")),
            Map.entry("37", new PackCodeField(8, false, true, "count")),
            Map.entry("240", new PackCodeField(30, false, false, "additional number")),
            Map.entry("241", new PackCodeField(30, false, false, "customer's number")),
            Map.entry("7003", new PackCodeField(10, true, true, "expiry date with its hour")));

    /** Digits of a field's number by its first two (GS1 General Specifications, section 3.2); the rest are no numbers. */
    private static final Pattern TWO = Pattern.compile("00|01|02|1[0-35-7]|2[0-2]|30|37|9\\d");

    private static final Pattern THREE = Pattern.compile("(2[3-5]|4[0-2]|71)\\d");
    private static final Pattern FOUR = Pattern.compile("(3[1-69]|43|7[02]|8[0-2])\\d\\d");

    /** Whether a field of this number can begin here. */
    static boolean begins(String number, String behind) {
        PackCodeField field = FIELDS.get(number);
        if (field == null || !field.fixed()) {
            return isNumber(number);
        }
        int next = behind.indexOf('(');
        String value = (next < 0 ? behind : behind.substring(0, next)).strip();
        return value.length() == field.length();
    }

    static boolean isNumber(String number) {
        return TWO.matcher(number).matches()
                || THREE.matcher(number).matches()
                || FOUR.matcher(number).matches();
    }

    /** Length of a field that is not read here; as many as there are up to a separator where it is not fixed. */
    static int fixedLength(String number) {
        return switch (number.substring(0, 2)) {
            case "31", "32", "33", "34", "35", "36" -> 6;
            case "41" -> 13;
            default -> Integer.MAX_VALUE;
        };
    }

    /** The number of a field as long as its first digits say; what stands there where they say nothing. */
    static String numberAt(String code, int at) {
        for (int length = 2; length <= 4; length++) {
            String number = code.substring(at, Math.min(code.length(), at + length));
            if (FIELDS.containsKey(number) || isNumber(number)) {
                return number;
            }
        }
        return code.substring(at, Math.min(code.length(), at + 2));
    }
}
