package hodeon.core.catalogue.file;

import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Step;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads {@code capability | pieces at first | repeat | importance}, as the head of problems.txt lays down. */
final class StepLine {

    private static final Pattern REDRESS = Pattern.compile("redress (\\d+) d heal (\\d+) d(?: x (\\d+))?");
    private static final Pattern UNTIL_CARE = Pattern.compile("every (\\d+) h until care(?: x (\\d+))?");

    private StepLine() {}

    static Step parse(String line) {
        String[] parts = line.split("\\|");
        if (parts.length != 4) {
            throw new IllegalArgumentException(
                    "A step has four parts between bars (capability | pieces | repeat | importance), not "
                            + parts.length + ".");
        }
        return new Step(
                parts[0].strip(),
                pieces(parts[1].strip()),
                repeat(parts[2].strip()),
                SectionValues.named(parts[3].strip(), Importance.class));
    }

    private static SortedMap<Integer, Double> pieces(String text) {
        if (text.matches("\\d+")) {
            return Step.always(Integer.parseInt(text));
        }
        SortedMap<Integer, Double> first = new TreeMap<>();
        for (String pair : text.split(",")) {
            String[] words = pair.strip().split(" +");
            if (words.length != 2) {
                throw new IllegalArgumentException("“" + pair.strip() + "” is not “pieces probability”.");
            }
            first.put(Integer.parseInt(words[0]), Double.parseDouble(words[1]));
        }
        return first;
    }

    private static Repeat repeat(String text) {
        if (text.equals("once")) {
            return new Repeat.Once();
        }
        Matcher redress = REDRESS.matcher(text);
        if (redress.matches()) {
            return new Repeat.Redress(count(redress, 1), count(redress, 2), count(redress, 3));
        }
        Matcher untilCare = UNTIL_CARE.matcher(text);
        if (untilCare.matches()) {
            return new Repeat.UntilCare(count(untilCare, 1), count(untilCare, 2));
        }
        throw new IllegalArgumentException("“" + text
                + "” is none of “once”, “redress N d heal N d”, “every N h until care” (with “x N” behind).");
    }

    private static int count(Matcher matcher, int group) {
        String text = matcher.group(group);
        int count = text == null ? 1 : Integer.parseInt(text);
        if (count < 1) {
            throw new IllegalArgumentException("“" + matcher.group() + "” holds a 0; the least is 1.");
        }
        return count;
    }
}
