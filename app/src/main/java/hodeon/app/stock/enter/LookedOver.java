package hodeon.app.stock.enter;

import hodeon.app.catalogue.ReadLine;
import hodeon.app.catalogue.Understanding;
import hodeon.app.shell.RepeatedFields;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Pasted lines as they were looked over, row by row, and where all of it goes but what has a place {@code at} which it goes alone. */
record LookedOver(
        @Nullable String place,
        @Nullable List<String> text,
        @Nullable List<String> supply,
        @Nullable List<String> other,
        @Nullable List<String> pieces,
        @Nullable List<String> until,
        @Nullable List<String> lot,
        @Nullable List<String> at) {

    /** In place of a supply, where a line is not wanted. */
    static final String DROP = "drop";

    /** What was searched for by its name, which is then in place of an id, stands before what was chosen. */
    List<ReadLine.Typed> rows() {
        return IntStream.range(0, Math.min(RepeatedFields.sent(supply).size(), Understanding.MOST_LINES))
                .mapToObj(i -> new ReadLine.Typed(
                        at(text, i),
                        at(other, i).isBlank() ? at(supply, i) : at(other, i).strip(),
                        at(pieces, i),
                        at(until, i),
                        at(lot, i)))
                .toList();
    }

    String goesTo() {
        return place == null ? "" : place;
    }

    /** Where each line goes; empty where that is where all of it goes. */
    List<String> each() {
        return RepeatedFields.sent(at);
    }

    /** What stands in a field of one line, as somebody would have typed it for that line alone. */
    String field(int row, ReadLine.Typed line, String name) {
        return switch (name) {
            case "place" -> at(at, row).isBlank() ? goesTo() : at(at, row);
            case "supply" -> line.supply();
            case "pieces" -> line.pieces();
            case "until" -> line.until();
            case "lot" -> line.lot();
            default -> "";
        };
    }

    private static String at(@Nullable List<String> values, int row) {
        return RepeatedFields.at(RepeatedFields.sent(values), row);
    }
}
