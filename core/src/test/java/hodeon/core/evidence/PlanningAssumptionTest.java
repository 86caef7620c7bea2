package hodeon.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The register says of every figure what it is, in what unit, and why; and the document of sources says the same. */
class PlanningAssumptionTest {

    private static final Path SOURCES = Path.of("../docs/sources.md");

    @ParameterizedTest
    @EnumSource
    void everyAssumptionHasItsUnitAndItsReason(PlanningAssumption assumption) {
        assertThat(assumption.value()).isPositive();
        assertThat(assumption.unit()).isNotBlank();
        assertThat(assumption.what()).isNotBlank().doesNotEndWith(".");
        assertThat(assumption.because()).isNotBlank().doesNotEndWith(".");
    }

    @Test
    void onlyWholeFiguresAreGivenAsWholeNumbers() {
        assertThat(PlanningAssumption.SUFFICIENT_TRIPS.figure()).isEqualTo("0.9");
        assertThat(PlanningAssumption.STRONG_PRIOR.figure()).isEqualTo("10,000");
        assertThat(PlanningAssumption.STRONG_PRIOR.whole()).isEqualTo(10_000);
        assertThatThrownBy(PlanningAssumption.SUFFICIENT_TRIPS::whole).hasMessageContaining("0.9");
    }

    /** With -Dhodeon.write=true the table is written anew instead. */
    @Test
    void theDocumentOfSourcesHoldsTheSameRegister() throws IOException {
        String written = Files.readString(SOURCES);
        String begin = "<!-- register of planning assumptions, written by PlanningAssumptionTest -->\n";
        String end = "<!-- end of the register -->";
        int from = written.indexOf(begin) + begin.length();
        int to = written.indexOf(end);
        assertThat(written).contains(begin).contains(end);
        if (Boolean.getBoolean("hodeon.write")) {
            Files.writeString(SOURCES, written.substring(0, from) + table() + written.substring(to));
        } else {
            assertThat(written.substring(from, to)).isEqualTo(table());
        }
    }

    private static String table() {
        return Arrays.stream(PlanningAssumption.values())
                .map(a -> "| " + a.subject().label() + " | " + a.what() + " | " + a.figure() + " " + a.unit() + " | "
                        + a.because() + " |\n")
                .collect(Collectors.joining(
                        "", "| bears on | assumed | figure | why |\n| --- | --- | --- | --- |\n", ""));
    }
}
