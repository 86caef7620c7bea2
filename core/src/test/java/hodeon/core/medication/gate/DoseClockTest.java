package hodeon.core.medication.gate;

import static hodeon.core.medication.People.SHIPPED;
import static hodeon.core.medication.People.product;
import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.People;
import hodeon.core.medication.amount.TripSupply;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.medication.gate.DoseClock.Breach;
import hodeon.core.medication.gate.DoseClock.Counted;
import hodeon.core.medication.gate.DoseClock.Limit;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoseClockTest {

    private static final Limit PARACETAMOL =
            new Limit(Optional.of(BigDecimal.valueOf(4000)), Duration.ofHours(4), OptionalInt.of(4));

    private static Instant at(String time) {
        return Instant.parse("2026-06-" + time + ":00Z");
    }

    private static Counted taken(String time, long milligrams) {
        return new Counted(at(time), BigDecimal.valueOf(milligrams), Duration.ZERO);
    }

    private static final DoseClock WORKED = new DoseClock(
            PARACETAMOL,
            List.of(taken("01T06:00", 1000), taken("01T11:00", 500), taken("01T16:00", 1000), taken("01T22:00", 1000)));

    private static Optional<Instant> next(DoseClock clock, long milligrams, Instant now) {
        return clock.next(BigDecimal.valueOf(milligrams), Duration.ZERO, now);
    }

    @Test
    void theWorkedExample() {
        assertThat(WORKED.inLastDay(at("01T23:00"))).isEqualByComparingTo("3500");
        assertThat(WORKED.room(at("01T23:00")).orElseThrow()).isEqualByComparingTo("500");
        assertThat(next(WORKED, 1000, at("01T23:00"))).contains(at("02T06:00"));
        assertThat(WORKED.room(at("02T06:00")).orElseThrow()).isEqualByComparingTo("1500");
    }

    @ParameterizedTest
    @CsvSource({
        "01T23:00, 500, TooNear, 01T22:00",
        "02T02:00, 500, TooMany, 02T02:00",
        "02T06:00, 2000, TooMuch, 02T06:00",
        // written down afterwards, it would crowd the doses that came later
        "01T07:00, 500, TooNear, 01T06:00",
        "01T02:00, 1000, TooMany, 01T22:00"
    })
    void whatIsTooEarlyOrTooMuchIsSaidWithWhatItMeets(String time, long milligrams, String kind, String meets) {
        assertThat(WORKED.breaches(taken(time, milligrams))).anySatisfy(b -> {
            assertThat(b.getClass().getSimpleName()).isEqualTo(kind);
            assertThat(b.at()).isEqualTo(at(meets));
        });
    }

    @Test
    void whatReleasesSlowlyHasToBeWaitedForOnEitherSide() {
        Counted slow = new Counted(at("01T06:00"), BigDecimal.valueOf(1330), Duration.ofHours(8));
        DoseClock clock = new DoseClock(PARACETAMOL, List.of(slow));
        assertThat(next(clock, 1000, at("01T10:30"))).contains(at("01T14:00"));
        assertThat(clock.breaches(taken("01T01:00", 500)))
                .singleElement()
                .isEqualTo(new Breach.TooNear(at("01T06:00"), Duration.ofHours(8)));
    }

    @Test
    void moreThanADaysMostHasNoNextTime() {
        assertThat(next(WORKED, 4001, at("03T00:00"))).isEmpty();
        assertThat(next(WORKED, 1000, at("03T00:00"))).contains(at("03T00:00"));
    }

    @Test
    void travellingAndChangingClocksMakeNoDifference() {
        // Twenty past nine in the evening, five zones west at the same moment, and over the night the clocks go back.
        Instant home =
                ZonedDateTime.parse("2026-10-24T21:20+02:00[Europe/Berlin]").toInstant();
        Instant away =
                ZonedDateTime.parse("2026-10-24T15:20-04:00[America/New_York]").toInstant();
        assertThat(home).isEqualTo(away);
        DoseClock clock =
                new DoseClock(PARACETAMOL, List.of(new Counted(home, BigDecimal.valueOf(4000), Duration.ZERO)));
        Instant next = next(clock, 1000, home).orElseThrow();
        assertThat(next.atZone(ZoneId.of("Europe/Berlin")).toLocalTime()).hasToString("20:20");
        assertThat(Duration.between(home, next)).isEqualTo(Duration.ofHours(24));
    }

    /** Whatever was offered when and in which order, what was let through never adds up to more than is allowed. */
    @Test
    void theRollingWindowNeverExceedsTheMost() {
        for (long seed = 1; seed <= 60; seed++) {
            Random random = new Random(seed);
            Limit limit = new Limit(
                    Optional.of(BigDecimal.valueOf(1000 + random.nextInt(3000))),
                    Duration.ofMinutes(random.nextInt(400)),
                    random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(1 + random.nextInt(6)));
            List<Counted> let = new ArrayList<>();
            for (int i = 0; i < 120; i++) {
                Counted asked = new Counted(
                        Instant.EPOCH.plusSeconds(60L * random.nextInt(5 * 24 * 60)),
                        BigDecimal.valueOf(1 + random.nextInt(1200)),
                        Duration.ofMinutes(random.nextInt(3) * 200L));
                DoseClock clock = new DoseClock(limit, let);
                clock.next(asked.amount(), asked.clear(), asked.at())
                        .ifPresent(next -> assertThat(clock.breaches(new Counted(next, asked.amount(), asked.clear())))
                                .isEmpty());
                if (clock.breaches(asked).isEmpty()) {
                    let.add(asked);
                }
            }
            for (Counted end : let) {
                List<Counted> window = let.stream()
                        .filter(t -> !t.at().isAfter(end.at())
                                && Duration.between(t.at(), end.at()).compareTo(Duration.ofHours(24)) < 0)
                        .toList();
                BigDecimal sum = window.stream().map(Counted::amount).reduce(BigDecimal.ZERO, BigDecimal::add);
                assertThat(sum)
                        .as("seed %d", seed)
                        .isLessThanOrEqualTo(limit.inADay().orElseThrow());
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
    void aTripAsksForRegularAndWalkingOutSupplies() {
        Product tablets = product("paracetamol-500");
        DoseAnswer.Give give = (DoseAnswer.Give) new DoseSheet(SHIPPED, Tradition.BRITISH).of(tablets, People.adult());
        assertThat(TripSupply.walkingOutDoses(give, 9)).isEqualTo(3);
        assertThat(TripSupply.walkingOutDoses(give, 24)).isEqualTo(4);
        assertThat(TripSupply.walkingOutDoses(give, 48)).isEqualTo(8);
        assertThat(TripSupply.regular(new BigDecimal(2), 6, TripSupply.usualReserveDays(6)))
                .isEqualByComparingTo("16");
        assertThat(tablets.pieces(new BigDecimal(25))).isEqualTo(25);
        // Five ml in a sachet: nothing is rounded down.
        assertThat(product("paracetamol-syrup-120").pieces(new BigDecimal("12.5")))
                .isEqualTo(3);
    }
}
