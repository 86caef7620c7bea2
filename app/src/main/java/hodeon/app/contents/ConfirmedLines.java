package hodeon.app.contents;

import hodeon.app.shell.RepeatedFields;
import hodeon.core.catalogue.Catalogue;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Lines of a list with the supply that each is, as the page sends them, row by row. */
record ConfirmedLines(
        @Nullable List<String> line,
        @Nullable List<String> supply,
        @Nullable List<String> pieces) {

    /** In place of a supply, where a line is not wanted. */
    private static final String DROP = "drop";

    /** One line as it was looked over. */
    record Row(String text, String supply, String pieces) {

        /** Whether its pieces are a number of pieces. */
        boolean counted() {
            return pieces.matches("\\d{1,6}");
        }
    }

    List<Row> rows() {
        List<String> texts = RepeatedFields.sent(line);
        return IntStream.range(0, texts.size())
                .mapToObj(i -> new Row(
                        texts.get(i),
                        RepeatedFields.at(RepeatedFields.sent(supply), i),
                        RepeatedFields.at(RepeatedFields.sent(pieces), i).strip()))
                .toList();
    }

    /**
     * Pieces by supply id of every line that is something the catalogue has; lines that are dropped are in neither.
     *
     * @param unknown gets what is no supply, or whose number is none
     */
    Map<String, Integer> counted(Catalogue catalogue, List<String> unknown) {
        Map<String, Integer> counted = new LinkedHashMap<>();
        rows().forEach(row -> one(row, catalogue, unknown)
                .ifPresent(line -> counted.merge(line.getKey(), line.getValue(), Integer::sum)));
        return counted;
    }

    /** A supply's id and its pieces; empty for what is dropped, and for what goes to {@code unknown}. */
    static Optional<Map.Entry<String, Integer>> one(Row row, Catalogue catalogue, List<String> unknown) {
        if (row.supply().equals(DROP)) {
            return Optional.empty();
        }
        if (row.counted() && catalogue.supply(row.supply()).isPresent()) {
            return Optional.of(
                    Map.entry(row.supply(), Math.min(Integer.parseInt(row.pieces()), ContentsText.MOST_PIECES)));
        }
        unknown.add(row.text() + (row.counted() ? "" : " (“" + row.pieces() + "” is no number of pieces)"));
        return Optional.empty();
    }
}
