package hodeon.app.shell;

import hodeon.core.notice.Faults;
import hodeon.core.party.Age;
import hodeon.core.stock.PrintedExpiry;
import hodeon.core.units.Mass;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.ResolverStyle;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

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

    private static final Pattern MASS = Pattern.compile(
            "(\\d{1,4}(?:[.,]\\d{1,3})?)\\s*(kgs?|kilos?|kilograms?|lbs?|pounds?)?", Pattern.CASE_INSENSITIVE);

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

    /** At most {@code most} characters, on several lines if need be; nothing typed is nothing said. */
    public String text(String field, String typed, String what, int most) {
        String text = typed.strip();
        if (text.length() > most) {
            faults.add(field, text, what + " has at most " + most + " characters", "Shorten it");
        }
        return text;
    }

    /** The same on one line. */
    public String lineOrNothing(String field, String typed, String what, int most) {
        return typed.isBlank() ? "" : line(field, typed, what, most);
    }

    /** “9”, “18 m”; below two years months matter. Empty with a fault where it cannot be read. */
    public Optional<Age> age(String field, String typed, String what) {
        Optional<Age> age = Age.parse(typed);
        if (age.isEmpty()) {
            faults.add(
                    field,
                    typed.strip(),
                    what + " is in years from 0 to " + Age.OLDEST_YEARS + ", or in months like “18 m”",
                    "Write 9, or 18 m");
        }
        return age;
    }

    /** A body mass, such as “48”, “48.5 kg” or “106 lb”; in kilograms to a tenth. Empty with a fault where it cannot be read. */
    public Optional<BigDecimal> kilograms(String field, String typed, String what, BigDecimal least, BigDecimal most) {
        Matcher mass = MASS.matcher(typed.strip());
        String limit = what + " is from " + least.toPlainString() + " to " + most.toPlainString() + " kg";
        if (!mass.matches()) {
            faults.add(field, typed.strip(), limit, "Write it like 48, 48.5 kg or 106 lb");
            return Optional.empty();
        }
        BigDecimal number = new BigDecimal(mass.group(1).replace(',', '.'));
        boolean pounds =
                mass.group(2) != null && mass.group(2).toLowerCase(Locale.ROOT).matches("lbs?|pounds?");
        BigDecimal kilograms =
                pounds ? number.multiply(Mass.KILOGRAMS_A_POUND).setScale(1, RoundingMode.HALF_UP) : number;
        if (kilograms.compareTo(least) < 0 || kilograms.compareTo(most) > 0) {
            faults.add(field, typed.strip(), limit, "Correct it");
            return Optional.empty();
        }
        return Optional.of(kilograms);
    }

    /** The date printed on a package, a day or a month; nothing typed is nothing printed. */
    public Optional<PrintedExpiry> printed(String field, String typed, String what) {
        if (typed.isBlank()) {
            return Optional.empty();
        }
        try {
            return Optional.of(PrintedExpiry.parse(typed.strip()));
        } catch (DateTimeException wrong) {
            faults.add(
                    field,
                    typed.strip(),
                    what + " is a day or month that exists, from 2000 to 2099",
                    "Write it like 2028-02-29, 2028-02 or 02/2028");
            return Optional.empty();
        }
    }

    /** A day that is not to come, both limits inclusive. */
    public Optional<LocalDate> past(String field, String typed, String what, LocalDate earliest, LocalDate today) {
        String text = typed.strip();
        Optional<LocalDate> day = day(text).filter(d -> !d.isAfter(today) && !d.isBefore(earliest));
        if (day.isEmpty()) {
            faults.add(
                    field,
                    text,
                    what + " is a day from " + earliest + " to today, " + today,
                    "Write it like " + today + ", or in words");
        }
        return day;
    }

    private static Optional<LocalDate> day(String text) {
        return DAYS.stream().flatMap(format -> parsed(text, format).stream()).findFirst();
    }

    /** A day of the years 2000 to 2100, such as 2027-06-12 or 12 June 2027. */
    public Optional<LocalDate> date(String field, String typed, String what) {
        String text = typed.strip();
        Optional<LocalDate> day = day(text);
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
     * @param unit may stand behind it, in any case, and kg where it is g; empty if it has none
     */
    public BigDecimal decimal(
            String field, String typed, BigDecimal least, BigDecimal most, String what, int decimals, String unit) {
        boolean kilograms =
                unit.equals("g") && typed.strip().toLowerCase(Locale.ROOT).endsWith("kg");
        String text = without(kilograms ? "kg" : unit, typed.strip()).replace(',', '.');
        String limit = what + " is a number from " + least.toPlainString() + " to " + most.toPlainString();
        if (!text.matches("-?\\d{1,9}(\\.\\d{1,9})?")) {
            faults.add(field, typed.strip(), limit, "Write digits only, without the unit");
            return least;
        }
        BigDecimal number = kilograms ? new BigDecimal(text).movePointRight(3) : new BigDecimal(text);
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

    /** A number within its limits, both inclusive; empty with a fault where it is none. */
    public Optional<BigDecimal> number(
            String field, String typed, String what, BigDecimal least, BigDecimal most, int decimals, String unit) {
        int before = faults.all().size();
        BigDecimal number = decimal(field, typed, least, most, what, decimals, unit);
        return faults.all().size() == before ? Optional.of(number) : Optional.empty();
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

    /** The same; nothing chosen is nothing said. */
    public <E extends Enum<E>> Optional<E> chosen(String field, String typed, String what, Class<E> type) {
        return typed.isBlank() ? Optional.empty() : Optional.of(choice(field, typed, what, type));
    }

    /** Any of a list, by their constants' names. */
    public <E extends Enum<E>> Set<E> choices(String field, Collection<String> typed, String what, Class<E> type) {
        Set<E> chosen = EnumSet.noneOf(type);
        typed.forEach(text -> chosen.add(choice(field, text, what, type)));
        return chosen;
    }
}
