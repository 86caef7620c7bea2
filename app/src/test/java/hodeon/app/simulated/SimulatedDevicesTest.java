package hodeon.app.simulated;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.notice.Faults;
import hodeon.core.stock.PackCode;
import hodeon.core.stock.Weighing;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SimulatedDevicesTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    @Test
    void theScannerTypesCodesThatCanBeReadEachWithItsArticle() {
        SimulatedScanner scanner = new SimulatedScanner();
        Set<String> articles = new HashSet<>();
        Set<String> serials = new HashSet<>();
        for (int i = 0; i < 6; i++) {
            Faults faults = new Faults();
            PackCode code = PackCode.read(scanner.scan(TODAY), TODAY, faults).orElseThrow();
            assertThat(faults.none()).isTrue();
            assertThat(code.expiry().orElseThrow().lastDay()).isAfter(TODAY);
            assertThat(code.lot()).isPresent();
            articles.add(code.article().orElseThrow());
            code.serial().ifPresent(s -> assertThat(serials.add(s)).isTrue());
        }
        assertThat(articles).hasSize(3).allMatch(a -> a.startsWith("02"));
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 12, 60, 250})
    void theScaleIsNoisyAndStillCountsRight(int pieces) {
        Mass wipe = Mass.ofGrams(3);
        double[] readings = new SimulatedScale(7).weigh(wipe.times(pieces));
        assertThat(readings).hasSize(5);
        assertThat(Weighing.of(readings, Mass.ZERO, wipe)).isEqualTo(new Weighing(pieces, true));
    }

    @Test
    void theLoggerWritesThreeDaysInACarThatGetsHot() {
        String csv = SimulatedLogger.hotCar(TODAY);
        assertThat(csv.lines()).hasSize(1 + 3 * 48);
        assertThat(csv.lines().skip(1).mapToDouble(l -> Double.parseDouble(l.substring(l.indexOf(',') + 1))))
                .allMatch(c -> c >= 10 && c <= 55)
                .anyMatch(c -> c > 45);
        assertThat(csv).contains("2026-11-22T00:00").doesNotContain("2026-11-25");
    }
}
