package hodeon.core.medication.formulary;

import hodeon.core.medication.formulary.Band.MassRange;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads one line of a label: {@code age 2y-4y kg 10.9-16.3 dose 160-240 first 320 every 4h times 5 most 800 days 3}; {@code
 * most 60/kg} is 60 in 24 h for each kilogram, {@code kg 5-} a least mass.
 */
public final class BandLine {

    private static final Pattern LINE = Pattern.compile("age (\\d+[my])-(\\d+[my])?( kg ([\\d.]+)-([\\d.]+)?)?"
            + " dose ([\\d.]+)(-([\\d.]+))?( first ([\\d.]+))? every (\\d+)(h|min)( times (\\d+))?"
            + "( most ([\\d.]++)(?!/))?( most ([\\d.]+)/kg)?( days (\\d+))?");

    private BandLine() {}

    /** Throws {@link IllegalArgumentException} saying what does not fit. */
    public static Band parse(String text) {
        Matcher m = LINE.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException("“" + text
                    + "” is not “age FROM-TO [kg FROM-TO] dose LEAST[-MOST] [first MOST] every N h [times N] [most N]"
                    + " [most N/kg] [days N]”.");
        }
        BigDecimal least = new BigDecimal(m.group(6));
        long number = Long.parseLong(m.group(11));
        return new Band(
                months(m.group(1)),
                m.group(2) == null ? Band.NO_END : months(m.group(2)),
                m.group(3) == null
                        ? Optional.empty()
                        : Optional.of(new MassRange(
                                new BigDecimal(m.group(4)),
                                Optional.ofNullable(m.group(5)).map(BigDecimal::new))),
                least,
                m.group(8) == null ? least : new BigDecimal(m.group(8)),
                Optional.ofNullable(m.group(10)).map(BigDecimal::new),
                m.group(12).equals("h") ? Duration.ofHours(number) : Duration.ofMinutes(number),
                whole(m.group(14)),
                Optional.ofNullable(m.group(16)).map(BigDecimal::new),
                Optional.ofNullable(m.group(18)).map(BigDecimal::new),
                whole(m.group(20)));
    }

    private static OptionalInt whole(@Nullable String digits) {
        return digits == null ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(digits));
    }

    /** “6m” is 6, “2y” 24. */
    static int months(String text) {
        int n = Integer.parseInt(text.substring(0, text.length() - 1));
        return text.endsWith("y") ? Math.multiplyExact(12, n) : n;
    }
}
