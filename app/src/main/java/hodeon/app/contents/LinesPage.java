package hodeon.app.contents;

import hodeon.app.contents.ContentsText.Line;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Lines as they were read, each with what it may be chosen to be.
 *
 * @param units what one piece of a supply is, by its id
 */
record LinesPage(String text, List<Line> lines, List<Fault> faults, List<Choice> choices, Map<String, String> units) {

    static final LinesPage EMPTY = new LinesPage("", List.of(), List.of(), List.of(), Map.of());

    /** A supply to choose from. */
    record Choice(String id, String name, String unit) {}

    static LinesPage read(String text, Catalogue catalogue) {
        Faults faults = new Faults();
        List<Line> lines = ContentsText.read(text, catalogue, faults);
        if (lines.isEmpty() && faults.none()) {
            faults.add("text", "", "a list has at least one line", "Paste it, drop a file, or type “12 x plaster”");
        }
        return of(text, faults.none() ? lines : List.of(), faults.all(), catalogue);
    }

    /** What somebody chose, shown again with what is wrong. */
    static LinesPage again(ConfirmedLines confirmed, List<Fault> faults, Catalogue catalogue) {
        List<Line> lines = confirmed.rows().stream()
                .map(r -> new Line(r.text(), r.supply(), r.counted() ? Integer.parseInt(r.pieces()) : 0, true))
                .toList();
        return of("", lines, faults, catalogue);
    }

    private static LinesPage of(String text, List<Line> lines, List<Fault> faults, Catalogue catalogue) {
        List<Choice> choices = catalogue.supplies().stream()
                .sorted(Comparator.comparing(Supply::name))
                .map(s -> new Choice(s.id(), s.name(), s.piece()))
                .toList();
        Map<String, String> units = new HashMap<>();
        catalogue.supplies().forEach(s -> units.put(s.id(), s.piece()));
        return new LinesPage(text, lines, faults, choices, units);
    }
}
