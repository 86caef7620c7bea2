package hodeon.core.party;

import hodeon.core.units.Plural;
import java.time.LocalDate;
import java.time.Period;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Completed months of life, 0 to {@value #OLDEST_MONTHS} (110 years and 11 months). Below two years months matter: what an
 * infant may have changes within a year.
 *
 * @param months completed months, inclusive at both ends
 */
public record Age(int months) implements Comparable<Age> {

    public static final int OLDEST_YEARS = 110;
    public static final int OLDEST_MONTHS = 12 * OLDEST_YEARS + 11;
    /** Younger than this an age is said in months. */
    private static final int SAID_IN_MONTHS = 24;

    private static final String YEARS = "(?<years>\\d{1,3}) ?(?:y|yrs?|years?)";
    private static final String MONTHS = "(?<months>\\d{1,4}) ?(?:m|mo|mths?|months?)";
    private static final List<Pattern> TYPED = List.of(
            Pattern.compile("(?<years>\\d{1,3})(?<months>)"),
            Pattern.compile(YEARS + "(?: old)?(?<months>)"),
            Pattern.compile("(?<years>)" + MONTHS + "(?: old)?"),
            Pattern.compile(YEARS + "(?:,| and)? ?" + MONTHS));

    public Age {
        if (months < 0 || months > OLDEST_MONTHS) {
            throw new IllegalArgumentException(
                    "An age of " + months + " months is outside 0 to " + OLDEST_MONTHS + ".");
        }
    }

    public static Age ofYears(int years) {
        return new Age(Math.multiplyExact(12, years));
    }

    public static Age ofMonths(int months) {
        return new Age(months);
    }

    /** At the end of a day, of somebody born on another; 0 if that lies ahead. */
    public static Age between(LocalDate born, LocalDate day) {
        return new Age((int) Math.clamp(Period.between(born, day).toTotalMonths(), 0, OLDEST_MONTHS));
    }

    /** “9”, “9 y”, “18 m”, “18 months”, “1 y 4 m”; a bare number is years. Empty if it is none of these or out of range. */
    public static Optional<Age> parse(String typed) {
        String text = typed.strip().toLowerCase(Locale.ROOT);
        return TYPED.stream()
                .map(p -> p.matcher(text))
                .filter(Matcher::matches)
                .map(m -> 12 * number(m.group("years")) + number(m.group("months")))
                .filter(months -> months <= OLDEST_MONTHS)
                .map(Age::new)
                .findFirst();
    }

    private static int number(String digits) {
        return digits.isEmpty() ? 0 : Integer.parseInt(digits);
    }

    /** Completed years. */
    public int years() {
        return months / 12;
    }

    /** So many months later (or earlier, if negative), kept within the range. */
    public Age plusMonths(long more) {
        return new Age((int) Math.clamp(months + more, 0, OLDEST_MONTHS));
    }

    public boolean under(Age other) {
        return months < other.months;
    }

    /** As it is typed: “18 m” or “9”. */
    public String typed() {
        return months < SAID_IN_MONTHS && months % 12 != 0 || months == 0 ? months + " m" : Integer.toString(years());
    }

    @Override
    public int compareTo(Age other) {
        return Integer.compare(months, other.months);
    }

    /** “18 months” below two years, else “9 years”. */
    @Override
    public String toString() {
        if (months < SAID_IN_MONTHS) {
            return Plural.counted(months, "month");
        }
        return Plural.counted(years(), "year");
    }
}
