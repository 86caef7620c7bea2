package hodeon.app.kits.list;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.RepeatedFields;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Faults;
import hodeon.core.readiness.KitList;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A list as it is typed, row by row. A row without a name or without a number is a line that goes.
 *
 * @param supply names of supplies, or their ids
 * @param because why the list was changed
 */
record ListForm(
        @Nullable List<String> supply,
        @Nullable List<String> target,
        @Nullable List<String> least,
        @Nullable List<String> module,
        @Nullable List<String> why,
        @Nullable String because) {

    static final int MOST_LINES = 400;
    static final int LONGEST_MODULE = 80;

    /** What stands in the fields of one line. */
    record Row(String supply, String target, String least, String module, String why) {

        static final Row EMPTY = new Row("", "", "", "", "");

        static Row of(StoredList.Line line) {
            return new Row(
                    line.supply().name(),
                    String.valueOf(line.line().target()),
                    line.line().least() == 0 ? "" : String.valueOf(line.line().least()),
                    line.line().module(),
                    line.line().why());
        }

        boolean goes() {
            return supply.isBlank() || target.isBlank() || target.strip().equals("0");
        }
    }

    List<Row> rows() {
        List<String> supplies = RepeatedFields.sent(supply);
        return IntStream.range(0, supplies.size())
                .mapToObj(i -> new Row(
                        supplies.get(i),
                        RepeatedFields.at(RepeatedFields.sent(target), i),
                        RepeatedFields.at(RepeatedFields.sent(least), i),
                        RepeatedFields.at(RepeatedFields.sent(module), i),
                        RepeatedFields.at(RepeatedFields.sent(why), i)))
                .toList();
    }

    String reason(Faults faults) {
        return new FieldReader(faults)
                .lineOrNothing(
                        "because", because == null ? "" : because, "why a list was changed", ListService.LONGEST_WHY);
    }

    /** Everything that cannot be read is told at once, each with its row. */
    KitList read(Catalogue catalogue, Faults faults) {
        FieldReader reader = new FieldReader(faults);
        List<KitList.Line> lines = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        List<Row> rows = rows();
        if (rows.size() > MOST_LINES) {
            faults.add(
                    "lines",
                    String.valueOf(rows.size()),
                    "a list has at most " + MOST_LINES + " lines",
                    "Make two lists of it");
            return new KitList(List.of());
        }
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            if (row.goes()) {
                continue;
            }
            String of = "of line " + (i + 1);
            Optional<Supply> supply = supply(row.supply().strip(), catalogue);
            String name = supply.map(Supply::name).orElse(row.supply().strip());
            if (supply.isEmpty()) {
                faults.add(
                        "supply " + of,
                        name,
                        "a line is of something that the catalogue has",
                        "Choose one of the names that are offered while you type");
            }
            int target = reader.whole(
                    "target " + of, row.target(), 1, KitList.MOST_PIECES, "how many belong there of “" + name + "”");
            int least = row.least().isBlank()
                    ? 0
                    : reader.whole("at least " + of, row.least(), 0, target, "the least count of “" + name + "”");
            String module = reader.lineOrNothing("module " + of, row.module(), "a module's name", LONGEST_MODULE);
            String why = reader.lineOrNothing("why " + of, row.why(), "why it belongs there", ListService.LONGEST_WHY);
            if (supply.isEmpty()) {
                continue;
            }
            if (!seen.add(supply.get().id() + "\n" + module)) {
                faults.add(
                        "supply " + of,
                        name,
                        "a supply stands once for each module",
                        "Put the two lines together, or name another module");
                continue;
            }
            lines.add(new KitList.Line(supply.get().id(), target, Math.min(least, target), module, why));
        }
        return new KitList(lines);
    }

    private static Optional<Supply> supply(String typed, Catalogue catalogue) {
        return catalogue.supplies().stream()
                .filter(s -> s.name().equalsIgnoreCase(typed) || s.id().equals(typed))
                .findFirst();
    }
}
