package hodeon.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hodeon.core.catalogue.Keeping;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class GoodUntilTest {

    private static final Keeping SIX_MONTHS_OPEN = keeping(36, 6);

    private static Keeping keeping(int shelf, int opened) {
        return new Keeping(
                shelf < 0 ? OptionalInt.empty() : OptionalInt.of(shelf),
                opened < 0 ? OptionalInt.empty() : OptionalInt.of(opened),
                OptionalInt.empty(),
                false,
                "",
                Set.of(),
                false);
    }

    static Lot lot(String supply, String printed, String received) {
        return new Lot(
                UUID.randomUUID(),
                supply,
                "",
                "",
                printed.isEmpty() ? Optional.empty() : Optional.of(PrintedExpiry.parse(printed)),
                LocalDate.parse(received),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty());
    }

    @ParameterizedTest
    @CsvSource({
        "2028-03, 2028-03-31, true",
        "2028-2, 2028-02-29, true",
        "02/2027, 2027-02-28, true",
        "2028-02-29, 2028-02-29, false",
        "2027-12-31, 2027-12-31, false",
    })
    void aPrintedMonthMeansItsLastDay(String text, LocalDate last, boolean month) {
        PrintedExpiry read = PrintedExpiry.parse(text);
        assertThat(read).isEqualTo(new PrintedExpiry(last, month));
        assertThat(PrintedExpiry.parse(read.toString())).isEqualTo(read);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2027-02-29", "2027-13", "2027-00-10", "31.12.27", "soon", "", "1999-12", "2100-01-01"})
    void datesThatDoNotExistAreRefused(String text) {
        assertThatThrownBy(() -> PrintedExpiry.parse(text)).isInstanceOf(DateTimeException.class);
    }

    @Test
    void theWorkedExample() {
        Lot bottle = lot("povidone-bottle", "2028-03", "2027-01-01");
        assertThat(GoodUntil.of(bottle, SIX_MONTHS_OPEN, Optional.empty()))
                .contains(new GoodUntil(LocalDate.of(2028, 3, 31), GoodUntil.Reason.PRINTED));
        Lot open = bottle.openedAs(UUID.randomUUID(), LocalDate.of(2027, 1, 10));
        assertThat(GoodUntil.of(open, SIX_MONTHS_OPEN, Optional.empty()))
                .contains(new GoodUntil(LocalDate.of(2027, 7, 10), GoodUntil.Reason.OPENED));
        Lot small = open.decantedAs(UUID.randomUUID(), LocalDate.of(2027, 2, 1));
        assertThat(GoodUntil.of(small, SIX_MONTHS_OPEN, Optional.empty())
                        .orElseThrow()
                        .day())
                .isEqualTo(LocalDate.of(2027, 7, 10));
    }

    @Test
    void theEarliestReasonWins() {
        Lot pen = lot("auto-injector", "2028-03", "2027-01-01");
        assertThat(GoodUntil.of(pen, keeping(18, -1), Optional.of(LocalDate.of(2027, 5, 1))))
                .contains(new GoodUntil(LocalDate.of(2027, 4, 30), GoodUntil.Reason.WITHDRAWN));
        Lot undated = lot("gloves-nitrile", "", "2027-01-31");
        assertThat(GoodUntil.of(undated, keeping(1, -1), Optional.empty()))
                .contains(new GoodUntil(LocalDate.of(2027, 2, 28), GoodUntil.Reason.TYPICAL));
        assertThat(GoodUntil.of(undated, keeping(-1, -1), Optional.empty())).isEmpty();
        Lot atOnce = lot("saline-pod", "2029-01", "2027-01-01").openedAs(UUID.randomUUID(), LocalDate.of(2027, 3, 3));
        assertThat(GoodUntil.of(atOnce, keeping(36, 0), Optional.empty())
                        .orElseThrow()
                        .day())
                .isEqualTo(LocalDate.of(2027, 3, 3));
    }

    @Test
    void openingWithoutAPeriodChangesNothingButDecantingAlwaysShortens() {
        Lot tablets = lot("paracetamol", "2030-06", "2027-01-01");
        LocalDate on = LocalDate.of(2027, 2, 1);
        assertThat(GoodUntil.of(tablets.openedAs(UUID.randomUUID(), on), keeping(36, -1), Optional.empty()))
                .contains(new GoodUntil(LocalDate.of(2030, 6, 30), GoodUntil.Reason.PRINTED));
        assertThat(GoodUntil.of(tablets.decantedAs(UUID.randomUUID(), on), keeping(36, -1), Optional.empty()))
                .contains(new GoodUntil(LocalDate.of(2027, 8, 1), GoodUntil.Reason.DECANTED));
    }

    @Test
    void itOutlastsATripWhenTheReturnDayAndTheMarginAreCovered() {
        GoodUntil good = new GoodUntil(LocalDate.of(2027, 6, 30), GoodUntil.Reason.PRINTED);
        assertThat(good.outlasts(LocalDate.of(2027, 6, 30), 0)).isTrue();
        assertThat(good.outlasts(LocalDate.of(2027, 6, 16), 14)).isTrue();
        assertThat(good.outlasts(LocalDate.of(2027, 6, 17), 14)).isFalse();
    }
}
