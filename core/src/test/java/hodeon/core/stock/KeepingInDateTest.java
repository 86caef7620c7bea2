package hodeon.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Heat.Reading;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** First expired, first out; what a trip lacks; rhythms, heat and counting by weight. */
class KeepingInDateTest {

    private static final UUID POUCH = UUID.randomUUID();

    static Held held(String supply, int pieces, String until) {
        return held(supply, pieces, until, POUCH);
    }

    static Held held(String supply, int pieces, String until, UUID place) {
        Lot lot = GoodUntilTest.lot(supply, until, "2026-01-01");
        return new Held(
                lot, place, pieces, lot.printed().map(p -> new GoodUntil(p.lastDay(), GoodUntil.Reason.PRINTED)));
    }

    @Test
    void whatExpiresFirstGoesFirstAndWhatNeverDoesLast() {
        List<Held> lots = List.of(held("wipe", 4, ""), held("wipe", 2, "2028-01"), held("wipe", 3, "2027-05"));
        assertThat(FirstExpired.take(lots, 6))
                .extracting(t -> t.held().good().map(g -> g.day().toString()).orElse("never") + " " + t.pieces())
                .containsExactly("2027-05-31 3", "2028-01-31 2", "never 1");
        assertThat(FirstExpired.take(lots, 60)).hasSize(3);
        assertThat(FirstExpired.takeAdequate(lots, 2, LocalDate.of(2027, 5, 20), 14))
                .extracting(t -> t.held().lastDay())
                .containsExactly(LocalDate.of(2028, 1, 31));
    }

    @Test
    void aTripLacksWhatIsNotThereAndWhatIsTooOld() {
        List<Held> kit = List.of(held("wipe", 4, "2027-06-30"), held("wipe", 4, "2027-06-10"), held("gloves", 6, ""));
        Map<String, Integer> planned = new TreeMap<>(Map.of("wipe", 6, "gloves", 6, "shears", 1));
        assertThat(Shortage.of(planned, kit, LocalDate.of(2027, 6, 17), 0))
                .containsExactly(new Shortage("shears", 1, 0, 0), new Shortage("wipe", 6, 4, 4));
        assertThat(Shortage.of(planned, kit, LocalDate.of(2027, 6, 17), 14)).contains(new Shortage("wipe", 6, 0, 8));
        assertThat(Shortage.counted(Map.of("gloves", 4), kit, LocalDate.of(2027, 6, 17), 14))
                .containsExactly(new Shortage("gloves", 4, 6, 0));
        assertThat(new Shortage("wipe", 6, 4, 4).missing()).isEqualTo(2);
        assertThat(Shortage.of(Map.of("gloves", 6), kit, LocalDate.of(2027, 6, 17), 14))
                .isEmpty();
    }

    @Test
    void checksComeRoundInTheirRhythm() {
        LocalDate since = LocalDate.of(2026, 1, 31);
        assertThat(Rhythm.MONTHLY_CHARGE.due(Optional.empty(), since)).isEqualTo(LocalDate.of(2026, 2, 28));
        assertThat(Rhythm.QUARTERLY_LOOK.due(Optional.of(since), since)).isEqualTo(LocalDate.of(2026, 4, 30));
        assertThat(Rhythm.YEARLY_ALL.due(Optional.of(since), since)).isEqualTo(LocalDate.of(2027, 1, 31));
        LocalDate start = LocalDate.of(2027, 6, 12);
        assertThat(Rhythm.holdsFor(Optional.empty(), start)).isFalse();
        assertThat(Rhythm.holdsFor(Optional.of(start.minusDays(28)), start)).isTrue();
        assertThat(Rhythm.holdsFor(Optional.of(start.minusDays(29)), start)).isFalse();
        assertThat(Rhythm.dueFor(Optional.empty(), start, start.minusDays(28))).isTrue();
        assertThat(Rhythm.dueFor(Optional.empty(), start, start.minusDays(29)))
                .as("a look that early would not hold")
                .isFalse();
        assertThat(Rhythm.dueFor(Optional.of(start.minusDays(28)), start, start.minusDays(2)))
                .isFalse();
        assertThat(Rhythm.dueFor(Optional.of(start.minusDays(40)), start, start.minusDays(2)))
                .isTrue();
    }

    private static List<Reading> readings(double... celsius) {
        List<Reading> readings = new ArrayList<>();
        for (double c : celsius) {
            readings.add(new Reading(LocalDateTime.of(2026, 7, 1, 8 + readings.size(), 0), c));
        }
        return readings;
    }

    @Test
    void theMeanKineticTemperatureOfTheWorkedExample() {
        List<Reading> day = readings(15, 22, 31, 38, 27, 18);
        assertThat(Heat.mean(day)).isCloseTo(25.17, within(0.005));
        assertThat(Heat.meanKinetic(day)).isCloseTo(28.36, within(0.005));
        assertThat(Heat.meanKinetic(readings(21, 21, 21))).isCloseTo(21, within(1e-9));
        assertThatThrownBy(() -> Heat.mean(List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> readings(400)).hasMessageContaining("outside −60 to 120".replace('−', '-'));
    }

    @Test
    void everyStretchAboveALimitIsAnExcursion() {
        List<Heat.Excursion> found = Heat.above(readings(24, 31, 38, 25, 25.1, 20, 30), 25);
        assertThat(found).extracting(Heat.Excursion::hottest).containsExactly(38.0, 25.1, 30.0);
        assertThat(found.getFirst().lasting()).hasHours(1);
        assertThat(Heat.above(readings(10, 12), 25)).isEmpty();
    }

    @Test
    void aLotIsJudgedByItsOwnLimitElseByTheCataloguesElseNotAtAll() {
        Supply adrenaline = Samples.CATALOGUE.supplies().stream()
                .filter(s -> s.keeping().mostCelsius().isPresent())
                .findFirst()
                .orElseThrow();
        int usual = adrenaline.keeping().mostCelsius().getAsInt();
        List<Reading> day = readings(15, 22, 31, 38, 27, 18);
        HeatExposure own = HeatExposure.of(warmest(25), Optional.of(adrenaline), day, Heat.meanKinetic(day))
                .orElseThrow();
        assertThat(own.limit()).isEqualTo(25);
        assertThat(own.above()).hasSize(1);
        assertThat(own.lasting()).hasHours(2);
        assertThat(own.hottest()).isEqualTo(38);
        assertThat(own.kineticAbove()).isTrue();
        assertThat(HeatExposure.of(warmest(29), Optional.empty(), day, Heat.meanKinetic(day))
                        .orElseThrow()
                        .kineticAbove())
                .isFalse();
        HeatExposure cool = HeatExposure.of(warmest(40), Optional.empty(), day, Heat.meanKinetic(day))
                .orElseThrow();
        assertThat(cool.above()).isEmpty();
        assertThat(cool.lasting()).isZero();
        assertThat(cool.hottest()).isZero();
        assertThat(HeatExposure.of(held("x", 1, ""), Optional.of(adrenaline), day, Heat.meanKinetic(day)))
                .map(HeatExposure::limit)
                .contains(usual);
        assertThat(HeatExposure.of(held("x", 1, ""), Optional.empty(), day, Heat.meanKinetic(day)))
                .isEmpty();
    }

    private static Held warmest(int celsius) {
        Lot lot = GoodUntilTest.lot("x", "", "2026-01-01");
        return new Held(
                new Lot(
                        lot.id(),
                        lot.supply(),
                        lot.product(),
                        lot.code(),
                        lot.printed(),
                        lot.received(),
                        lot.opened(),
                        lot.decanted(),
                        lot.price(),
                        OptionalInt.of(celsius)),
                POUCH,
                1,
                Optional.empty());
    }

    @Test
    void piecesAreCountedByWeightAndDoubtIsSaid() {
        Mass wipe = Mass.ofGrams(2);
        assertThat(Weighing.of(new double[] {30.1, 29.9, 30.0}, Mass.ofGrams(6), wipe))
                .isEqualTo(new Weighing(12, true));
        assertThat(Weighing.of(new double[] {31.0}, Mass.ofGrams(6), wipe).sure())
                .isFalse();
        assertThat(Weighing.of(new double[] {28, 30, 32}, Mass.ofGrams(6), wipe).sure())
                .isFalse();
        assertThat(Weighing.of(new double[] {3}, Mass.ofGrams(6), wipe).pieces())
                .isZero();
    }

    @ParameterizedTest
    @CsvSource({"2026-12-31, GOOD", "2027-01-01, SOON", "2027-03-31, SOON", "2027-04-01, OVER"})
    void aThingIsSoonOverInTheLastNinetyDays(LocalDate today, Freshness freshness) {
        assertThat(Freshness.of(LocalDate.of(2027, 3, 31), today)).isEqualTo(freshness);
    }
}
