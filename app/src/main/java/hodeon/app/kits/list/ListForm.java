package hodeon.app.kits.list;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Wording;
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
                        "because",
                        because == null ? "" : because,
                        Wording.says("listForm.whyAListWasChanged"),
                        ListService.LONGEST_WHY);
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
                    Wording.says("listForm.aListHasAtMostLines", MOST_LINES),
                    Wording.says("listForm.makeTwoListsOfIt"));
            return new KitList(List.of());
        }
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            if (row.goes()) {
                continue;
            }
            String of = Wording.says("listForm.ofLine", i + 1);
            Optional<Supply> supply = supply(row.supply().strip(), catalogue);
            String name = supply.map(Supply::name).orElse(row.supply().strip());
            if (supply.isEmpty()) {
                faults.add(
                        Wording.says("listForm.supply", of),
                        name,
                        Wording.says("listForm.aLineIsOfSomethingThatThe"),
                        Wording.says("listForm.chooseOneOfTheNamesThatAre"));
            }
            int target = reader.whole(
                    Wording.says("listForm.target", of),
                    row.target(),
                    1,
                    KitList.MOST_PIECES,
                    Wording.says("listForm.howManyBelongThereOf", name));
            int least = row.least().isBlank()
                    ? 0
                    : reader.whole(
                            Wording.says("listForm.atLeast", of),
                            row.least(),
                            0,
                            target,
                            Wording.says("listForm.theLeastCountOf", name));
            String module = reader.lineOrNothing(
                    Wording.says("listForm.module", of),
                    row.module(),
                    Wording.says("listForm.aModulesName"),
                    LONGEST_MODULE);
            String why = reader.lineOrNothing(
                    Wording.says("listForm.why", of),
                    row.why(),
                    Wording.says("listForm.whyItBelongsThere"),
                    ListService.LONGEST_WHY);
            if (supply.isEmpty()) {
                continue;
            }
            if (!seen.add(supply.get().id() + "\n" + module)) {
                faults.add(
                        Wording.says("listForm.supply", of),
                        name,
                        Wording.says("listForm.aSupplyStandsOnceForEachModule"),
                        Wording.says("listForm.putTheTwoLinesTogetherOrName"));
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
