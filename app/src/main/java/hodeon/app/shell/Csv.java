package hodeon.app.shell;

import hodeon.core.notice.Faults;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads comma-separated text (RFC 4180) row by row; text that is none becomes a fault. */
public final class Csv {

    private Csv() {}

    /** Takes one row and answers whether to go on. */
    public interface Rows {

        /** @param where goes before each field's name in a fault, such as “line 3: ” */
        boolean take(CSVRecord row, String where);
    }

    public static void read(String text, CSVFormat format, Faults faults, Rows rows) {
        try (CSVParser parser = format.parse(new StringReader(text))) {
            for (CSVRecord row : parser) {
                if (!rows.take(row, "line " + parser.getCurrentLineNumber() + ": ")) {
                    return;
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            faults.add(
                    "text",
                    String.valueOf(e.getMessage()),
                    "the file is comma-separated text with one name for each column and quotes in pairs",
                    "Mend the line that is named");
        }
    }
}
