package hodeon.app.table;

import hodeon.app.shell.Cells;
import hodeon.app.shell.Csv;
import hodeon.app.shell.Texts;
import hodeon.core.notice.Faults;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.csv.CSVFormat;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;

/** Reads a table from a file: text with commas, semicolons, tabs or bars between, or a spreadsheet of Office Open XML (ISO/IEC 29500). */
final class TableFile {

    static final int MOST_ROWS = 2_000;
    private static final int MOST_COLUMNS = 40;
    private static final int LONGEST_CELL = 400;

    /** A spreadsheet is packed; what it may become is bounded before it is read. */
    private static final long MOST_UNPACKED = 40L << 20;

    private static final List<Character> BETWEEN = List.of(',', ';', '\t', '|');
    private static final int LOOKED_AT = 30;

    /** Colours, conditions and words within the format of a number. */
    private static final Pattern NO_FIGURES = Pattern.compile("\\[[^]]*]|\"[^\"]*\"");

    private static final ReadingOptions WITH_FORMATS = new ReadingOptions(true, true);

    private TableFile() {}

    /** Its rows without the empty ones; none and what is wrong in {@code faults} if it cannot be read or is too large. */
    static List<List<String>> read(byte[] bytes, String name, Faults faults) {
        List<List<String>> rows;
        if (starts(bytes, 'P', 'K')) {
            rows = spreadsheet(bytes, name, faults);
        } else if (starts(bytes, 0xd0, 0xcf)) {
            faults.add("file", name, "a spreadsheet is an XLSX file", "Save it as XLSX, or as CSV in UTF-8");
            return List.of();
        } else {
            rows = Texts.read(bytes, "file", faults)
                    .map(text -> text(text, faults))
                    .orElse(List.of());
        }
        if (rows.size() > MOST_ROWS) {
            faults.add("file", rows.size() + " rows", "a table has at most 2,000 rows", "Split it");
        } else if (rows.isEmpty() && faults.none()) {
            faults.add("file", name, "a table has at least one row", "Choose another file");
        }
        return faults.none() ? rows : List.of();
    }

    private static boolean starts(byte[] bytes, int first, int second) {
        return bytes.length > 1 && bytes[0] == (byte) first && bytes[1] == (byte) second;
    }

    /** What stands between the cells is what cuts most of the first rows into the same number of them, and more than one. */
    static List<List<String>> text(String text, Faults faults) {
        String some = text.lines().limit(LOOKED_AT).reduce("", (a, b) -> a + b + "\n");
        char between = BETWEEN.stream()
                .max(Comparator.comparingLong(b -> alike(some, b)))
                .filter(b -> alike(some, b) > 0)
                .orElse(',');
        return rows(text, between, faults);
    }

    private static long alike(String text, char between) {
        List<Integer> widths = rows(text, between, new Faults()).stream()
                .map(List::size)
                .filter(w -> w > 1)
                .toList();
        return widths.stream()
                .mapToLong(w -> w * widths.stream().filter(w::equals).count())
                .max()
                .orElse(0);
    }

    private static List<List<String>> rows(String text, char between, Faults faults) {
        List<List<String>> rows = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(between)
                .setIgnoreEmptyLines(true)
                .get();
        Csv.read(text, format, faults, (row, where) -> {
            add(row.stream().map(Cells::read), rows);
            return rows.size() <= MOST_ROWS;
        });
        return rows;
    }

    /** The first sheet with something on it; others are left. */
    private static List<List<String>> spreadsheet(byte[] bytes, String name, Faults faults) {
        try {
            if (unpacked(bytes) > MOST_UNPACKED) {
                faults.add("file", name, "a spreadsheet is at most 40 MB when unpacked", "Save the one sheet as CSV");
                return List.of();
            }
            try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(bytes), WITH_FORMATS)) {
                for (Sheet sheet : book.getSheets().toList()) {
                    List<List<String>> rows = rows(sheet);
                    if (!rows.isEmpty()) {
                        return rows;
                    }
                }
            }
        } catch (IOException | ExcelReaderException | IllegalArgumentException | IllegalStateException e) {
            faults.add(
                    "file",
                    name,
                    "a spreadsheet is an XLSX file that opens",
                    "Save it anew as XLSX, or as CSV in UTF-8");
        }
        return List.of();
    }

    private static long unpacked(byte[] bytes) throws IOException {
        long length = 0;
        try (ZipFile zip = ZipFile.builder().setByteArray(bytes).get()) {
            for (ZipArchiveEntry entry : Collections.list(zip.getEntries())) {
                try (InputStream in = zip.getInputStream(entry)) {
                    length += length(in, MOST_UNPACKED - length);
                }
            }
        }
        return length;
    }

    private static long length(InputStream in, long most) throws IOException {
        byte[] part = new byte[8192];
        long length = 0;
        for (int read = in.read(part); read >= 0 && length <= most; read = in.read(part)) {
            length += read;
        }
        return length;
    }

    private static List<List<String>> rows(Sheet sheet) throws IOException {
        List<List<String>> rows = new ArrayList<>();
        try (Stream<Row> all = sheet.openStream()) {
            all.limit(MOST_ROWS + 1L).forEach(row -> add(row.stream().map(c -> c == null ? "" : text(c)), rows));
        }
        return rows;
    }

    private static void add(Stream<String> cells, List<List<String>> rows) {
        List<String> row = cells.limit(MOST_COLUMNS)
                .map(c -> c.replaceAll("\\s+", " ").strip())
                .map(c -> c.length() <= LONGEST_CELL ? c : c.substring(0, LONGEST_CELL))
                .toList();
        if (row.stream().anyMatch(c -> !c.isEmpty())) {
            rows.add(row);
        }
    }

    /** As the spreadsheet shows it: a number that is formatted as a date is a day. */
    private static String text(Cell cell) {
        boolean number = cell.getType() == CellType.NUMBER
                || (cell.getType() == CellType.FORMULA && cell.getValue() instanceof BigDecimal);
        if (!number) {
            return Optional.ofNullable(cell.getText()).orElse("");
        }
        BigDecimal value = new BigDecimal(cell.getRawValue());
        String format = NO_FIGURES
                .matcher(Optional.ofNullable(cell.getDataFormatString()).orElse(""))
                .replaceAll("")
                .toLowerCase(Locale.ROOT);
        if (!format.contains("y") && !(format.contains("m") && format.contains("d"))) {
            return value.stripTrailingZeros().toPlainString();
        }
        LocalDate day = cell.asDate().toLocalDate();
        return format.contains("d") ? day.toString() : YearMonth.from(day).toString();
    }
}
