package hodeon.core.stock;

import hodeon.core.notice.Faults;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a code on a package says, as a GS1 element string (GS1 General Specifications, sections 3 and 7): the article
 * number (01), the expiry (17, where day 00 means the month's last day; else the best-before date 15, else 7003 with its
 * hour), the lot (10), the serial number (21). Fields it does not know are stepped over and told.
 *
 * <p>Worked example: {@code 0102000000000015 17 280200 10 TW4} reads as article 02000000000015, good until 29 February
 * 2028, lot TW4.
 *
 * @param article of 14 digits; empty if the code has none
 * @param expiry the last good day
 * @param told what a reader of the date or the code should know: which date it is, what was stepped over
 */
public record PackCode(
        Optional<String> article,
        Optional<PrintedExpiry> expiry,
        Optional<String> lot,
        Optional<String> serial,
        List<String> told) {

    public PackCode {
        told = List.copyOf(told);
    }

    /** Ends a field without a fixed length. */
    private static final char SEPARATOR = '\u001d';

    private static final int LONGEST = 200;
    private static final Pattern BRACKETED = Pattern.compile("\\((\\d{2,4})\\)");
    private static final Pattern SYMBOLOGY = Pattern.compile("^\\][A-Za-z]\\d");
    private static final Pattern PLAIN_ARTICLE = Pattern.compile("\\d{8}|\\d{12,14}");

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
        List<String> told = new ArrayList<>();
        Map<String, String> found = PLAIN_ARTICLE.matcher(code).matches()
                ? Map.of("01", "0".repeat(14 - code.length()) + code)
                : code.startsWith("(") ? bracketed(code, told, faults) : joined(code, told, faults);
        Optional<String> article = Optional.ofNullable(found.get("01"));
        article.ifPresent(a -> checkDigit(a, faults));
        Optional<PrintedExpiry> expiry = expiry(found, today, told, faults);
        return faults.all().size() > before
                ? Optional.empty()
                : Optional.of(new PackCode(
                        article,
                        expiry,
                        Optional.ofNullable(found.get("10")),
                        Optional.ofNullable(found.get("21")),
                        told));
    }

    /** The expiry printed, else the best-before date, else the one with its hour: none of them is ever passed over. */
    private static Optional<PrintedExpiry> expiry(
            Map<String, String> found, LocalDate today, List<String> told, Faults faults) {
        if (found.containsKey("17")) {
            return date(found.get("17"), today, faults);
        } else if (found.containsKey("15")) {
            told.add("The date is the best-before date (15); the code has no expiry date.");
            return date(found.get("15"), today, faults);
        } else if (found.containsKey("7003")) {
            String digits = found.get("7003");
            told.add("It expires on that day at " + digits.substring(6, 8) + ":" + digits.substring(8) + " (7003).");
            return date(digits.substring(0, 6), today, faults);
        }
        return Optional.empty();
    }

    /** A bracket with a number that does not fit what follows is part of what stands before it: lots may hold brackets. */
    private static Map<String, String> bracketed(String code, List<String> told, Faults faults) {
        Map<String, String> found = new LinkedHashMap<>();
        List<int[]> starts = new ArrayList<>();
        Matcher matcher = BRACKETED.matcher(code);
        while (matcher.find()) {
            if (starts.isEmpty() || PackCodeField.begins(matcher.group(1), code.substring(matcher.end()))) {
                starts.add(new int[] {matcher.start(), matcher.end()});
            }
        }
        if (starts.isEmpty() || starts.getFirst()[0] > 0) {
            faults.add("code", code, "every field starts with its number in brackets", "Type (01) and so on");
            return found;
        }
        for (int i = 0; i < starts.size(); i++) {
            String number = code.substring(starts.get(i)[0] + 1, starts.get(i)[1] - 1);
            String value = code.substring(
                            starts.get(i)[1], i + 1 < starts.size() ? starts.get(i + 1)[0] : code.length())
                    .replace(String.valueOf(SEPARATOR), "")
                    .strip();
            take(found, number, value, told, faults);
        }
        return found;
    }

    private static void take(Map<String, String> found, String number, String value, List<String> told, Faults faults) {
        PackCodeField field = PackCodeField.FIELDS.get(number);
        if (field != null) {
            put(found, number, field, value, faults);
        } else if (PackCodeField.isNumber(number)) {
            told.add("The field (" + number + ") “" + value + "” is not known here and was stepped over.");
        } else {
            unknown(number, faults);
        }
    }

    /** Blanks that somebody typed between fields count like separators; within a field of fixed length they are nothing. */
    private static Map<String, String> joined(String code, List<String> told, Faults faults) {
        Map<String, String> found = new LinkedHashMap<>();
        int at = 0;
        while (at < code.length()) {
            if (ends(code.charAt(at))) {
                at++;
                continue;
            }
            String number = PackCodeField.numberAt(code, at);
            PackCodeField field = PackCodeField.FIELDS.get(number);
            if (field == null && !PackCodeField.isNumber(number)) {
                unknown(number, faults);
                return found;
            }
            int start = at + number.length();
            while (start < code.length() && Character.isWhitespace(code.charAt(start))) {
                start++;
            }
            StringBuilder value = new StringBuilder();
            int most = field != null && field.fixed() ? field.length() : PackCodeField.fixedLength(number);
            at = start;
            while (at < code.length() && value.length() < most && code.charAt(at) != SEPARATOR) {
                char c = code.charAt(at);
                if (Character.isWhitespace(c)) {
                    if (most == Integer.MAX_VALUE) {
                        break;
                    }
                } else {
                    value.append(c);
                }
                at++;
            }
            take(found, number, value.toString(), told, faults);
        }
        return found;
    }

    private static boolean ends(char c) {
        return c == SEPARATOR || Character.isWhitespace(c);
    }

    private static void unknown(String number, Faults faults) {
        faults.add(
                "code",
                number,
                "a field's number is one of 01, 10, 11, 13, 15, 17, 21, 30, 240 and the like",
                "Look whether a digit before it is missing or one too many");
    }

    private static void put(
            Map<String, String> found, String number, PackCodeField field, String value, Faults faults) {
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
                    "a date is year, month and day in two digits each, and a day that exists",
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
