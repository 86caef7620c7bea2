package hodeon.app.contents;

import hodeon.app.shell.RepeatedFields;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** Lines of a list with the supply that each is, as the page sends them, row by row. */
record ConfirmedLines(
        @Nullable List<String> line,
        @Nullable List<String> supply,
        @Nullable List<String> pieces) {

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
}
