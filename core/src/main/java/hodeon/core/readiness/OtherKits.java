package hodeon.core.readiness;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What others carry, as somebody wrote it down: things with the share of kits that hold them, or several contents lists with an empty
 * line between.
 *
 * <p>Worked example: “tweezers, 80 %” and “tape, 12 of 15” are shares of 0.8 each; of two lists, one with tweezers, tweezers have 0.5.
 *
 * @param lists how many there were; 1 where shares were written
 */
public record OtherKits(List<Line> lines, int lists) {

    /** A share behind the thing: 80 %, 0.8, 12 of 15 or 12/15. */
    private static final Pattern SHARE = Pattern.compile(
            "^\\s*\"?(.+?)\"?\\s*[,;\\t:]\\s*\"?(?:(\\d{1,3}(?:[.]\\d+)?)\\s*%|(0?[.]\\d+|[01](?:[.]0+)?)|(\\d{1,4})\\s*(?:of|/)\\s*(\\d{1,4}))\"?\\s*$");

    private static final double PERCENT = 100;

    /** A thing as it is written. @param share of the kits that hold it, 0 to 1; of one list 1 @param list from 0 */
    public record Line(String thing, double share, int list) {}

    /** Shares if every line but a heading has one, else lists. */
    public static OtherKits read(String text) {
        List<String> written =
                text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
        List<Line> shares = new ArrayList<>();
        for (String line : written) {
            share(line).ifPresent(shares::add);
        }
        return !shares.isEmpty() && shares.size() >= written.size() - 1 ? new OtherKits(shares, 1) : lists(text);
    }

    private static Optional<Line> share(String line) {
        Matcher m = SHARE.matcher(line);
        if (!m.matches()) {
            return Optional.empty();
        }
        double share = m.group(2) != null
                ? Double.parseDouble(m.group(2)) / PERCENT
                : m.group(3) != null
                        ? Double.parseDouble(m.group(3))
                        : Double.parseDouble(m.group(4)) / Math.max(1, Double.parseDouble(m.group(5)));
        return share <= 1 ? Optional.of(new Line(m.group(1), share, 0)) : Optional.empty();
    }

    private static OtherKits lists(String text) {
        List<Line> lines = new ArrayList<>();
        int list = 0;
        boolean begun = false;
        for (String line : text.lines().map(String::strip).toList()) {
            if (line.isEmpty() || line.matches("[-=_*]{3,}")) {
                list += begun ? 1 : 0;
                begun = false;
            } else {
                lines.add(new Line(line, 1, list));
                begun = true;
            }
        }
        return new OtherKits(lines, list + (begun ? 1 : 0));
    }

    /**
     * Share of the kits by supply.
     *
     * @param meant ids of the supplies by the words of a line; what is not understood is missing
     */
    public Map<String, Double> shares(Map<String, String> meant) {
        Map<String, Double> shares = new HashMap<>();
        Set<String> counted = new HashSet<>();
        for (Line line : lines) {
            String supply = meant.get(line.thing());
            if (supply != null && counted.add(supply + " " + line.list())) {
                shares.merge(supply, line.share() / lists, Double::sum);
            }
        }
        return shares;
    }
}
