package hodeon.app.journal;

import hodeon.app.shell.Csv;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.notice.Faults;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads a use log as RFC 4180 text with the columns date, problem, times, note; see docs/formats/log-csv.md. */
final class LogCsv {

    private static final int MOST_LINES = 2_000;
    private static final int MOST_TIMES = 1_000;
    private static final int LONGEST_NOTE = 200;

    private LogCsv() {}

    /** Every line, or none and everything that is wrong in {@code faults}. */
    static List<UseLog.Line> read(String text, Catalogue catalogue, Trip trip, Faults faults) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("date", "problem", "times", "note")
                .setAllowMissingColumnNames(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        List<UseLog.Line> lines = new ArrayList<>();
        Csv.read(text, format, faults, (row, where) -> {
            if (lines.size() >= MOST_LINES) {
                faults.add("text", "more lines", "a log has at most " + MOST_LINES + " lines", "Split it");
                return false;
            }
            boolean head = row.getRecordNumber() == 1 && "date".equalsIgnoreCase(cell(row, "date"));
            if (!head) {
                line(row, catalogue, trip, faults).ifPresent(lines::add);
            }
            return true;
        });
        return faults.none() ? lines : List.of();
    }

    static Optional<UseLog.Line> line(
            String date,
            String problem,
            String times,
            String note,
            String where,
            Catalogue catalogue,
            Trip trip,
            Faults faults) {
        int before = faults.all().size();
        LocalDate on = date(date, trip, where, faults);
        String id = problem(problem, catalogue, where, faults);
        int number = times.isBlank() ? 1 : times(times, where, faults);
        if (note.length() > LONGEST_NOTE) {
            faults.add(
                    where + "note", note, where + "the note has at most " + LONGEST_NOTE + " characters", "Shorten it");
        }
        return faults.all().size() == before ? Optional.of(new UseLog.Line(on, id, number, note)) : Optional.empty();
    }

    private static Optional<UseLog.Line> line(CSVRecord row, Catalogue catalogue, Trip trip, Faults faults) {
        String where = "line " + row.getRecordNumber() + ": ";
        return line(
                cell(row, "date"),
                cell(row, "problem"),
                cell(row, "times"),
                cell(row, "note"),
                where,
                catalogue,
                trip,
                faults);
    }

    private static String cell(CSVRecord row, String column) {
        return row.isSet(column) ? row.get(column) : "";
    }

    private static LocalDate date(String text, Trip trip, String where, Faults faults) {
        try {
            LocalDate date = LocalDate.parse(text.strip());
            if (!date.isBefore(trip.start()) && !date.isAfter(trip.end())) {
                return date;
            }
        } catch (DateTimeException e) {
            // Told below, together with dates outside the trip.
        }
        faults.add(
                where + "date",
                text,
                where + "the date is a day of the outing, " + trip.start() + " to " + trip.end(),
                "Write it like " + trip.start());
        return trip.start();
    }

    private static String problem(String text, Catalogue catalogue, String where, Faults faults) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        return catalogue.problems().stream()
                .filter(p -> p.id().equals(wanted)
                        || p.name().toLowerCase(Locale.ROOT).equals(wanted))
                .map(Problem::id)
                .findFirst()
                .orElseGet(() -> {
                    faults.add(
                            where + "problem",
                            text,
                            where + "the problem is the name or id of one that the odds list",
                            "Choose from the list on this page");
                    return "";
                });
    }

    private static int times(String text, String where, Faults faults) {
        try {
            int times = Integer.parseInt(text.strip());
            if (times >= 1 && times <= MOST_TIMES) {
                return times;
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        faults.add(
                where + "times",
                text,
                where + "the number of times is a whole number from 1 to " + MOST_TIMES,
                "Correct it");
        return 1;
    }
}
