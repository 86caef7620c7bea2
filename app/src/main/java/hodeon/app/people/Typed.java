package hodeon.app.people;

import java.util.List;
import java.util.stream.IntStream;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/** What stands in a form's fields, as typed; nothing is refused while it is taken in. */
public record Typed(MultiValueMap<String, String> values) {

    public static Typed nothing() {
        return new Typed(new LinkedMultiValueMap<>());
    }

    public String one(String field) {
        String value = values.getFirst(field);
        return value == null ? "" : value.strip();
    }

    public boolean has(String field, String value) {
        return values.getOrDefault(field, List.of()).contains(value);
    }

    public List<String> all(String field) {
        return values.getOrDefault(field, List.of());
    }

    /** Numbers of the rows of a group that have anything in their first field, such as {@code regular[2].product}. */
    public List<Integer> rows(String group, String first, int most) {
        return IntStream.range(0, most)
                .filter(i -> !one(group + "[" + i + "]." + first).isEmpty())
                .boxed()
                .toList();
    }

    /** The rows that are filled, and one more to fill. */
    public List<Integer> rowsAndOneMore(String group, String first, int most) {
        List<Integer> filled = rows(group, first, most);
        int next = filled.isEmpty() ? 0 : filled.getLast() + 1;
        return next >= most
                ? filled
                : IntStream.concat(filled.stream().mapToInt(Integer::intValue), IntStream.of(next))
                        .boxed()
                        .toList();
    }

    void put(String field, Object value) {
        values.add(field, value.toString());
    }
}
