package hodeon.app.shell;

import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.ResolverStyle;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Reads what people type into fields: lines, numbers with or without their unit, days in figures or words, choices. What cannot be read
 * becomes a fault with the field, what was typed, the limit and a remedy; reading goes on with a value that is within the limits, so
 * that everything is told at once.
 */
public final class FieldReader {

    /** As a calendar has them, in figures and in words. */
    private static final List<DateTimeFormatter> DAYS = List.of(
            DateTimeFormatter.ISO_LOCAL_DATE,
            inWords("d MMMM uuuu"),
            inWords("d MMM uuuu"),
            inWords("MMMM d, uuuu"),
            inWords("MMM d, uuuu"));

    private final Faults faults;

    /** @param faults where everything is added that cannot be read */
    public FieldReader(Faults faults) {
        this.faults = faults;
    }

    private static DateTimeFormatter inWords(String pattern) {
        return new DateTimeFormatterBuilder()
                .parseCaseInsensitive()
                .appendPattern(pattern)
                .toFormatter(Locale.ENGLISH)
                .withResolverStyle(ResolverStyle.STRICT);
    }

    /** One line of 1 to {@code most} characters. */
    public String line(String field, String typed, String what, int most) {
        String line = typed.strip();
        if (line.isEmpty() || line.length() > most) {
            faults.add(
                    field,
                    line,
                    what + " has 1 to " + most + " characters",
                    line.isEmpty() ? "Give one" : "Shorten it");
        } else if (line.chars().anyMatch(Character::isISOControl)) {
            faults.add(field, line.replaceAll("\\p{Cntrl}", "?"), what + " is one line of text", "Type it again");
        }
        return line;
    }

    /** A day of the years 2000 to 2100, such as 2027-06-12 or 12 June 2027. */
    public Optional<LocalDate> date(String field, String typed, String what) {
        String text = typed.strip();
        Optional<LocalDate> day =
                DAYS.stream().flatMap(format -> parsed(text, format).stream()).findFirst();
        if (day.isEmpty()) {
            faults.add(field, text, what + " is a date of the calendar, year-month-day", "Write it like 2027-06-12");
        } else if (day.get().getYear() < 2000 || day.get().getYear() > 2100) {
            faults.add(field, typed, what + " lies in the years 2000 to 2100", "Correct the year");
            return Optional.empty();
        }
        return day;
    }

    private static Optional<LocalDate> parsed(String text, DateTimeFormatter format) {
        try {
            return Optional.of(LocalDate.parse(text, format));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** A whole number, both limits inclusive. */
    public int whole(String field, String typed, int least, int most, String what) {
        String limit = what + " is a whole number from " + least + " to " + most;
        try {
            int n = Integer.parseInt(typed.strip());
            if (n >= least && n <= most) {
                return n;
            }
            faults.add(field, typed.strip(), limit, "Correct it");
        } catch (NumberFormatException notANumber) {
            faults.add(field, typed.strip(), limit, "Write digits only");
        }
        return least;
    }

    /**
     * A number with a point or a comma, both limits inclusive.
     *
     * @param decimals at most so many
     * @param unit may stand behind it, in any case; empty if it has none
     */
    public BigDecimal decimal(
            String field, String typed, BigDecimal least, BigDecimal most, String what, int decimals, String unit) {
        String text = without(unit, typed.strip()).replace(',', '.');
        String limit = what + " is a number from " + least.toPlainString() + " to " + most.toPlainString();
        if (!text.matches("-?\\d{1,9}(\\.\\d{1,9})?")) {
            faults.add(field, typed.strip(), limit, "Write digits only, without the unit");
            return least;
        }
        BigDecimal number = new BigDecimal(text);
        if (number.compareTo(least) < 0 || number.compareTo(most) > 0) {
            faults.add(field, typed.strip(), limit, "Correct it");
            return least;
        }
        if (number.stripTrailingZeros().scale() > decimals) {
            faults.add(field, typed.strip(), what + " has at most " + decimals + " decimals", "Round it");
            return least;
        }
        return number;
    }

    private static String without(String unit, String text) {
        boolean said = !unit.isEmpty() && text.toLowerCase(Locale.ROOT).endsWith(unit);
        return said ? text.substring(0, text.length() - unit.length()).strip() : text;
    }

    /** The same; nothing typed is nothing said. */
    public Optional<BigDecimal> optional(
            String field, String typed, BigDecimal least, BigDecimal most, String what, int decimals, String unit) {
        return typed.isBlank()
                ? Optional.empty()
                : Optional.of(decimal(field, typed, least, most, what, decimals, unit));
    }

    /** One of a list, by its constant's name. */
    public <E extends Enum<E>> E choice(String field, String typed, String what, Class<E> type) {
        for (E constant : type.getEnumConstants()) {
            if (constant.name().equals(typed)) {
                return constant;
            }
        }
        faults.add(field, typed, what + " is one of the choices on the list", "Choose from the list");
        return type.getEnumConstants()[0];
    }

    /** Any of a list, by their constants' names. */
    public <E extends Enum<E>> Set<E> choices(String field, Set<String> typed, String what, Class<E> type) {
        Set<E> chosen = EnumSet.noneOf(type);
        typed.forEach(text -> chosen.add(choice(field, text, what, type)));
        return chosen;
    }
}
