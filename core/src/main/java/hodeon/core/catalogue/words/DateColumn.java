package hodeon.core.catalogue.words;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The dates of one column. Whoever wrote 25/12/2027 once wrote 03/04/2027 in the same order: one date that can be read in one way only
 * tells how all of them are meant.
 */
enum DateColumn {
    DAY_FIRST,
    MONTH_FIRST,
    /** No date of the column tells, or two tell otherwise. */
    UNKNOWN;

    private static final Pattern FIGURES = Pattern.compile("(\\d{1,2})[-/.](\\d{1,2})[-/.](\\d{4}|\\d{2})(?: .*)?");
    private static final int MONTHS = 12;

    static DateColumn of(List<String> cells) {
        boolean dayFirst = cells.stream().anyMatch(figure(1));
        boolean monthFirst = cells.stream().anyMatch(figure(2));
        return dayFirst == monthFirst ? UNKNOWN : dayFirst ? DAY_FIRST : MONTH_FIRST;
    }

    /** Whether the figure in that place can be no month. */
    private static Predicate<String> figure(int place) {
        return cell -> {
            Matcher figures = FIGURES.matcher(cell);
            return figures.matches() && Integer.parseInt(figures.group(place)) > MONTHS;
        };
    }

    /** Whether a cell holds a date and little else. */
    static boolean isDate(String cell) {
        UntilWords said = UntilWords.of("exp " + cell);
        return (said.unclear() || !said.until().isEmpty()) && !said.rest().matches(".*\\p{L}{4}.*");
    }

    /** The date of a cell, as it may be typed; one that is to be asked for as it stands; empty if there is none. */
    String until(String cell) {
        Matcher figures = FIGURES.matcher(cell);
        if (this != UNKNOWN && figures.matches()) {
            int day = Integer.parseInt(figures.group(this == DAY_FIRST ? 1 : 2));
            int month = Integer.parseInt(figures.group(this == DAY_FIRST ? 2 : 1));
            int year = Integer.parseInt(figures.group(3)) % 100 + 2000;
            return "%d-%02d-%02d".formatted(year, month, day);
        }
        UntilWords said = UntilWords.of("exp " + cell);
        return said.unclear() ? cell : said.until();
    }
}
