package hodeon.core.party;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hodeon.core.Samples;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PartyTest {

    @ParameterizedTest
    @CsvSource({
        "0, INFANT",
        "1, INFANT",
        "2, CHILD",
        "11, CHILD",
        "12, TEEN",
        "17, TEEN",
        "18, ADULT",
        "59, ADULT",
        "60, OLDER"
    })
    void ageBandsChangeOnTheBirthday(int years, AgeBand band) {
        assertThat(AgeBand.of(years)).isEqualTo(band);
    }

    @Test
    void helpersAreTrainedAndOldEnoughButThereIsAlwaysOneAndNeverMoreThanFour() {
        assertThat(Samples.tidewrack().likelyHelpers()).isEqualTo(4);
        assertThat(new Party(List.of(Samples.adult("A", Training.UNTRAINED))).likelyHelpers())
                .isEqualTo(1);
        assertThat(new Party(Collections.nCopies(30, Samples.adult("A", Training.BASIC))).likelyHelpers())
                .isEqualTo(4);
    }

    @Test
    void aPartyHasOneToSixtyPeople() {
        assertThatThrownBy(() -> new Party(List.of())).hasMessageContaining("0 people is outside 1 to 60");
        assertThatThrownBy(() -> new Party(Collections.nCopies(61, Samples.adult("A", Training.BASIC))))
                .hasMessageContaining("61 people");
    }
}
