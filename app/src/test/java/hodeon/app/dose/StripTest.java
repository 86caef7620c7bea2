package hodeon.app.dose;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.shell.chart.Tick;
import hodeon.core.medication.gate.DoseClock.Counted;
import hodeon.core.medication.gate.DoseTally;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class StripTest {

    private static final Instant NOW = Instant.parse("2026-10-25T10:00:00Z");
    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

    private static Counted taken(int hoursAgo, long milligrams) {
        return new Counted(NOW.minus(Duration.ofHours(hoursAgo)), BigDecimal.valueOf(milligrams), Duration.ZERO);
    }

    private static Strip strip(Optional<Instant> next, Counted... taken) {
        DoseTally tally = new DoseTally("x", "x", true, BigDecimal.ZERO, Optional.empty(), true, List.of(taken));
        return Strip.of(tally, mg -> mg + " mg", NOW, next, BERLIN);
    }

    @Test
    void barsStandWhereAndAsHighAsTheDosesWere() {
        Strip strip = strip(Optional.empty(), taken(25, 9), taken(12, 500), taken(6, 1000));
        // 36 hours over 540 units: 15 an hour; now stands at 24 hours.
        assertThat(strip.nowX()).isEqualTo("360.0");
        assertThat(strip.bars()).map(Strip.Bar::x).containsExactly("180.0", "270.0");
        assertThat(strip.bars()).map(Strip.Bar::height).containsExactly("17.0", "34.0");
        assertThat(strip.bars().getFirst().title()).isEqualTo("500 mg, Sun 00:00, Europe/Berlin");
        assertThat(strip.nextX()).isEqualTo("-1");
    }

    @Test
    void theNextDoseIsMarkedWithinTheStripOnly() {
        assertThat(strip(Optional.of(NOW.plus(Duration.ofHours(4)))).nextX()).isEqualTo("420.0");
        assertThat(strip(Optional.of(NOW.plus(Duration.ofHours(13)))).nextX()).isEqualTo("-1");
    }

    /** In the night the clocks go back, midnight and six o'clock lie seven hours apart. */
    @Test
    void theClockOnTheWallIsFollowedThroughItsChange() {
        Strip strip = strip(Optional.empty());
        assertThat(strip.ticks()).map(Tick::says).containsExactly("12:00", "18:00", "00:00", "06:00", "12:00", "18:00");
        assertThat(strip.ticks()).map(Tick::at).containsExactly("0.0", "90.0", "180.0", "285.0", "375.0", "465.0");
    }
}
