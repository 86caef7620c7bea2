package hodeon.app.table;

import hodeon.app.shell.Wording;
import hodeon.core.catalogue.words.Columns;
import hodeon.core.catalogue.words.Columns.Line;
import hodeon.core.catalogue.words.Columns.Meaning;
import hodeon.core.notice.Fault;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A table and what its columns are taken for.
 *
 * @param to where its lines are looked over
 * @param place where all of it goes, if that was said; else empty
 * @param cells the whole table, to be sent again
 * @param first row that is no heading
 * @param sample a few of its rows
 * @param lines as they will be looked over, and {@code text} all of them
 * @param placed whether a column says where each thing lies, and they go into the stock
 */
public record TablePage(
        String to,
        String place,
        String cells,
        int first,
        List<Column> columns,
        List<List<String>> sample,
        List<Line> lines,
        String text,
        boolean placed,
        List<Said> meanings,
        List<Fault> faults) {

    private static final int SHOWN = 6;

    /** A column by its heading, or its letter where it has none. */
    record Column(String name, Meaning meaning) {}

    /** What a column may be, in words. */
    record Said(Meaning meaning, String words) {}

    static TablePage of(
            List<List<String>> rows, Columns columns, List<Line> lines, String to, String place, List<Fault> faults) {
        List<String> head = columns.first() > 0 ? rows.get(columns.first() - 1) : List.of();
        return new TablePage(
                to,
                place,
                Tables.cells(rows),
                columns.first(),
                IntStream.range(0, columns.meanings().size())
                        .mapToObj(c -> new Column(
                                c < head.size() && !head.get(c).isBlank() ? head.get(c) : "Column " + (c + 1),
                                columns.meanings().get(c)))
                        .toList(),
                rows.stream().skip(columns.first()).limit(SHOWN).toList(),
                lines,
                String.join("\n", lines.stream().map(Line::text).toList()),
                to.startsWith("/stock")
                        && lines.stream().anyMatch(l -> !l.place().isEmpty()),
                Arrays.stream(Meaning.values()).map(m -> new Said(m, words(m))).toList(),
                faults);
    }

    private static String words(Meaning meaning) {
        return switch (meaning) {
            case WHAT -> Wording.says("tablePage.whatItIs");
            case COUNT -> Wording.says("tablePage.howMany");
            case UNIT -> Wording.says("tablePage.whatIsCounted");
            case EACH -> Wording.says("tablePage.howManyInOnePack");
            case UNTIL -> Wording.says("tablePage.goodUntil");
            case LOT -> Wording.says("tablePage.lotCode");
            case PLACE -> "where it lies";
            case NOTHING -> Wording.says("tablePage.notRead");
        };
    }
}
