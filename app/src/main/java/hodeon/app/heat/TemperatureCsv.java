package hodeon.app.heat;

import hodeon.app.shell.Csv;
import hodeon.core.notice.Faults;
import hodeon.core.stock.Heat;
import hodeon.core.stock.Heat.Reading;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;

/** Reads a temperature log: RFC 4180 with the columns time and celsius; see docs/formats/temperature-csv.md. */
final class TemperatureCsv {

    static final int MOST_LINES = 200_000;
    private static final int MOST_FAULTS = 20;

    private TemperatureCsv() {}

    /** Every reading in order of time, or none and what is wrong in {@code faults}: at most the first 20. */
    static List<Reading> read(String text, Faults faults) {
        List<Reading> readings = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("time", "celsius")
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        Csv.read(text, format, faults, (row, where) -> {
            if (readings.size() >= MOST_LINES) {
                faults.add("file", "more lines", "a log has at most 200,000 readings", "Split it");
            }
            if (faults.all().size() >= MOST_FAULTS || readings.size() >= MOST_LINES) {
                return false;
            }
            if (row.size() < 2) {
                faults.add(
                        where + "reading",
                        String.join(",", row.values()),
                        where + "a reading has a time and a temperature",
                        "Complete it");
            } else {
                reading(row.get(0), row.get(1), where, readings, faults);
            }
            return true;
        });
        if (faults.none() && readings.isEmpty()) {
            faults.add(
                    "file",
                    "no readings",
                    "a log has at least one reading below its first line",
                    "Choose another file");
        }
        return faults.none() ? readings : List.of();
    }

    private static void reading(String time, String celsius, String where, List<Reading> readings, Faults faults) {
        try {
            LocalDateTime at = LocalDateTime.parse(time.replace(' ', 'T'));
            if (!readings.isEmpty() && at.isBefore(readings.getLast().at())) {
                faults.add(where + "time", time, where + "readings come in order of time", "Sort them");
                return;
            }
            readings.add(new Reading(at, Double.parseDouble(celsius)));
        } catch (DateTimeException e) {
            faults.add(
                    where + "time",
                    time,
                    where + "the time is a day and a time that exist",
                    "Write it like 2027-06-12T10:30");
        } catch (IllegalArgumentException e) {
            faults.add(
                    where + "celsius",
                    celsius,
                    where + "the temperature is a number from " + (int) Heat.COLDEST + " to " + (int) Heat.WARMEST
                            + " °C",
                    "Correct it, with a point for the decimals");
        }
    }
}
