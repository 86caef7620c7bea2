package hodeon.core.party;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AgeTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        9               | 108 | 9 years
        9 y             | 108 | 9 years
        18 m            | 18  | 18 months
        18 months       | 18  | 18 months
        23m             | 23  | 23 months
        1 y 4 m         | 16  | 16 months
        2 years         | 24  | 2 years
        2y6m            | 30  | 2 years
        1 month         | 1   | 1 month
        0               | 0   | 0 months
        110             | 1320 | 110 years
        """)
    void anAgeIsReadInYearsOrMonths(String typed, int months, String says) {
        Age age = Age.parse(typed).orElseThrow();
        assertThat(age.months()).isEqualTo(months);
        assertThat(age).hasToString(says);
        assertThat(Age.parse(age.typed()).orElseThrow().years()).isEqualTo(age.years());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "old", "-1", "9.5", "111", "1400 m", "9 kg", "4 4", "m"})
    void whatIsNoAgeIsNotRead(String typed) {
        assertThat(Age.parse(typed)).isEmpty();
    }

    @Test
    void monthsAreCompletedOnTheirDay() {
        LocalDate born = LocalDate.of(2025, 1, 31);
        assertThat(Age.between(born, LocalDate.of(2025, 2, 27)).months()).isZero();
        assertThat(Age.between(born, LocalDate.of(2025, 3, 30)).months()).isEqualTo(1);
        assertThat(Age.between(born, LocalDate.of(2025, 3, 31)).months()).isEqualTo(2);
        assertThat(Age.between(LocalDate.of(2027, 1, 1), born).months()).isZero();
    }
}
