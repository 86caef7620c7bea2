package hodeon.app.contents;

import hodeon.app.catalogue.SupplyName;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.notice.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads contents as people write them, one supply a line: “12 x plaster”, “plaster, 12”, “plaster: 12”, or our own contents
 * list. Names are matched tolerantly; what is unlike anything known stays a line without a supply.
 */
final class ContentsText {

    static final int MOST_PIECES = 10_000;
    private static final int MOST_LINES = 500;
    private static final Pattern COUNT_FIRST = Pattern.compile("(\\d{1,6})\\s*(?:x|×|\\*)?\\s+(.+)");
    /** A line of the contents list this product writes: pieces in the third column, the supply's id in the last. */
    private static final Pattern OUR_LIST =
            Pattern.compile(".*,(\\d{1,6}),[^,]*,[\\d.]+,[\\d.]+(?:,\\d{1,6},.*)?,([a-z0-9-]+)");

    private static final Pattern COUNT_LAST =
            Pattern.compile("(.+?)[\\s,;:\\t]+(?:x|×)?\\s*(\\d{1,6})(?:\\s*(?:x|pcs?|pieces?))?");

    /**
     * @param text as it was given
     * @param supply id of what it most likely is; empty if nothing is like it
     */
    record Line(String text, String supply, int pieces, boolean sure) {}

    private ContentsText() {}

    static List<Line> read(String text, Catalogue catalogue, Faults faults) {
        List<String> given =
                text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
        if (given.size() > MOST_LINES) {
            faults.add("text", given.size() + " lines", "contents have at most " + MOST_LINES + " lines", "Split them");
            return List.of();
        }
        List<Line> lines = new ArrayList<>();
        for (String line : given) {
            if (!line.toLowerCase(Locale.ROOT).startsWith("group,supply")) {
                lines.add(line(line, catalogue));
            }
        }
        return lines;
    }

    private static Line line(String text, Catalogue catalogue) {
        Matcher ours = OUR_LIST.matcher(text);
        if (ours.matches() && catalogue.supply(ours.group(2)).isPresent()) {
            return new Line(text, ours.group(2), Integer.parseInt(ours.group(1)), true);
        }
        String name = text;
        int pieces = 1;
        Matcher first = COUNT_FIRST.matcher(text);
        Matcher last = COUNT_LAST.matcher(text);
        if (first.matches()) {
            pieces = Integer.parseInt(first.group(1));
            name = first.group(2);
        } else if (last.matches()) {
            name = last.group(1);
            pieces = Integer.parseInt(last.group(2));
        }
        SupplyName match = SupplyName.match(name, catalogue.supplies());
        return new Line(text, match.supply(), Math.min(pieces, MOST_PIECES), match.sure());
    }
}
