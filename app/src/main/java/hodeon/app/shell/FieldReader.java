package hodeon.app.shell;

import hodeon.app.shell.style.HouseStyle;
import hodeon.core.notice.Faults;
import hodeon.core.party.Age;
import hodeon.core.stock.PrintedExpiry;
import hodeon.core.units.Mass;
import hodeon.core.units.TemperatureUnit;
import hodeon.core.units.TypedMeasure;
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
            inWords("d.M.uuuu"),
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
                    Wording.says("fieldReader.has1ToCharacters", what, most),
                    line.isEmpty() ? Wording.says("fieldReader.giveOne") : Wording.says("doseLines.shortenIt"));
        } else if (line.chars().anyMatch(Character::isISOControl)) {
            faults.add(
                    field,
                    line.replaceAll("\\p{Cntrl}", "?"),
                    Wording.says("fieldReader.isOneLineOfText", what),
                    Wording.says("careController.typeItAgain"));
        }
        return line;
    }

    /** At most {@code most} characters, on several lines if need be; nothing typed is nothing said. */
    public String text(String field, String typed, String what, int most) {
        String text = typed.strip();
        if (text.length() > most) {
            faults.add(
                    field,
                    text,
                    Wording.says("fieldReader.hasAtMostCharacters", what, most),
                    Wording.says("doseLines.shortenIt"));
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
                    Wording.says("fieldReader.isInYearsFrom0ToOr", what, Age.OLDEST_YEARS),
                    Wording.says("fieldReader.write9Or18M"));
        }
        return age;
    }

    /** A body mass, such as “48”, “48.5 kg” or “106 lb”; in kilograms to a tenth. Empty with a fault where it cannot be read. */
    public Optional<BigDecimal> kilograms(String field, String typed, String what, BigDecimal least, BigDecimal most) {
        Matcher mass = MASS.matcher(typed.strip());
        String limit = Wording.says("fieldReader.isFromToKg", what, least.toPlainString(), most.toPlainString());
        if (!mass.matches()) {
            faults.add(field, typed.strip(), limit, Wording.says("fieldReader.writeItLike48485Kg"));
            return Optional.empty();
        }
        BigDecimal number = new BigDecimal(mass.group(1).replace(',', '.'));
        boolean pounds =
                mass.group(2) != null && mass.group(2).toLowerCase(Locale.ROOT).matches("lbs?|pounds?");
        BigDecimal kilograms =
                pounds ? number.multiply(Mass.KILOGRAMS_A_POUND).setScale(1, RoundingMode.HALF_UP) : number;
        if (kilograms.compareTo(least) < 0 || kilograms.compareTo(most) > 0) {
            faults.add(field, typed.strip(), limit, Wording.says("problemController.correctIt"));
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
                    Wording.says("fieldReader.isADayOrMonthThatExists", what),
                    Wording.says("fieldReader.writeItLike202802292028"));
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
                    Wording.says("fieldReader.isADayFromToToday", what, earliest, today),
                    Wording.says("fieldReader.writeItLikeOrInWords", today));
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
            faults.add(
                    field,
                    text,
                    Wording.says("fieldReader.isADateOfTheCalendarYear", what),
                    Wording.says("fieldReader.writeItLike20270612"));
        } else if (day.get().getYear() < 2000 || day.get().getYear() > 2100) {
            faults.add(
                    field,
                    typed,
                    Wording.says("fieldReader.liesInTheYears2000To2100", what),
                    Wording.says("fieldReader.correctTheYear"));
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
        String limit = Wording.says("fieldReader.isAWholeNumberFromTo", what, least, most);
        try {
            int n = Integer.parseInt(typed.strip());
            if (n >= least && n <= most) {
                return n;
            }
            faults.add(field, typed.strip(), limit, Wording.says("problemController.correctIt"));
        } catch (NumberFormatException notANumber) {
            faults.add(field, typed.strip(), limit, Wording.says("sortedContents.writeDigitsOnly"));
        }
        return least;
    }

    /**
     * A number with a point or a comma, both limits inclusive.
     *
     * @param decimals at most so many
     * @param unit that is kept; it or another of its kind may stand behind the number, as {@link TypedMeasure} says; empty if it has none
     */
    public BigDecimal decimal(
            String field, String typed, BigDecimal least, BigDecimal most, String what, int decimals, String unit) {
        TypedMeasure measure = HouseStyle.here().measure(typed, unit);
        String limit = Wording.says("fieldReader.isANumberFrom", what, measure.limits(least, most, decimals));
        if (!measure.number().matches("-?\\d{1,9}(\\.\\d{1,9})?")) {
            faults.add(field, typed.strip(), limit, Wording.says("fieldReader.writeDigitsOnlyWithoutTheUnit"));
            return least;
        }
        BigDecimal number = measure.kept(decimals);
        if (number.compareTo(least) < 0 || number.compareTo(most) > 0) {
            faults.add(field, typed.strip(), limit, Wording.says("problemController.correctIt"));
            return least;
        }
        if (number.stripTrailingZeros().scale() > decimals) {
            faults.add(
                    field,
                    typed.strip(),
                    Wording.says("fieldReader.hasAtMostDecimals", what, decimals),
                    Wording.says("fieldReader.roundIt"));
            return least;
        }
        return number;
    }

    /** A temperature in whole °C, both limits inclusive; typed in the household’s unit, or in the one named behind it. */
    public int celsius(String field, String typed, int least, int most, String what) {
        String text = typed.strip().toUpperCase(Locale.ROOT).replace("°", "");
        TemperatureUnit unit = text.endsWith("F")
                ? TemperatureUnit.FAHRENHEIT
                : text.endsWith("C")
                        ? TemperatureUnit.CELSIUS
                        : HouseStyle.here().temperature();
        int before = faults.all().size();
        int shown = whole(
                field,
                text.replaceAll("\\s*[CF]$", ""),
                (int) Math.round(unit.of(least)),
                (int) Math.round(unit.of(most)),
                Wording.says("finder.in", what, unit.sign()));
        return faults.all().size() == before ? (int) Math.round(unit.celsius(shown)) : least;
    }

    /** A number within its limits, both inclusive; empty with a fault where it is none. */
    public Optional<BigDecimal> number(
            String field, String typed, String what, BigDecimal least, BigDecimal most, int decimals, String unit) {
        int before = faults.all().size();
        BigDecimal number = decimal(field, typed, least, most, what, decimals, unit);
        return faults.all().size() == before ? Optional.of(number) : Optional.empty();
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
        faults.add(
                field,
                typed,
                Wording.says("fieldReader.isOneOfTheChoicesOnThe", what),
                Wording.says("fieldReader.chooseFromTheList"));
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
