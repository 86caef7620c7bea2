package hodeon.app.history;

import hodeon.app.history.Rows.Image;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.storage.seal.Seal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What became of a thing, in words: “hours to care: 5 became 8”. */
final class Told {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};
    private static final int LONGEST = 60;

    private final Seal seal;

    Told(Seal seal) {
        this.seal = seal;
    }

    String name(Tracked of, Optional<Image> was, Optional<Image> is) {
        Optional<String> name = is.or(() -> was)
                .map(i -> String.valueOf(i.said(seal).get(of.name())))
                .map(text ->
                        object(text).map(o -> String.valueOf(o.get("name"))).orElse(text));
        return of.kind() == Tracked.Kind.SETTING && of.name().isEmpty()
                ? Wording.known("changed." + of.table()).orElse(of.table())
                : name.orElse(Wording.says("changed.somebody"));
    }

    String verb(Optional<Image> was, Optional<Image> is) {
        if (is.isEmpty()) {
            return Wording.says("changed.gone");
        } else if (was.isEmpty()) {
            return Wording.says("changed.made");
        } else if (was.get().deleted() == is.get().deleted()) {
            return Wording.says("changed.changed");
        }
        return is.get().deleted() ? Wording.says("changed.binned") : Wording.says("changed.back");
    }

    /** One line for each thing that is different; nothing for what was made or is gone. */
    List<String> differences(Optional<Image> was, Optional<Image> is) {
        List<String> lines = new ArrayList<>();
        if (was.isPresent() && is.isPresent()) {
            columns(was.get().said(seal), is.get().said(seal), lines);
            Map<String, List<Map<String, Object>>> before = was.get().saidLines(seal);
            is.get().saidLines(seal).forEach((table, rows) -> {
                List<Map<String, Object>> old = before.getOrDefault(table, List.of());
                long same = rows.stream().filter(old::contains).count();
                if (same != rows.size() || rows.size() != old.size()) {
                    Wording.known(
                                    "changed.lines." + table,
                                    old.size(),
                                    rows.size(),
                                    Math.max(rows.size(), old.size()) - same)
                            .ifPresent(lines::add);
                }
            });
        }
        return lines;
    }

    private void columns(Map<String, Object> was, Map<String, Object> is, List<String> lines) {
        TreeSet<String> columns = new TreeSet<>(was.keySet());
        columns.addAll(is.keySet());
        columns.remove("deleted_at");
        for (String column : columns) {
            Object before = was.get(column);
            Object after = is.get(column);
            if (Objects.equals(before, after)) {
                continue;
            }
            Optional<Map<String, Object>> old = object(before);
            Optional<Map<String, Object>> now = object(after);
            if (old.isPresent() && now.isPresent()) {
                TreeSet<String> fields = new TreeSet<>(old.get().keySet());
                fields.addAll(now.get().keySet());
                fields.removeIf(f -> Objects.equals(old.get().get(f), now.get().get(f)));
                fields.forEach(
                        f -> lines.add(label(f.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT))));
            } else {
                lines.add(says(column, before, after));
            }
        }
    }

    private static String says(String column, @Nullable Object before, @Nullable Object after) {
        String old = value(column, before);
        String now = value(column, after);
        return old.length() > LONGEST || now.length() > LONGEST || old.equals(now)
                ? label(column)
                : Wording.says("changed.became", label(column), old, now);
    }

    /** “hours to care”, from hours_to_care. */
    private static String label(String column) {
        return Wording.known("changed.column." + column)
                .orElseGet(
                        () -> column.replaceAll("_(mg|ul|hundredths|id)$", "").replace('_', ' '));
    }

    private static String value(String column, @Nullable Object value) {
        if (value == null || value.equals("")) {
            return Wording.says("changed.nothing");
        }
        if (value instanceof Boolean yes) {
            return yes ? Wording.says("changed.yes") : Wording.says("changed.no");
        }
        if (value instanceof Number number) {
            return number(column, number);
        }
        String text = String.valueOf(value);
        if (column.equals("language")) {
            return Locale.forLanguageTag(text).getDisplayLanguage(Locale.ENGLISH);
        }
        if (text.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}")) {
            return Wording.says("changed.another");
        }
        return text.matches("[A-Z][A-Z0-9_]+( [A-Z][A-Z0-9_]+)*")
                ? text.toLowerCase(Locale.ROOT)
                        .replace(' ', ',')
                        .replace(",", ", ")
                        .replace('_', ' ')
                : text;
    }

    /** Columns are named after the unit they are kept in. */
    private static String number(String column, Number number) {
        if (column.endsWith("_mg") && number.longValue() == Long.MAX_VALUE) {
            return Wording.says("changed.nothing");
        } else if (column.endsWith("_mg")) {
            return Figures.grams(number.doubleValue() / 1000);
        } else if (column.endsWith("_ul")) {
            return Figures.millilitres(number.doubleValue() / 1000);
        } else if (column.endsWith("_hundredths")) {
            return Figures.money(number.doubleValue() / 100);
        }
        return number instanceof Integer || number instanceof Long
                ? String.valueOf(number)
                : Figures.number(number.doubleValue());
    }

    private static Optional<Map<String, Object>> object(@Nullable Object value) {
        if (!(value instanceof String text) || !text.startsWith("{")) {
            return Optional.empty();
        }
        try {
            return Optional.of(JSON.readValue(text, OBJECT));
        } catch (JacksonException noObject) {
            return Optional.empty();
        }
    }
}
