package hodeon.core.catalogue.words;

import java.time.DateTimeException;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The day or month until which something is good, as people write it: “exp 06/27”, “use by 1 March 2028”, “best before end of Aug 2027”.
 * When it was made, bought or opened is not until when it is good, and a lot code is no date.
 *
 * @param until as 2028-03-01 or 2027-06; empty if the line says none, or one that is to be asked for
 * @param unclear it says one that may be read in two ways, as 03/04/2027
 * @param rest the line without its dates
 */
record UntilWords(String until, boolean unclear, String lot, String rest) {

    private static final String MONTH = "(jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?"
            + "|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\\.?";
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");

    private static final String GOOD_UNTIL =
            "(?:exp(?:iry|ires|ired|ir(?:es|y|ing)|iration)?\\.?(?:\\s*(?:date|day|on))?|use[ -]?by|use before|best (?:by|before)|bbe?|bbd"
                    + "|good (?:to|till?|until|thru|through|before)|valid (?:to|till?|until|thru)|until|till|to|before|end|ends?)";
    private static final String NOT_UNTIL =
            "(?:made|mfg|mfd|manufactured|produced|production|bought|purchased|opened|open"
                    + "|filled|packed|checked|received|got|since|from|new in|dated)";
    private static final String CUE = "(?:\\(?\\b(?:" + GOOD_UNTIL + "|" + NOT_UNTIL + ")\\b[.:\\s]*)";
    private static final String FILLER = "(?:(?:the|end|of|on|in|by|date)\\s+){0,3}";

    private static final String ISO = "(?<y1>\\d{4})[-/.](?<m1>\\d{1,2})[-/.](?<d1>\\d{1,2})";
    private static final String DAY_FIRST = "(?<a2>\\d{1,2})[-/.](?<b2>\\d{1,2})[-/.](?<y2>\\d{4}|\\d{2})";
    private static final String YEAR_MONTH = "(?<y3>\\d{4})[-/.](?<m3>\\d{1,2})";
    private static final String MONTH_YEAR = "(?<m4>\\d{1,2})\\s?[-/.]\\s?(?<y4>\\d{4})";
    private static final String DAY_WORD =
            "(?<d5>\\d{1,2})(?:st|nd|rd|th)?[\\s.-]+(?:of\\s+)?(?<m5>" + MONTH + ")[\\s,-]+(?<y5>\\d{4}|[’']?\\d{2})";
    private static final String WORD_DAY = "(?<m6>" + MONTH + ")\\s+(?<d6>\\d{1,2})(?:st|nd|rd|th)?,?\\s+(?<y6>\\d{4})";
    private static final String WORD_YEAR = "(?<m7>" + MONTH + ")[\\s,/-]*(?<y7>\\d{4}|[’']?\\d{2})";

    private static final Pattern DATE =
            Pattern.compile("(?i)(?<cue>" + CUE + ")?" + FILLER + "(?<![\\w.])(?:" + ISO + "|" + DAY_FIRST + "|"
                    + YEAR_MONTH + "|" + MONTH_YEAR + "|" + DAY_WORD + "|" + WORD_DAY + "|" + WORD_YEAR + ")(?![\\w])");

    /** So short only where a word says that it is a date. */
    private static final Pattern SHORT_DATE = Pattern.compile("(?i)(?<cue>" + CUE + ")" + FILLER
            + "(?:(?<m8>\\d{1,2})\\s?[-/.]\\s?(?<y8>\\d{2})|(?<y9>20\\d{2}))(?![\\w/.-])");

    private static final Pattern NO_DATE = Pattern.compile("(?i)\\b" + NOT_UNTIL + "\\b");
    private static final Pattern LOT =
            Pattern.compile("(?i)\\b(?:lot|batch|serial)(?:\\s*(?:no\\.?|number|code))?[:#.\\s]+(\\S+)");
    private static final int CENTURY = 2000;

    static UntilWords of(String line) {
        Matcher lot = LOT.matcher(line);
        String code = lot.find() ? lot.group(1).replaceAll("[,;)]+$", "") : "";
        String text = LOT.matcher(line).replaceFirst(" ");
        Reading reading = new Reading();
        text = reading.taken(text, DATE);
        text = reading.taken(text, SHORT_DATE);
        return new UntilWords(reading.until, reading.unclear, code, text);
    }

    /** What was found so far; of several dates the first that says until when counts. */
    private static final class Reading {

        private String until = "";
        private boolean unclear;
        private boolean said;

        String taken(String text, Pattern dates) {
            StringBuilder rest = new StringBuilder();
            Matcher found = dates.matcher(text);
            while (found.find()) {
                String cue = group(found, "cue");
                String date = date(found);
                boolean isOne = !date.isEmpty();
                if (isOne && !NO_DATE.matcher(cue).find() && (until.isEmpty() || (!said && !cue.isEmpty()))) {
                    unclear = date.equals(TWO_WAYS);
                    until = unclear ? "" : date;
                    said = !cue.isEmpty();
                }
                found.appendReplacement(rest, isOne ? " " : Matcher.quoteReplacement(found.group()));
            }
            found.appendTail(rest);
            return rest.toString();
        }
    }

    private static final String TWO_WAYS = "?";

    /** Empty where the figures are no date there is. */
    private static String date(Matcher m) {
        try {
            if (m.pattern() == SHORT_DATE) {
                return has(m, "y9") ? month(year(m, "y9"), 12) : month(year(m, "y8"), number(m, "m8"));
            }
            if (has(m, "y1")) {
                return day(number(m, "y1"), number(m, "m1"), number(m, "d1"));
            }
            if (has(m, "y2")) {
                return twoFigures(number(m, "a2"), number(m, "b2"), year(m, "y2"));
            }
            if (has(m, "y3")) {
                return month(number(m, "y3"), number(m, "m3"));
            }
            if (has(m, "y4")) {
                return month(number(m, "y4"), number(m, "m4"));
            }
            if (has(m, "y5")) {
                return day(year(m, "y5"), named(m, "m5"), number(m, "d5"));
            }
            return has(m, "y6")
                    ? day(number(m, "y6"), named(m, "m6"), number(m, "d6"))
                    : month(year(m, "y7"), named(m, "m7"));
        } catch (DateTimeException e) {
            return "";
        }
    }

    /** Of day and month either may come first; where both would do, it is asked. */
    private static String twoFigures(int first, int second, int year) {
        if (first > 12) {
            return day(year, second, first);
        }
        return second > 12 || first == second ? day(year, first, second) : TWO_WAYS;
    }

    private static String day(int year, int month, int day) {
        return YearMonth.of(year, month).atDay(day).toString();
    }

    private static String month(int year, int month) {
        return YearMonth.of(year, month).toString();
    }

    private static String group(Matcher m, String name) {
        String group = m.group(name);
        return group == null ? "" : group;
    }

    private static boolean has(Matcher m, String name) {
        return !group(m, name).isEmpty();
    }

    private static int number(Matcher m, String name) {
        return Integer.parseInt(group(m, name));
    }

    private static int year(Matcher m, String name) {
        int year = Integer.parseInt(group(m, name).replaceAll("[’']", ""));
        return year < 100 ? CENTURY + year : year;
    }

    private static int named(Matcher m, String name) {
        return 1 + MONTHS.indexOf(group(m, name).substring(0, 3).toLowerCase(Locale.ROOT));
    }
}
