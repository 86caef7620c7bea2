package hodeon.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OtherKitsTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        tweezers, 80 %         | 0.8
        tweezers;80%           | 0.8
        tweezers: 12 of 15     | 0.8
        "tweezers",12/15       | 0.8
        tweezers, 0.8          | 0.8
        tweezers, 1            | 1
        """)
    void aShareIsReadHoweverItIsWritten(String line, double share) {
        assertThat(OtherKits.read(line).lines()).containsExactly(new OtherKits.Line("tweezers", share, 0));
    }

    /** A heading is no thing; several lists count in how many a thing is, and twice in one list is once. */
    @Test
    void sharesOrSeveralLists() {
        OtherKits shares = OtherKits.read("thing,share\nfine tweezers,80 %\ntape,25 %\n");
        assertThat(shares.shares(Map.of("fine tweezers", "fine-tweezers", "tape", "tape-cloth")))
                .isEqualTo(Map.of("fine-tweezers", 0.8, "tape-cloth", 0.25));
        OtherKits lists = OtherKits.read("2 tweezers\n6 plasters\n\n10 plasters\nplasters\n---\n\nwhistle\n");
        assertThat(lists.lists()).isEqualTo(3);
        assertThat(lists.shares(Map.of(
                        "2 tweezers", "t", "6 plasters", "p", "10 plasters", "p", "plasters", "p", "whistle", "w")))
                .isEqualTo(Map.of("t", 1 / 3.0, "p", 1 / 3.0 + 1 / 3.0, "w", 1 / 3.0));
        assertThat(OtherKits.read(" \n").lines()).isEmpty();
        assertThat(OtherKits.read("tweezers, 300 %").lines())
                .containsExactly(new OtherKits.Line("tweezers, 300 %", 1, 0));
    }
}
