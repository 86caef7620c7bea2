package hodeon.app.shell.style;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How a day is written. Each can be read in one way only: 03/04/2027 is a day in March to some and one in April to others, which is no way
 * to write the last day of a medicine. Words of a day hang together, so that no line breaks it.
 */
public enum DateForm {
    ISO("uuuu-MM-dd", "uuuu-MM"),
    DAY_FIRST("d\u00a0MMM\u00a0uuuu", "MMM\u00a0uuuu"),
    MONTH_FIRST("MMM\u00a0d,\u00a0uuuu", "MMM\u00a0uuuu"),
    DOTTED("dd.MM.uuuu", "MM.uuuu");

    /** A day or month by ISO 8601 that stands alone; one within a moment for machines (…T14:03) does not. */
    private static final Pattern DAY =
            Pattern.compile("(?<![\\w.-])((?:19|20)\\d\\d)-(\\d\\d)(?:-(\\d\\d))?(?![\\w-])");

    private final String day;
    private final String month;

    DateForm(String day, String month) {
        this.day = day;
        this.month = month;
    }

    public String says(LocalDate date, Locale language) {
        return date.format(DateTimeFormatter.ofPattern(day, language));
    }

    public String says(YearMonth date, Locale language) {
        return date.format(DateTimeFormatter.ofPattern(month, language));
    }

    /** The text with every day and month in it written in this form. */
    public String in(String text, Locale language) {
        if (this == ISO || text.length() < 7) {
            return text;
        }
        Matcher found = DAY.matcher(text);
        return found.replaceAll(m -> Matcher.quoteReplacement(written(m.group(), m.group(3) == null, language)));
    }

    private String written(String iso, boolean month, Locale language) {
        try {
            return month ? says(YearMonth.parse(iso), language) : says(LocalDate.parse(iso), language);
        } catch (DateTimeException noDay) {
            return iso;
        }
    }
}
