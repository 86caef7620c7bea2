package hodeon.app.table;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.notice.Faults;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TableFileTest {

    private final Faults faults = new Faults();

    static byte[] spreadsheet(Consumer<Worksheet> filled) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(out, "hodeon-test", "1.0")) {
            book.newWorksheet("Empty");
            filled.accept(book.newWorksheet("Kit"));
        }
        return out.toByteArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {",", ";", "\t", "|"})
    void textIsCutByWhateverStandsBetween(String between) {
        String text = "Item_Qty_Note\r\n\"gauze_ small\"_4_\r\ntape_1_of cloth\r\n".replace("_", between);
        assertThat(TableFile.read(text.getBytes(StandardCharsets.UTF_8), "kit.csv", faults))
                .containsExactly(
                        List.of("Item", "Qty", "Note"),
                        List.of("gauze" + between.strip() + " small", "4", ""),
                        List.of("tape", "1", "of cloth"));
        assertThat(faults.all()).isEmpty();
    }

    @Test
    void aSpreadsheetIsReadAsItIsShown() throws IOException {
        byte[] book = spreadsheet(sheet -> {
            sheet.value(0, 0, "Item");
            sheet.value(0, 1, "Qty");
            sheet.value(0, 2, "Expiry");
            sheet.value(2, 0, "Gauze");
            sheet.value(2, 1, 12);
            sheet.value(2, 2, LocalDate.of(2028, 3, 31));
            sheet.style(2, 2).format("dd/mm/yyyy").set();
            sheet.value(3, 0, "Tape");
            sheet.value(3, 1, 1.5);
            sheet.value(3, 2, LocalDate.of(2027, 6, 1));
            sheet.style(3, 2).format("mmm-yy").set();
        });
        assertThat(TableFile.read(book, "kit.xlsx", faults))
                .containsExactly(
                        List.of("Item", "Qty", "Expiry"),
                        List.of("Gauze", "12", "2028-03-31"),
                        List.of("Tape", "1.5", "2027-06"));
        assertThat(faults.all()).isEmpty();
    }

    @Test
    void whatIsNoTableIsRefusedWithWhatToDo() throws IOException {
        refused(new byte[] {(byte) 0xd0, (byte) 0xcf, 0x11, (byte) 0xe0}, "Save it as XLSX");
        refused(new byte[] {'P', 'K', 3, 4, 0}, "Save it anew as XLSX");
        refused(new byte[] {(byte) 0xc3, 0x28, 1}, "UTF-8");
        refused(new byte[0], "Choose another file");
        refused("a,b\n".repeat(2_001).getBytes(StandardCharsets.UTF_8), "at most 2,000 rows");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("xl/sharedStrings.xml"));
            byte[] nothing = new byte[1 << 20];
            for (int i = 0; i < 50; i++) {
                zip.write(nothing);
            }
        }
        refused(out.toByteArray(), "at most 40 MB when unpacked");
        ByteArrayOutputStream other = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(other)) {
            zip.putNextEntry(new ZipEntry("photo.txt"));
            zip.write('x');
        }
        refused(other.toByteArray(), "Save it anew as XLSX");
        byte[] broken = spreadsheet(sheet -> sheet.value(0, 0, "Item"));
        for (int cut = 60; cut < broken.length; cut += 97) {
            Faults told = new Faults();
            TableFile.read(Arrays.copyOf(broken, cut), "kit.xlsx", told);
            assertThat(told.all()).as("cut at %s", cut).isNotEmpty();
        }
    }

    private static void refused(byte[] bytes, String told) {
        Faults faults = new Faults();
        assertThat(TableFile.read(bytes, "kit", faults)).isEmpty();
        assertThat(faults.all()).singleElement().satisfies(f -> assertThat(f.sentence())
                .contains(told));
    }
}
