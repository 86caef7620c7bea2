package hodeon.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.Samples;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LearningTest {

    @ParameterizedTest
    @CsvSource({"7.4, 2000, 3, 60, 8.641", "12, 500, 3, 60, 16.071"})
    void theWorkedExamples(double rate, double strength, int events, double personDays, double learned) {
        assertThat(new Rate(rate, strength, new Basis.Assumption())
                        .learned(events, personDays)
                        .perThousandPersonDays())
                .isCloseTo(learned, within(5e-4));
    }

    @Test
    void aQuietTripLowersARateAndABusyOneRaisesItAndBothAddTheirExperience() {
        Learning quiet =
                Learning.of(Samples.CATALOGUE, List.of(new Learning.LoggedTrip(Samples.skerryRing(), Map.of())));
        Learning busy = Learning.of(
                Samples.CATALOGUE, List.of(new Learning.LoggedTrip(Samples.skerryRing(), Map.of("blister", 9))));
        Rate before = Samples.CATALOGUE.problem("blister").orElseThrow().rate();
        Rate lower = rate(quiet, "blister");
        Rate higher = rate(busy, "blister");
        assertThat(lower.perThousandPersonDays()).isLessThan(before.perThousandPersonDays());
        assertThat(higher.perThousandPersonDays()).isGreaterThan(before.perThousandPersonDays());
        assertThat(lower.priorPersonDays()).isEqualTo(higher.priorPersonDays()).isGreaterThan(before.priorPersonDays());
        assertThat(higher.basis()).isInstanceOf(Basis.OwnLog.class);
    }

    @Test
    void whatCouldNotHappenTeachesNothing() {
        Learning learning =
                Learning.of(Samples.CATALOGUE, List.of(new Learning.LoggedTrip(Samples.skerryRing(), Map.of())));
        assertThat(learning.byProblem()).doesNotContainKeys("altitude", "dog-trouble", "snake-bite-bind");
    }

    private static Rate rate(Learning learning, String problem) {
        Catalogue learned = learning.applied(Samples.CATALOGUE);
        return learned.problem(problem).orElseThrow().rate();
    }

    /** Many events in hardly any exposure are still a rate. */
    @Test
    void aLogOfManyEventsInHardlyAnyExposureStaysARate() {
        Rate learned = new Rate(7, 1, new Basis.Assumption()).learned(5_000, 0.001);
        assertThat(learned.perThousandPersonDays()).isEqualTo(100_000);
    }
}
