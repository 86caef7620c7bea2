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
        return read.kilograms("kilograms", typed, "The body mass", BigDecimal.ONE, BigDecimal.valueOf(300))
                .orElse(BigDecimal.ONE);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    48 | 48
                    48 kg | 48
                    48kg | 48
                    48,5 KG | 48.5
                    48.50 | 48.50
                    7.25 kilos | 7.25
                    106 lb | 48.1
                    106 pounds | 48.1
                    """)
    void aMassMayBringItsUnit(String typed, BigDecimal kilograms) {
        assertThat(kilograms(typed)).isEqualByComparingTo(kilograms);
        assertThat(faults.all()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "kg", "48 g", "forty", "0.5", "301", "48.2525", "48 kg kg", "700 lb", "7 stone"})
    void whatIsNoMassIsToldWithFieldValueLimitAndRemedy(String typed) {
        assertThat(kilograms(typed)).isEqualByComparingTo(BigDecimal.ONE);
        assertThat(faults.all()).singleElement().satisfies(fault -> {
            assertThat(fault.field()).isEqualTo("kilograms");
            assertThat(fault.value()).isEqualTo(typed.strip());
            assertThat(fault.limit()).isEqualTo("The body mass is from 1 to 300 kg");
            assertThat(fault.remedy()).isNotBlank();
        });
    }

    @Test
    void aDayThatIsOverMayBeInWordsAndOneToComeIsToldWithItsLimits() {
        LocalDate today = LocalDate.of(2027, 6, 12);
        LocalDate earliest = today.minusYears(111);
        assertThat(read.past("born", "9 March 2017", "the birth date", earliest, today))
                .contains(LocalDate.of(2017, 3, 9));
        assertThat(read.past("born", "2027-06-12", "the birth date", earliest, today))
                .contains(today);
        assertThat(faults.none()).isTrue();
        assertThat(read.past("born", "13 June 2027", "the birth date", earliest, today))
                .isEmpty();
        assertThat(faults.all())
                .singleElement()
                .extracting(Fault::limit)
                .isEqualTo("the birth date is a day from 1916-06-12 to today, 2027-06-12");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    9 | 108
                    18 m | 18
                    0 | 0
                    """)
    void anAgeIsYearsOrMonths(String typed, int months) {
        assertThat(read.age("years", typed, "The age").orElseThrow().months()).isEqualTo(months);
        assertThat(read.age("years", "grown up", "The age")).isEmpty();
        assertThat(faults.all()).hasSize(1);
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
