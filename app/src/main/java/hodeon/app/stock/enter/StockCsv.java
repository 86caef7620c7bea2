package hodeon.app.stock.enter;

import hodeon.app.shell.Cells;
import hodeon.app.shell.Csv;
import hodeon.app.shell.Texts;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.LotRow;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.notice.Faults;
import hodeon.core.stock.Held;
import hodeon.core.stock.PrintedExpiry;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** What is owned as RFC 4180 text, one lot at a place a line; see docs/formats/stock-csv.md. */
final class StockCsv {

    static final int MOST_LINES = 200_000;
    private static final int MOST_FAULTS = 20;

    private StockCsv() {}

    /** Every line, or none and what is wrong in {@code faults}: at most the first 20. Files are metric, whatever the house reads. */
    static List<Arrival> read(String text, ArrivalReader reader, Faults faults) {
        return HouseStyle.METRIC.in(() -> metric(text, reader, faults));
    }

    private static List<Arrival> metric(String text, ArrivalReader reader, Faults faults) {
        List<Arrival> arrivals = new ArrayList<>();
        Set<String> serials = new HashSet<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        Csv.read(text, format, faults, (row, where) -> {
            if (row.getRecordNumber() > MOST_LINES) {
                faults.add("text", "more lines", "a file has at most 200,000 lines", "Split it");
            }
            if (faults.all().size() >= MOST_FAULTS) {
                return false;
            }
            reader.read(c -> row.isSet(c) ? Cells.read(row.get(c)) : "", where, faults)
                    .ifPresent(a -> {
                        if (!a.serial().isEmpty() && !serials.add(a.article() + " " + a.serial())) {
                            faults.add(
                                    where + "serial",
                                    a.serial(),
                                    where + "a serial number is of one package only, and this one came before",
                                    "Remove one of the two lines");
                        }
                        arrivals.add(a);
                    });
            return true;
        });
        return faults.none() ? arrivals : List.of();
    }

    /** Whether the first line names the columns of our own file, so that nothing of it has to be asked. */
    static boolean isOurs(byte[] bytes) {
        List<String> columns = Texts.read(bytes, "file", new Faults())
                .flatMap(text -> text.lines().findFirst())
                .map(line -> Arrays.stream(line.split(","))
                        .map(c -> c.strip().toLowerCase(Locale.ROOT))
                        .toList())
                .orElse(List.of());
        return columns.containsAll(List.of("place", "supply", "pieces")) && ArrivalReader.FIELDS.containsAll(columns);
    }

    /** By place and supply, what expires first in front: the same stock always makes the same text. */
    static String write(Stock stock, Map<UUID, LotRow> facts) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(
                text,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(ArrivalReader.FIELDS.toArray(String[]::new))
                        .get())) {
            List<Held> sorted = stock.held().stream()
                    .sorted(Comparator.comparing((Held h) -> stock.address(h.place()))
                            .thenComparing(h -> h.lot().supply())
                            .thenComparing(Held::lastDay)
                            .thenComparing(h -> h.lot().received())
                            .thenComparing(h -> h.lot().code())
                            .thenComparing(Held::pieces))
                    .toList();
            for (Held h : sorted) {
                LotRow row = Objects.requireNonNull(facts.get(h.lot().id()));
                printer.printRecord(
                        Cells.write(stock.address(h.place())),
                        h.lot().supply(),
                        h.pieces(),
                        stock.piece(h.lot().supply()),
                        Cells.write(row.product),
                        row.article,
                        Cells.write(row.lotCode),
                        Cells.write(row.serial),
                        h.lot().printed().map(PrintedExpiry::toString).orElse(""),
                        h.lot().opened().map(LocalDate::toString).orElse(""),
                        h.lot().decanted().map(LocalDate::toString).orElse(""),
                        h.lot().received(),
                        h.lot().price().map(m -> m.exact().toPlainString()).orElse(""),
                        row.mostCelsius == null ? "" : row.mostCelsius,
                        Cells.write(row.condition));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
