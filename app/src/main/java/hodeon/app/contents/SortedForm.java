package hodeon.app.contents;

import hodeon.app.shell.RepeatedFields;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The sorted contents as the page sends them back: numbers of a supply row by row, and the lines kept aside. */
record SortedForm(
        @Nullable List<String> supply,
        @Nullable List<String> have,
        @Nullable List<String> take,
        @Nullable List<String> second,
        @Nullable List<String> best,
        @Nullable List<String> unknown) {

    /** What stands in the fields of one supply. */
    record Row(String supply, String have, String take, String second, String best) {}

    List<Row> rows() {
        List<String> supplies = RepeatedFields.sent(supply);
        return IntStream.range(0, supplies.size())
                .mapToObj(i -> new Row(
                        supplies.get(i),
                        RepeatedFields.at(RepeatedFields.sent(have), i),
                        RepeatedFields.at(RepeatedFields.sent(take), i),
                        RepeatedFields.at(RepeatedFields.sent(second), i),
                        RepeatedFields.at(RepeatedFields.sent(best), i)))
                .toList();
    }

    List<String> aside() {
        return RepeatedFields.sent(unknown);
    }
}
