package hodeon.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PackCodeTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private static PackCode read(String code) {
        Faults faults = new Faults();
        Optional<PackCode> read = PackCode.read(code, TODAY, faults);
        assertThat(faults.all()).isEmpty();
        return read.orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "0102000000000015172802001OTW4, ''", // a capital O typed for the 0 of field 10
        "(01)02000000000015(17)280200(10)TW4, TW4",
        "01020000000000151728020010TW4, TW4",
        "]d201020000000000151728020010TW4, TW4",
        "010200000000001510TW4<GS>17280200, TW4",
        "010200000000001521S9<FNC1>10TW4<FNC1>17280200, TW4",
    })
    void theSameCodeInEveryDress(String code, String lot) {
        if (lot.isEmpty()) {
            assertThat(fault(code).value()).isEqualTo("1O");
            return;
        }
        PackCode read = read(code);
        assertThat(read.article()).contains("02000000000015");
        assertThat(read.expiry()).contains(new PrintedExpiry(LocalDate.of(2028, 2, 29), true));
        assertThat(read.lot()).contains(lot);
    }

    @ParameterizedTest
    @CsvSource({"20000004, 00000020000004", "200000000004, 00200000000004", "2000000000015, 02000000000015"})
    void aBareArticleNumberIsEnough(String code, String article) {
        assertThat(read(code).article()).contains(article);
        assertThat(read(code).expiry()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"(17)991231, 1999", "(17)761231, 2076", "(17)770101, 1977", "(17)500101, 2050"})
    void theCenturyIsTheNearest(String code, int year) {
        if (year < 2000) {
            assertThat(fault(code).field()).isEqualTo("expiry date");
        } else {
            assertThat(read(code).expiry().orElseThrow().lastDay().getYear()).isEqualTo(year);
        }
    }

    private static Fault fault(String code) {
        Faults faults = new Faults();
        assertThat(PackCode.read(code, TODAY, faults)).isEmpty();
        assertThat(faults.all()).isNotEmpty();
        return faults.all().getFirst();
    }

    @ParameterizedTest
    @CsvSource({
        "(01)02000000000015(15)280331(10)A, 2028-03-31, best-before date (15)",
        "(01)02000000000015(15)280331(17)280200, 2028-02, ''",
        "(01)02000000000015(7003)2803311030, 2028-03-31, at 10:30 (7003)",
        "0102000000000015152803 31, 2028-03-31, best-before date (15)",
    })
    void aBestBeforeDateIsTheDateWhereThereIsNoOther(String code, String until, String told) {
        PackCode read = read(code);
        assertThat(read.expiry().orElseThrow().toString()).isEqualTo(until);
        assertThat(String.join(" ", read.told())).contains(told);
        assertThat(read.told()).hasSize(told.isEmpty() ? 0 : 1);
    }

    @ParameterizedTest
    @CsvSource({
        "(01)02000000000015(714)1234567(10)TW4, (714) “1234567”",
        "(01)02000000000015(10)TW4(91)own words, (91) “own words”",
        "010200000000001571412345<GS>10TW4, (714) “12345”",
        "0102000000000015310300012510TW4, (3103) “000125”",
    })
    void aFieldThatIsNotKnownIsSteppedOverAndTold(String code, String told) {
        PackCode read = read(code);
        assertThat(read.article()).contains("02000000000015");
        assertThat(read.lot()).contains("TW4");
        assertThat(read.told()).singleElement().asString().contains(told).contains("stepped over");
    }

    @ParameterizedTest
    @CsvSource({
        "01 02000000000015 17 280200 10 TW4, TW4",
        "01 0200 0000 0000 15 10 TW4 17 280200, TW4",
        "(01)02000000000015(17)280200(10)T(W)4, T(W)4",
        "(01)02000000000015(10)TW(12)4(17)280200, TW(12)4",
    })
    void blanksInPlaceOfBracketsAndBracketsWithinALotAreRead(String code, String lot) {
        PackCode read = read(code);
        assertThat(read.article()).contains("02000000000015");
        assertThat(read.expiry().orElseThrow().toString()).isEqualTo("2028-02");
        assertThat(read.lot()).contains(lot);
        assertThat(read.told()).isEmpty();
    }

    @Test
    void aWrongCheckDigitIsNamedExactly() {
        assertThat(fault("(01)02000000000016").sentence())
                .contains("would be 5, not 6")
                .contains("02000000000016");
    }

    @Test
    void everyOtherMistakeIsNamed() {
        assertThat(fault("(17)270229").field()).isEqualTo("expiry date");
        assertThat(fault("(17)271301").field()).isEqualTo("expiry date");
        assertThat(fault("(01)0200000000001").limit()).contains("14 characters, this has 13");
        assertThat(fault("(10)" + "A".repeat(21)).remedy()).contains("separator");
        assertThat(fault("(05)7").value()).isEqualTo("05");
        assertThat(fault("(17)2A0101").limit()).contains("digits only");
        assertThat(fault("(10)A(10)B").limit()).contains("twice");
        assertThat(fault("").limit()).contains("1 to 200");
        assertThat(fault("1".repeat(300)).limit()).contains("1 to 200");
    }

    @Test
    void nothingTypedEverBreaksIt() {
        Random random = new Random(20261125);
        String alphabet = "0123456789()ABC<GS>\u001d]d2 17 10 01";
        for (int i = 0; i < 5_000; i++) {
            StringBuilder code = new StringBuilder();
            for (int n = random.nextInt(40); n > 0; n--) {
                code.append(alphabet.charAt(random.nextInt(alphabet.length())));
            }
            Faults faults = new Faults();
            Optional<PackCode> read = PackCode.read(code.toString(), TODAY, faults);
            assertThat(read.isPresent()).as("seed 20261125, %s", code).isEqualTo(faults.none());
        }
    }
}
