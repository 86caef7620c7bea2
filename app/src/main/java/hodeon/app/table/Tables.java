package hodeon.app.table;

import hodeon.app.catalogue.Understanding;
import hodeon.app.shell.Csv;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.words.Columns;
import hodeon.core.catalogue.words.Columns.Meaning;
import hodeon.core.notice.Faults;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which column of somebody's table is what: as the household said before, else as its headings or contents say. */
@Service
@Transactional
public class Tables {

    /** Where lists are looked over before anything of them is written; a table goes nowhere else. */
    private static final Pattern LOOKED_OVER = Pattern.compile(
            "/stock/enter/lines|/(?:lists/ID/paste|kits/ID/bought|trips/ID/mat/sort)".replace("ID", "[0-9a-f-]{36}"));

    private final TableColumnsRepository known;

    Tables(TableColumnsRepository known) {
        this.known = known;
    }

    /** Whether lines may be sent to that address. */
    static boolean goesTo(String address) {
        return LOOKED_OVER.matcher(address).matches();
    }

    /** A file as a table whose columns are to be looked at. */
    @Transactional(readOnly = true)
    public TablePage read(UUID household, byte[] bytes, String name, String to, String place, Faults faults) {
        List<List<String>> rows = TableFile.read(bytes, name, faults);
        Columns columns = columns(household, rows);
        return TablePage.of(rows, columns, lines(rows, columns), to, place, faults.all());
    }

    private Columns columns(UUID household, List<List<String>> rows) {
        Columns guessed = Columns.of(rows);
        return known.findById(key(household, guessed.head(rows)))
                .map(TableColumns::said)
                .filter(said -> said.size() == guessed.meanings().size())
                .map(said -> new Columns(guessed.first(), said))
                .orElse(guessed);
    }

    /** The same table with its columns as somebody said; remembered where there are headings to know it by. */
    TablePage say(UUID household, String cells, int first, List<Meaning> said, String to, String place) {
        Faults faults = new Faults();
        List<List<String>> rows = rows(cells);
        Columns columns = new Columns(Math.clamp(first, 0, rows.size()), said);
        if (!said.contains(Meaning.WHAT)) {
            faults.add(
                    "columns",
                    "none",
                    Wording.says("tables.oneColumnSaysWhatTheThingIs"),
                    Wording.says("tables.chooseIt"));
        } else if (!columns.head(rows).isEmpty()) {
            known.save(new TableColumns(key(household, columns.head(rows)), said));
        }
        return TablePage.of(rows, columns, lines(rows, columns), to, place, faults.all());
    }

    /** A list that this product wrote is read as it stands, by its ids. */
    private static List<Columns.Line> lines(List<List<String>> rows, Columns columns) {
        return !rows.isEmpty() && Understanding.isOurs(rows.getFirst())
                ? cells(rows).lines().skip(1).map(l -> new Columns.Line(l, "")).toList()
                : columns.lines(rows);
    }

    private static TableColumns.Key key(UUID household, String head) {
        return new TableColumns.Key(
                household, head.length() <= TableColumns.LONGEST ? head : head.substring(0, TableColumns.LONGEST));
    }

    private static List<List<String>> rows(String cells) {
        List<List<String>> rows = new ArrayList<>();
        Csv.read(cells, CSVFormat.RFC4180, new Faults(), (row, where) -> {
            rows.add(row.stream().toList());
            return rows.size() < TableFile.MOST_ROWS;
        });
        return rows;
    }

    static String cells(List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            for (List<String> row : rows) {
                printer.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
