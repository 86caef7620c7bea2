package hodeon.app.shell.style;

import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The weekday before a time of day, in the language: “Thu 14:05” is “Do 14:05”. */
final class Weekdays {

    private static final List<String> ENGLISH = List.of("Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun");
    private static final Pattern BEFORE_TIME =
            Pattern.compile("\\b(" + String.join("|", ENGLISH) + ")(?= \\d\\d:\\d\\d)");

    private Weekdays() {}

    static String in(String text, Locale language) {
        return language.equals(Locale.ENGLISH) || text.indexOf(':') < 0
                ? text
                : BEFORE_TIME.matcher(text).replaceAll(day -> Matcher.quoteReplacement(said(day.group(1), language)));
    }

    private static String said(String english, Locale language) {
        return DayOfWeek.of(ENGLISH.indexOf(english) + 1).getDisplayName(TextStyle.SHORT_STANDALONE, language);
    }
}
