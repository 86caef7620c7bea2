package hodeon.core.medication;

import hodeon.core.medication.Band.MassRange;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Reads one line of a label: {@code age 2y-4y kg 10.9-16.3 dose 160-240 every 4h times 5 most 800 days 3}. */
public final class BandLine {

    private static final Pattern LINE = Pattern.compile("age (\\d+[my])-(\\d+[my])?( kg ([\\d.]+)-([\\d.]+))?"
            + " dose ([\\d.]+)(-([\\d.]+))? every (\\d+)h( times (\\d+))?( most ([\\d.]+))?( days (\\d+))?");

    private BandLine() {}

    /** Throws {@link IllegalArgumentException} saying what does not fit. */
    public static Band parse(String text) {
        Matcher m = LINE.matcher(text.strip());
        if (!m.matches()) {
            throw new IllegalArgumentException("“" + text
                    + "” is not “age FROM-TO [kg FROM-TO] dose LEAST[-MOST] every N h [times N] [most N] [days N]”.");
        }
        BigDecimal least = new BigDecimal(m.group(6));
        return new Band(
                months(m.group(1)),
                m.group(2) == null ? Band.NO_END : months(m.group(2)),
                m.group(3) == null
                        ? Optional.empty()
                        : Optional.of(new MassRange(new BigDecimal(m.group(4)), new BigDecimal(m.group(5)))),
                least,
                m.group(8) == null ? least : new BigDecimal(m.group(8)),
                Duration.ofHours(Long.parseLong(m.group(9))),
                whole(m.group(11)),
                Optional.ofNullable(m.group(13)).map(BigDecimal::new),
                whole(m.group(15)));
    }

    private static OptionalInt whole(@Nullable String digits) {
        return digits == null ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(digits));
    }

    /** “6m” is 6, “2y” 24. */
    static int months(String text) {
        int n = Integer.parseInt(text.substring(0, text.length() - 1));
        return text.endsWith("y") ? 12 * n : n;
    }
}
