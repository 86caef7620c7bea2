package hodeon.core.party;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What comes in sizes of children is outgrown on a day that can be told. */
class OutgrowingTest {

    @ParameterizedTest
    @CsvSource({
        "INFANT, 4, 2027-07-30",
        "INFANT CHILD, 4, 2038-07-30",
        "CHILD, 143, 2026-12-30",
        "CHILD, 144, ",
        "INFANT, 30, ",
        "CHILD ADULT, 60, ",
    })
    void theDay(String fits, int months, LocalDate day) {
        assertThat(Outgrowing.day(
                        Arrays.stream(fits.split(" ")).map(SizeClass::valueOf).collect(Collectors.toSet()),
                        Age.ofMonths(months),
                        LocalDate.of(2026, 11, 30)))
                .isEqualTo(Optional.ofNullable(day));
    }
}
