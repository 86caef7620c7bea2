package hodeon.core.stock;

import hodeon.core.notice.Faults;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a code on a package says, as a GS1 element string (GS1 General Specifications, sections 3 and 7): the article
 * number (01), the expiry (17, where day 00 means the month's last day), the lot (10), the serial number (21).
 *
 * <p>Worked example: {@code 0102000000000015 17 280200 10 TW4} reads as article 02000000000015, good until 29 February
 * 2028, lot TW4.
 *
 * @param article of 14 digits; empty if the code has none
 * @param expiry the last good day
 */
public record PackCode(
        Optional<String> article, Optional<PrintedExpiry> expiry, Optional<String> lot, Optional<String> serial) {

    /** Ends a field without a fixed length. */
    private static final char SEPARATOR = '\u001d';

    private static final int LONGEST = 200;
    private static final Pattern BRACKETED = Pattern.compile("\\((\\d{2,4})\\)([^(]*)");
    private static final Pattern SYMBOLOGY = Pattern.compile("^\\][A-Za-z]\\d");
    private static final Pattern PLAIN_ARTICLE = Pattern.compile("\\d{8}|\\d{12,14}");

    /** A field by its number: its length, fixed or at most, and what it is. */
    private record Field(int length, boolean fixed, boolean digits, String name) {}

    private static final Map<String, Field> FIELDS = Map.ofEntries(
            Map.entry("00", new Field(18, true, true, "shipping container")),
            Map.entry("01", new Field(14, true, true, "article number")),
            Map.entry("02", new Field(14, true, true, "contained article")),
            Map.entry("10", new Field(20, false, false, "lot")),
            Map.entry("11", new Field(6, true, true, "production date")),
            Map.entry("13", new Field(6, true, true, "packaging date")),
            Map.entry("15", new Field(6, true, true, "best-before date")),
            Map.entry("16", new Field(6, true, true, "sell-by date")),
            Map.entry("17", new Field(6, true, true, "expiry date")),
            Map.entry("20", new Field(2, true, true, "variant")),
            Map.entry("21", new Field(20, false, false, "serial number")),
            Map.entry("22", new Field(20, false, false, "consumer variant")),
            Map.entry("30", new Field(8, false, true, "count")),
            Map.entry("37", new Field(8, false, true, "count")),
            Map.entry("240", new Field(30, false, false, "additional number")),
            Map.entry("241", new Field(30, false, false, "customer's number")));

    /**
     * Reads a code as a scanner types it: with or without brackets, with a leading symbology mark, its open fields ended
     * by FNC1 (sent as GS, character 29, or shown as {@code <GS>}). A bare article number of 8, 12, 13 or 14 digits is
     * read as well. Empty with everything that is wrong in {@code faults}.
     *
     * @param today decides the century: a year is at most 49 years before it and 50 after it
     */
    public static Optional<PackCode> read(String typed, LocalDate today, Faults faults) {
        String code = SYMBOLOGY
                .matcher(typed.strip())
                .replaceFirst("")
                .replace("<GS>", String.valueOf(SEPARATOR))
                .replace("<FNC1>", String.valueOf(SEPARATOR));
        if (code.isEmpty() || code.length() > LONGEST) {
            faults.add(
                    "code",
                    code,
                    "a pack code has 1 to " + LONGEST + " characters",
                    code.isEmpty() ? "Type or scan it" : "Scan one code at a time");
            return Optional.empty();
        }
        int before = faults.all().size();
        Map<String, String> found = PLAIN_ARTICLE.matcher(code).matches()
                ? Map.of("01", "0".repeat(14 - code.length()) + code)
                : code.startsWith("(") ? bracketed(code, faults) : joined(code, faults);
        Optional<String> article = Optional.ofNullable(found.get("01"));
        article.ifPresent(a -> checkDigit(a, faults));
        Optional<PrintedExpiry> expiry = Optional.ofNullable(found.get("17")).flatMap(d -> date(d, today, faults));
        return faults.all().size() > before
                ? Optional.empty()
                : Optional.of(new PackCode(
                        article, expiry, Optional.ofNullable(found.get("10")), Optional.ofNullable(found.get("21"))));
    }

    private static Map<String, String> bracketed(String code, Faults faults) {
        Map<String, String> found = new LinkedHashMap<>();
        Matcher matcher = BRACKETED.matcher(code);
        int end = 0;
        while (matcher.find() && matcher.start() == end) {
            end = matcher.end();
            String number = matcher.group(1);
            Field field = FIELDS.get(number);
            if (field == null) {
                unknown(number, faults);
            } else {
                put(found, number, field, matcher.group(2).strip(), faults);
            }
        }
        if (end < code.length()) {
            faults.add(
                    "code",
                    code.substring(end),
                    "every field starts with its number in brackets",
                    "Type (01) and so on");
        }
        return found;
    }

    private static Map<String, String> joined(String code, Faults faults) {
        Map<String, String> found = new LinkedHashMap<>();
        int at = 0;
        while (at < code.length()) {
            if (code.charAt(at) == SEPARATOR) {
                at++;
                continue;
            }
            String number = numberAt(code, at);
            Field field = FIELDS.get(number);
            if (field == null) {
                unknown(number, faults);
                return found;
            }
            int start = at + number.length();
            int separator = code.indexOf(SEPARATOR, start);
            int end = field.fixed()
                    ? Math.min(code.length(), start + field.length())
                    : separator < 0 ? code.length() : separator;
            if (field.fixed() && separator >= 0 && separator < end) {
                end = separator;
            }
            put(found, number, field, code.substring(start, end), faults);
            at = end;
        }
        return found;
    }

    private static String numberAt(String code, int at) {
        String two = code.substring(at, Math.min(code.length(), at + 2));
        String three = code.substring(at, Math.min(code.length(), at + 3));
        return FIELDS.containsKey(two) || !FIELDS.containsKey(three) ? two : three;
    }

    private static void unknown(String number, Faults faults) {
        faults.add(
                "code",
                number,
                "a field's number is one of 01, 10, 11, 13, 15, 17, 21, 30, 240 and the like",
                "Look whether a digit before it is missing or one too many");
    }

    private static void put(Map<String, String> found, String number, Field field, String value, Faults faults) {
        String where = "the " + field.name() + " (" + number + ")";
        boolean rightLength = field.fixed() ? value.length() == field.length() : value.length() <= field.length();
        if (!rightLength || value.isEmpty()) {
            faults.add(
                    field.name(),
                    value,
                    where + " has " + (field.fixed() ? "" : "1 to ") + field.length() + " characters, this has "
                            + value.length(),
                    field.fixed() ? "Type it again" : "Put the separator (FNC1) behind it");
        } else if (field.digits() && !value.chars().allMatch(c -> c >= '0' && c <= '9')) {
            faults.add(field.name(), value, where + " has digits only", "Type it again");
        } else if (found.putIfAbsent(number, value) != null && !value.equals(found.get(number))) {
            faults.add(
                    field.name(),
                    value,
                    where + " is given twice, first as “" + found.get(number) + "”",
                    "Scan one package at a time");
        }
    }

    /** The last digit makes the weighted sum a multiple of ten: weights 3 and 1 in turn from the right. */
    private static void checkDigit(String article, Faults faults) {
        int sum = 0;
        for (int i = 0; i < 13; i++) {
            sum += (article.charAt(i) - '0') * (i % 2 == 0 ? 3 : 1);
        }
        int right = (10 - sum % 10) % 10;
        int given = article.charAt(13) - '0';
        if (given != right) {
            faults.add(
                    "article number",
                    article,
                    "the check digit of this article number would be " + right + ", not " + given,
                    "Compare it digit by digit with the package");
        }
    }

    private static Optional<PrintedExpiry> date(String digits, LocalDate today, Faults faults) {
        int year = century(Integer.parseInt(digits.substring(0, 2)), today.getYear());
        int month = Integer.parseInt(digits.substring(2, 4));
        int day = Integer.parseInt(digits.substring(4));
        try {
            return Optional.of(
                    day == 0
                            ? PrintedExpiry.of(YearMonth.of(year, month))
                            : PrintedExpiry.of(LocalDate.of(year, month, day)));
        } catch (DateTimeException e) {
            faults.add(
                    "expiry date",
                    digits,
                    "the expiry date (17) is year, month and day in two digits each, and a day that exists",
                    "Day 00 means the end of the month");
            return Optional.empty();
        }
    }

    /** GS1 General Specifications, 7.12: 51 to 99 ahead belongs to the century before, 50 and more behind to the next. */
    private static int century(int twoDigits, int thisYear) {
        int ahead = twoDigits - thisYear % 100;
        int century = thisYear - thisYear % 100;
        return twoDigits + (ahead >= 51 ? century - 100 : ahead <= -50 ? century + 100 : century);
    }
}
