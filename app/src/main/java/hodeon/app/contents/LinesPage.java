package hodeon.app.contents;

import hodeon.app.catalogue.ReadLine;
import hodeon.app.catalogue.Understanding;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;

/**
 * Lines as they were read, each with what it may be chosen to be.
 *
 * @param supplies all there are, by name, to search
 */
record LinesPage(String text, List<ReadLine> lines, List<Fault> faults, List<Supply> supplies) {

    static final LinesPage EMPTY = new LinesPage("", List.of(), List.of(), List.of());

    static LinesPage read(String text, UUID household, Understanding understanding, Catalogue catalogue) {
        Faults faults = new Faults();
        long given = Understanding.lines(text).count();
        if (given > Understanding.MOST_LINES) {
            faults.add(
                    "text",
                    Wording.says("linesPage.lines", given),
                    Wording.says("linesPage.contentsHaveAtMostLines", Understanding.MOST_LINES),
                    Wording.says("linesPage.splitThem"));
        } else if (given == 0) {
            faults.add(
                    "text",
                    "",
                    Wording.says("linesPage.aListHasAtLeastOneLine"),
                    Wording.says("linesPage.pasteItDropAFileOrType"));
        }
        return of(text, faults.none() ? understanding.read(household, text) : List.of(), faults.all(), catalogue);
    }

    /** What somebody chose, shown again with what is wrong. */
    static LinesPage again(
            ConfirmedLines confirmed,
            List<Fault> faults,
            UUID household,
            Understanding understanding,
            Catalogue catalogue) {
        List<ReadLine> lines = understanding.again(
                household,
                confirmed.rows(catalogue).stream()
                        .map(r -> new ReadLine.Typed(r.text(), r.supply(), r.pieces(), "", ""))
                        .toList());
        return of("", lines, faults, catalogue);
    }

    private static LinesPage of(String text, List<ReadLine> lines, List<Fault> faults, Catalogue catalogue) {
        return new LinesPage(
                text,
                lines,
                faults,
                catalogue.supplies().stream()
                        .sorted(Comparator.comparing(Supply::name))
                        .toList());
    }
}
