package hodeon.app.contents;

import hodeon.app.catalogue.Understanding;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Catalogue;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Lines of a list with the supply that each is, as the page sends them, row by row. */
record ConfirmedLines(
        @Nullable List<String> line,
        @Nullable List<String> supply,
        @Nullable List<String> other,
        @Nullable List<String> pieces) {

    static final int MOST_PIECES = 10_000;

    /** In place of a supply, where a line is not wanted. */
    private static final String DROP = "drop";

    /** One line as it was looked over. */
    record Row(String text, String supply, String pieces) {

        /** Whether its pieces are a number of pieces. */
        boolean counted() {
            return pieces.matches("\\d{1,6}");
        }
    }

    /** What was searched for by its name stands before what was chosen. */
    List<Row> rows(Catalogue catalogue) {
        List<String> texts = RepeatedFields.sent(line);
        Map<String, String> ids = new HashMap<>();
        catalogue.supplies().forEach(s -> ids.put(s.name().toLowerCase(Locale.ROOT), s.id()));
        return IntStream.range(0, texts.size())
                .mapToObj(i -> {
                    String searched =
                            RepeatedFields.at(RepeatedFields.sent(other), i).strip();
                    return new Row(
                            texts.get(i),
                            searched.isEmpty()
                                    ? RepeatedFields.at(RepeatedFields.sent(supply), i)
                                    : ids.getOrDefault(searched.toLowerCase(Locale.ROOT), ""),
                            RepeatedFields.at(RepeatedFields.sent(pieces), i).strip());
                })
                .toList();
    }

    /** What lines were said to be is understood in the next list. */
    void learn(UUID household, Catalogue catalogue, Understanding understanding) {
        Map<String, String> meant = new HashMap<>();
        rows(catalogue).forEach(r -> meant.put(r.text(), r.supply()));
        understanding.learn(household, meant);
    }

    /**
     * Pieces by supply id of every line that is something the catalogue has; lines that are dropped are in neither.
     *
     * @param unknown gets what is no supply, or whose number is none
     */
    Map<String, Integer> counted(Catalogue catalogue, List<String> unknown) {
        Map<String, Integer> counted = new LinkedHashMap<>();
        rows(catalogue).forEach(row -> one(row, catalogue, unknown)
                .ifPresent(line -> counted.merge(line.getKey(), line.getValue(), Integer::sum)));
        return counted;
    }

    /** A supply's id and its pieces; empty for what is dropped, and for what goes to {@code unknown}. */
    static Optional<Map.Entry<String, Integer>> one(Row row, Catalogue catalogue, List<String> unknown) {
        if (row.supply().equals(DROP)) {
            return Optional.empty();
        }
        if (row.counted() && catalogue.supply(row.supply()).isPresent()) {
            return Optional.of(Map.entry(row.supply(), Math.min(Integer.parseInt(row.pieces()), MOST_PIECES)));
        }
        unknown.add(row.text()
                + (row.counted() ? "" : " " + Wording.says("confirmedLines.isNoNumberOfPieces", row.pieces())));
        return Optional.empty();
    }
}
