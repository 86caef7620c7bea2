package hodeon.core.stock;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The date printed on a package: the last day it is good, inclusive. A printed month means its last day.
 *
 * @param lastDay inclusive, from 2000 to 2099
 * @param monthOnly whether only a month was printed
 */
public record PrintedExpiry(LocalDate lastDay, boolean monthOnly) {

    private static final Pattern DAY = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
    private static final Pattern MONTH = Pattern.compile("(\\d{4})[-/](\\d{1,2})");
    private static final Pattern MONTH_FIRST = Pattern.compile("(\\d{1,2})[-/.](\\d{4})");

    public PrintedExpiry {
        if (lastDay.getYear() < 2000 || lastDay.getYear() > 2099) {
            throw new DateTimeException("The year " + lastDay.getYear() + " is outside 2000 to 2099.");
        }
        if (monthOnly && !lastDay.equals(YearMonth.from(lastDay).atEndOfMonth())) {
            throw new DateTimeException("A printed month ends on its last day, not on " + lastDay + ".");
        }
    }

    public static PrintedExpiry of(LocalDate day) {
        return new PrintedExpiry(day, false);
    }

    public static PrintedExpiry of(YearMonth month) {
        return new PrintedExpiry(month.atEndOfMonth(), true);
    }

    /**
     * Reads {@code 2028-02-29}, {@code 2028-02} or {@code 02/2028}; throws {@link DateTimeException} saying what is wrong
     * with anything else, days that do not exist among them.
     */
    public static PrintedExpiry parse(String text) {
        String given = text.strip();
        Matcher day = DAY.matcher(given);
        if (day.matches()) {
            return of(LocalDate.of(number(day, 1), number(day, 2), number(day, 3)));
        }
        Matcher month = MONTH.matcher(given);
        if (month.matches()) {
            return of(YearMonth.of(number(month, 1), number(month, 2)));
        }
        Matcher monthFirst = MONTH_FIRST.matcher(given);
        if (monthFirst.matches()) {
            return of(YearMonth.of(number(monthFirst, 2), number(monthFirst, 1)));
        }
        throw new DateTimeException("It is not a date like 2028-02-29, 2028-02 or 02/2028.");
    }

    private static int number(Matcher matcher, int group) {
        return Integer.parseInt(matcher.group(group));
    }

    /** As it was printed: a day or a month. */
    @Override
    public String toString() {
        return monthOnly ? YearMonth.from(lastDay).toString() : lastDay.toString();
    }
}
