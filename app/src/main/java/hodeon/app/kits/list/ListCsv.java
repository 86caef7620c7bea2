package hodeon.app.kits.list;

import hodeon.app.shell.Cells;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A contents list as CSV (RFC 4180); the columns are described in docs/formats/contents-csv.md. */
final class ListCsv {

    private ListCsv() {}

    static String write(StoredList list) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(
                    "group", "supply", "pieces", "unit", "grams_each", "grams", "least", "module", "why", "supply_id");
            for (StoredList.Line line : list.lines()) {
                csv.printRecord(
                        line.supply().group().label(),
                        Cells.write(line.supply().name()),
                        line.pieces(),
                        Cells.write(line.supply().piece()),
                        line.supply().mass().exactGrams().toPlainString(),
                        line.mass().exactGrams().toPlainString(),
                        line.line().least(),
                        Cells.write(line.line().module()),
                        Cells.write(line.line().why()),
                        line.supply().id());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
