package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FieldReaderTest {

    private final Faults faults = new Faults();
    private final FieldReader read = new FieldReader(faults);

    private BigDecimal kilograms(String typed) {
        return read.decimal(
                "kilograms", typed, BigDecimal.ONE, BigDecimal.valueOf(300), "The body mass in kg", 1, "kg");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    48 | 48
                    48 kg | 48
                    48kg | 48
                    48,5 KG | 48.5
                    48.50 | 48.50
                    """)
    void aMassMayBringItsUnit(String typed, BigDecimal kilograms) {
        assertThat(kilograms(typed)).isEqualByComparingTo(kilograms);
        assertThat(faults.all()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "kg", "48 g", "forty", "0.5", "301", "48.25", "48 kg kg"})
    void whatIsNoMassIsToldWithFieldValueLimitAndRemedy(String typed) {
        assertThat(kilograms(typed)).isEqualByComparingTo(BigDecimal.ONE);
        assertThat(faults.all()).singleElement().satisfies(fault -> {
            assertThat(fault.field()).isEqualTo("kilograms");
            assertThat(fault.value()).isEqualTo(typed.strip());
            assertThat(fault.limit()).startsWith("The body mass in kg");
            assertThat(fault.remedy()).isNotBlank();
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"2027-06-12", "12 June 2027", " 12 jun 2027 ", "June 12, 2027", "JUN 12, 2027"})
    void aDayMayBeInWords(String typed) {
        assertThat(read.date("start", typed, "The first day")).contains(LocalDate.of(2027, 6, 12));
        assertThat(faults.all()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "31 June 2027", "2027-02-29", "12.06.27", "next Friday", "1999-12-31", "1 May 2101"})
    void whatIsNoDayIsToldAndNotGuessed(String typed) {
        assertThat(read.date("start", typed, "The first day")).isEmpty();
        assertThat(faults.all()).hasSize(1);
    }

    @Test
    void everythingWrongIsToldAtOnce() {
        read.line("name", "x".repeat(9), "A name", 8);
        read.line("note", "one\u0007two", "A note", 20);
        read.whole("hours", "9", 0, 8, "Hours");
        read.whole("days", "two", 1, 60, "Days");
        assertThat(faults.all()).extracting(Fault::field).containsExactly("name", "note", "hours", "days");
    }
}
