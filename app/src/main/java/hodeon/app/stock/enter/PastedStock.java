package hodeon.app.stock.enter;

import hodeon.app.catalogue.SupplyName;
import hodeon.core.catalogue.Supply;
import java.util.Collection;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line as people write down what they own: “12 x plaster 2028-03”, “gauze, 4, lot AB7”. Names are matched tolerantly and
 * confirmed before anything is written.
 *
 * @param supply id of what it most likely is; empty if nothing is like it
 */
record PastedStock(String text, String supply, boolean sure, String pieces, String until, String lot) {

    static final int MOST_LINES = 500;

    private static final Pattern UNTIL = Pattern.compile("\\b(\\d{4}-\\d{1,2}(?:-\\d{1,2})?|\\d{1,2}[/.]\\d{4})\\b");
    private static final Pattern LOT = Pattern.compile("(?i)\\blot[:#\\s]+(\\S+)");
    private static final Pattern COUNT_FIRST = Pattern.compile("^(\\d{1,6})\\s*[x×*]?\\s+(.+)$");
    private static final Pattern COUNT_LAST = Pattern.compile("^(.+?)[\\s,;:]+[x×]?\\s*(\\d{1,6})$");

    static List<PastedStock> read(String text, Collection<Supply> supplies) {
        return text.lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .limit(MOST_LINES)
                .map(l -> line(l, supplies))
                .toList();
    }

    private static PastedStock line(String text, Collection<Supply> supplies) {
        String rest = text;
        Matcher lot = LOT.matcher(rest);
        String lotCode = lot.find() ? lot.group(1).replaceAll("[,;]$", "") : "";
        rest = LOT.matcher(rest).replaceFirst("");
        Matcher until = UNTIL.matcher(rest);
        String date = until.find() ? until.group(1) : "";
        rest = UNTIL.matcher(rest).replaceFirst("").replaceAll("(?i)\\b(until|exp\\.?|expires)\\b", "");
        rest = rest.replaceAll("[\\s,;:]+$", "").strip();
        Matcher first = COUNT_FIRST.matcher(rest);
        Matcher last = COUNT_LAST.matcher(rest);
        String pieces = "1";
        if (first.matches()) {
            pieces = first.group(1);
            rest = first.group(2);
        } else if (last.matches()) {
            rest = last.group(1);
            pieces = last.group(2);
        }
        SupplyName name = SupplyName.match(rest, supplies);
        return new PastedStock(text, name.supply(), name.sure(), pieces, date, lotCode);
    }
}
