package hodeon.app.dose;

import hodeon.app.shell.Csv;
import hodeon.app.shell.Wording;
import hodeon.core.medication.formulary.Product;
import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Reads several doses of one person as RFC 4180 text with the columns at, product, units, why; see docs/formats/doses-csv.md. */
final class DoseLines {

    static final int MOST_LINES = 200;
    private static final int LONGEST_REASON = 300;
    private static final BigDecimal MOST_UNITS = BigDecimal.valueOf(1000);

    private final List<Product> products;
    private final ZoneId zone;
    private final Faults faults;

    /** @param zone where the clock on the wall was that the times were read from */
    DoseLines(List<Product> products, ZoneId zone, Faults faults) {
        this.products = products;
        this.zone = zone;
        this.faults = faults;
    }

    /** A dose, and why it was given although something may speak against it. */
    record Line(String product, BigDecimal units, ZonedDateTime at, String why) {}

    /** The earliest first; empty, with everything that is wrong in the faults, unless every line can be read. */
    List<Line> read(String text) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("at", "product", "units", "why")
                .setAllowMissingColumnNames(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        List<Line> lines = new ArrayList<>();
        Csv.read(text, format, faults, (row, where) -> {
            if (lines.size() >= MOST_LINES) {
                faults.add(
                        "text",
                        Wording.says("doseLines.moreLines"),
                        Wording.says("doseLines.atMostDosesAreReadAtOnce", MOST_LINES),
                        Wording.says("doseLines.splitIt"));
                return false;
            }
            boolean head = row.getRecordNumber() == 1 && "at".equalsIgnoreCase(cell(row, "at"));
            if (!head) {
                line(row, where).ifPresent(lines::add);
            }
            return true;
        });
        if (faults.none() && lines.isEmpty()) {
            faults.add(
                    "text",
                    "",
                    Wording.says("doseLines.aLineSaysWhenWhatAndHow"),
                    Wording.says("doseLines.writeOneOrNoteASingleDose"));
        }
        lines.sort(Comparator.comparing(Line::at));
        return faults.none() ? lines : List.of();
    }

    private Optional<Line> line(CSVRecord row, String where) {
        Optional<ZonedDateTime> at = at(cell(row, "at"), where);
        Optional<Product> product = product(cell(row, "product"), where);
        Optional<BigDecimal> units = units(cell(row, "units"), where);
        String why = cell(row, "why");
        if (why.length() > LONGEST_REASON) {
            faults.add(
                    where + "why",
                    why,
                    Wording.says("doseLines.aReasonHasAtMostCharacters", where, LONGEST_REASON),
                    Wording.says("doseLines.shortenIt"));
        }
        return at.flatMap(t -> product.flatMap(p -> units.map(u -> new Line(p.id(), u, t, why))));
    }

    private Optional<ZonedDateTime> at(String typed, String where) {
        try {
            LocalDateTime at = LocalDateTime.parse(typed.replace(' ', 'T'), DateTimeFormatter.ISO_LOCAL_DATE_TIME);
            return Optional.of(ZonedDateTime.of(at, zone).withLaterOffsetAtOverlap());
        } catch (DateTimeException e) {
            faults.add(
                    where + "at",
                    typed,
                    Wording.says("doseLines.theTimeIsADayAndA", where),
                    Wording.says("doseLines.writeItLike2026112714"));
            return Optional.empty();
        }
    }

    /** By id or whole name, or by the part of a name that only one product has. */
    private Optional<Product> product(String typed, String where) {
        String wanted = typed.toLowerCase(Locale.ROOT);
        Optional<Product> exact = products.stream()
                .filter(p -> p.id().equals(wanted)
                        || p.name().toLowerCase(Locale.ROOT).equals(wanted))
                .findFirst();
        List<Product> like = wanted.isEmpty() || exact.isPresent()
                ? List.of()
                : products.stream()
                        .filter(p -> p.name().toLowerCase(Locale.ROOT).contains(wanted))
                        .toList();
        if (exact.isEmpty() && like.size() != 1) {
            faults.add(
                    where + "product",
                    typed,
                    Wording.says(
                            "doseLines.whatWasGivenIsOneProductOf",
                            where,
                            (like.size() > 1 ? Wording.says("doseLines.andThisCouldBe", like.size()) : "")),
                    like.size() > 1
                            ? Wording.says("doseLines.writeMoreOfItsNameWithThe")
                            : Wording.says("doseLines.writeItsNameAsUnderMedicines"));
        }
        return exact.or(() -> like.size() == 1 ? Optional.of(like.getFirst()) : Optional.empty());
    }

    private Optional<BigDecimal> units(String typed, String where) {
        String text = typed.replace(',', '.');
        if (!text.matches("\\d{1,4}(\\.\\d{1,3})?")
                || new BigDecimal(text).signum() == 0
                || new BigDecimal(text).compareTo(MOST_UNITS) > 0) {
            faults.add(
                    where + "units",
                    typed,
                    Wording.says("doseLines.howMuchIsANumberAbove0", where, MOST_UNITS),
                    Wording.says("doseLines.writeTabletsMlOrPuffsInDigits"));
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(text));
    }

    private static String cell(CSVRecord row, String column) {
        return row.isSet(column) ? row.get(column) : "";
    }
}
