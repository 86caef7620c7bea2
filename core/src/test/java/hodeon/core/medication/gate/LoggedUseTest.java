package hodeon.core.medication.gate;

import static hodeon.core.medication.People.SHIPPED;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LoggedUseTest {

    private static final Catalogue CATALOGUE = CatalogueReader.shipped(Drivers.vocabulary());

    @ParameterizedTest
    @CsvSource({
        "paracetamol, 2, paracetamol-500 2",
        "loperamide, 1, loperamide-2 1",
        "child-paracetamol, 1, paracetamol-syrup-120 5",
        "reliever-inhaler, 1, ''",
        "hydrocortisone-cream, 1, ''",
        "gauze-small, 3, ''",
    })
    void piecesAreADoseOnlyWhereSomebodySwallowsThem(String supply, int pieces, String dose) {
        assertThat(LoggedUse.of(SHIPPED, CATALOGUE.supply(supply).orElseThrow(), pieces)
                        .map(u -> u.product().id() + " " + u.units().toPlainString())
                        .orElse(""))
                .isEqualTo(dose);
    }

    @Test
    void aDoseIsNotedForAWeekAndNotAheadButForClocksThatDiffer() {
        Instant now = Instant.parse("2026-06-08T12:00:00Z");
        assertThat(DoseGate.canBeNoted(now.plus(Duration.ofMinutes(2)), now)).isTrue();
        assertThat(DoseGate.canBeNoted(now.plus(Duration.ofHours(1)), now)).isFalse();
        assertThat(DoseGate.canBeNoted(now.minus(Duration.ofDays(6)), now)).isTrue();
        assertThat(DoseGate.canBeNoted(now.minus(Duration.ofDays(7)), now)).isFalse();
    }
}
