package hodeon.core.medication;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.DoseClock.Limit;
import hodeon.core.medication.DoseClock.Taken;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoseClockTest {

    private static final Limit PARACETAMOL =
            new Limit(Optional.of(Dose.ofMilligrams(4000)), Duration.ofHours(4), OptionalInt.of(4));

    private static Instant at(String time) {
        return Instant.parse("2026-06-" + time + ":00Z");
    }

    private static Taken taken(String time, long milligrams) {
        return new Taken(at(time), "some product", Map.of("paracetamol", Dose.ofMilligrams(milligrams)));
    }

    private static final DoseClock WORKED = new DoseClock(
            "paracetamol",
            PARACETAMOL,
            List.of(taken("01T06:00", 1000), taken("01T11:00", 500), taken("01T16:00", 1000), taken("01T22:00", 1000)));

    @Test
    void theWorkedExample() {
        assertThat(WORKED.inLastDay(at("01T23:00"))).isEqualTo(Dose.ofMilligrams(3500));
        assertThat(WORKED.room(at("01T23:00"))).contains(Dose.ofMilligrams(500));
        assertThat(WORKED.next(Dose.ofMilligrams(1000), at("01T23:00"))).contains(at("02T06:00"));
        assertThat(WORKED.room(at("02T06:00"))).contains(Dose.ofMilligrams(1500));
    }

    @ParameterizedTest
    @CsvSource({
        "01T23:00, 500, Less than 4 h from another dose.",
        "02T02:00, 500, More than 4 doses in 24 h.",
        "02T06:00, 2000, 4500 mg in 24 h is more than 4000 mg.",
        // written down afterwards, it would crowd the doses that came later
        "01T07:00, 500, Less than 4 h from another dose.",
        "01T02:00, 1000, More than 4 doses in 24 h."
    })
    void whatIsTooEarlyOrTooMuchIsSaid(String time, long milligrams, String says) {
        assertThat(WORKED.breach(Dose.ofMilligrams(milligrams), at(time))).contains(says);
    }

    @Test
    void moreThanADaysMostHasNoNextTime() {
        assertThat(WORKED.next(Dose.ofMilligrams(4001), at("03T00:00"))).isEmpty();
        assertThat(WORKED.next(Dose.ofMilligrams(1000), at("03T00:00"))).contains(at("03T00:00"));
    }

    @Test
    void travellingAndChangingClocksMakeNoDifference() {
        // Twenty past nine in the evening, five zones west at the same moment, and over the night the clocks go back.
        Instant home =
                ZonedDateTime.parse("2026-10-24T21:20+02:00[Europe/Berlin]").toInstant();
        Instant away =
                ZonedDateTime.parse("2026-10-24T15:20-04:00[America/New_York]").toInstant();
        assertThat(home).isEqualTo(away);
        DoseClock clock = new DoseClock(
                "paracetamol",
                PARACETAMOL,
                List.of(new Taken(home, "p", Map.of("paracetamol", Dose.ofMilligrams(4000)))));
        Instant next = clock.next(Dose.ofMilligrams(1000), home).orElseThrow();
        assertThat(next.atZone(ZoneId.of("Europe/Berlin")).toLocalTime()).hasToString("20:20");
        assertThat(Duration.between(home, next)).isEqualTo(Duration.ofHours(24));
    }

    /** Whatever was offered when and in which order, what was let through never adds up to more than is allowed. */
    @Test
    void theRollingWindowNeverExceedsTheMost() {
        for (long seed = 1; seed <= 60; seed++) {
            Random random = new Random(seed);
            Limit limit = new Limit(
                    Optional.of(Dose.ofMilligrams(1000 + random.nextInt(3000))),
                    Duration.ofMinutes(random.nextInt(400)),
                    random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(1 + random.nextInt(6)));
            List<Taken> let = new ArrayList<>();
            for (int i = 0; i < 120; i++) {
                Instant at = Instant.EPOCH.plusSeconds(60L * random.nextInt(5 * 24 * 60));
                Dose dose = new Dose(1 + random.nextInt(1_200_000));
                DoseClock clock = new DoseClock("x", limit, let);
                if (clock.breach(dose, at).isEmpty()) {
                    let.add(new Taken(
                            at, "product " + random.nextInt(4), Map.of("x", dose, "y", Dose.ofMilligrams(9))));
                }
                clock.next(dose, at)
                        .ifPresent(next -> assertThat(clock.breach(dose, next)).isEmpty());
            }
            for (Taken end : let) {
                List<Taken> window = let.stream()
                        .filter(t -> !t.at().isAfter(end.at())
                                && Duration.between(t.at(), end.at()).compareTo(Duration.ofHours(24)) < 0)
                        .toList();
                long sum =
                        window.stream().mapToLong(t -> t.of("x").micrograms()).sum();
                assertThat(sum)
                        .as("seed %d", seed)
                        .isLessThanOrEqualTo(limit.inADay().orElseThrow().micrograms());
                assertThat(window.size())
                        .as("seed %d", seed)
                        .isLessThanOrEqualTo(limit.times().orElse(Integer.MAX_VALUE));
                assertThat(let).as("seed %d", seed).allSatisfy(t -> assertThat(t == end
                                || Duration.between(t.at(), end.at()).abs().compareTo(limit.apart()) >= 0)
                        .isTrue());
            }
        }
    }

    @Test
    void theStrictestOfAllProductsHolds() {
        Formulary shipped = FormularyReader.shipped();
        Patient adult = new Patient("Sef", 480, Optional.empty(), Set.of(), Set.of(), Set.of());
        Limit limit = Limits.of(
                        shipped,
                        Tradition.BRITISH,
                        LocalDate.of(2026, 6, 1),
                        "paracetamol",
                        adult,
                        List.of(),
                        List.of(
                                shipped.product("cold-sachet").orElseThrow(),
                                shipped.product("paracetamol-500").orElseThrow()))
                .orElseThrow();
        // Four cold sachets hold 2,600 mg: while they are in use no more paracetamol than that is counted as safe.
        assertThat(limit.inADay()).contains(Dose.ofMilligrams(2600));
        assertThat(Limits.of(
                                shipped,
                                Tradition.BRITISH,
                                LocalDate.of(2026, 6, 1),
                                "paracetamol",
                                adult,
                                List.of(),
                                List.of())
                        .orElseThrow()
                        .inADay())
                .contains(Dose.ofMilligrams(4000));
    }

    @Test
    void aTripAsksForRegularAndWalkingOutSupplies() {
        Formulary shipped = FormularyReader.shipped();
        Product tablets = shipped.product("paracetamol-500").orElseThrow();
        Patient adult = new Patient("Sef", 480, Optional.empty(), Set.of(), Set.of(), Set.of());
        DoseAnswer.Give give = (DoseAnswer.Give) new DoseSheet(shipped, Tradition.BRITISH, LocalDate.of(2026, 6, 1))
                .of(tablets, adult, List.of(), Set.of());
        assertThat(TripSupply.walkingOutDoses(give, 9)).isEqualTo(3);
        assertThat(TripSupply.walkingOutDoses(give, 24)).isEqualTo(4);
        assertThat(TripSupply.walkingOutDoses(give, 48)).isEqualTo(8);
        assertThat(TripSupply.regular(new BigDecimal(2), 6, TripSupply.usualReserveDays(6)))
                .isEqualByComparingTo("16");
        // Two tablets in a piece: nothing is rounded down.
        assertThat(tablets.pieces(new BigDecimal(25))).isEqualTo(13);
    }
}
