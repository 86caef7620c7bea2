package hodeon.core.catalogue.procedure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A clock that matters while something is done. */
public sealed interface Timer {

    String words();

    /** Counts up from its start: since when a tourniquet is on. */
    record Since(String words) implements Timer {}

    /** Counts down, then says so and counts on: when a second pen may follow. @param minutes 1 to 120 */
    record After(String words, int minutes) implements Timer {}

    /** A beat to push to. @param perMinute 60 to 180 */
    record Beat(String words, int perMinute) implements Timer {}

    Pattern MINUTES = Pattern.compile("down (\\d{1,3}) min");
    Pattern BEAT = Pattern.compile("beat (\\d{2,3})");

    /** Reads what stands behind the words: up, down N min, or beat N. */
    static Timer parse(String words, String kind) {
        if (kind.equals("up")) {
            return new Since(words);
        }
        Matcher minutes = MINUTES.matcher(kind);
        if (minutes.matches()) {
            return new After(words, within(minutes, 1, 120));
        }
        Matcher beat = BEAT.matcher(kind);
        if (beat.matches()) {
            return new Beat(words, within(beat, 60, 180));
        }
        throw new IllegalArgumentException("“" + kind + "” is none of “up”, “down N min”, “beat N”.");
    }

    private static int within(Matcher matcher, int least, int most) {
        int figure = Integer.parseInt(matcher.group(1));
        if (figure < least || figure > most) {
            throw new IllegalArgumentException(
                    "“" + matcher.group() + "”: " + figure + " is outside " + least + " to " + most + ".");
        }
        return figure;
    }
}
