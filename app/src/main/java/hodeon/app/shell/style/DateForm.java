package hodeon.app.shell.style;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/**
 * How a day is written. Each can be read in one way only: 03/04/2027 is a day in March to some and one in April to others, which is no way
 * to write the last day of a medicine. Words of a day hang together, so that no line breaks it.
 */
public enum DateForm {
    ISO("uuuu-MM-dd", "uuuu-MM"),
    DAY_FIRST("d\u00a0MMM\u00a0uuuu", "MMM\u00a0uuuu"),
    MONTH_FIRST("MMM\u00a0d,\u00a0uuuu", "MMM\u00a0uuuu"),
    DOTTED("dd.MM.uuuu", "MM.uuuu");

    private final String day;
    private final String month;

    DateForm(String day, String month) {
        this.day = day;
        this.month = month;
    }

    public String says(LocalDate date) {
        return date.format(DateTimeFormatter.ofPattern(day, Locale.ENGLISH));
    }

    public String says(YearMonth date) {
        return date.format(DateTimeFormatter.ofPattern(month, Locale.ENGLISH));
    }
}
