package hodeon.core.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Step;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PiecesOnTripTest {

    private static final List<Double> SIX_DAYS_OF_14 = Collections.nCopies(6, 14.0);

    private static Rate rate(double perThousand, double strength) {
        return new Rate(perThousand, strength, new Basis.Assumption());
    }

    private static Distribution blisterPads() {
        Step pad = new Step("cushion-blister", Step.always(1), new Repeat.Redress(2, 5, 1), Importance.CRITICAL);
        Distribution perEvent = PiecesPerEvent.of(pad, SIX_DAYS_OF_14, 0);
        assertThat(List.of(perEvent.at(1), perEvent.at(2), perEvent.at(3)))
                .allSatisfy(p -> assertThat(p).isCloseTo(1 / 3.0, within(1e-12)));
        return PiecesOnTrip.of(EventCount.of(rate(7.4, 2000), 84), perEvent);
    }

    private static Distribution tablets() {
        Step tablet =
                new Step("relieve-pain", new TreeMap<>(Map.of(1, 0.3, 2, 0.7)), new Repeat.Once(), Importance.CRITICAL);
        return PiecesOnTrip.of(
                EventCount.of(rate(12, 1000), 48), PiecesPerEvent.of(tablet, Collections.nCopies(6, 8.0), 9));
    }

    @Test
    void firstWorkedExample() {
        Distribution pads = blisterPads();
        assertThat(pads.mean()).isCloseTo(1.2432, within(5e-5));
        assertThat(pads.at(0)).isCloseTo(0.543948, within(5e-7));
        assertThat(List.of(pads.suffices(0.80), pads.suffices(0.95), pads.suffices(0.99)))
                .containsExactly(3, 5, 7);
    }

    @Test
    void secondWorkedExample() {
        Distribution tablets = tablets();
        assertThat(tablets.mean()).isCloseTo(0.9792, within(5e-5));
        assertThat(List.of(tablets.at(0), tablets.at(1), tablets.at(2), tablets.at(3)))
                .usingComparatorForType((a, b) -> Math.abs(a - b) < 5e-7 ? 0 : 1, Double.class)
                .containsExactly(0.569724, 0.093939, 0.227582, 0.039691);
        assertThat(tablets.suffices(0.95)).isEqualTo(4);
    }

    @Test
    void bothWorkedExamplesSharingOneSupply() {
        Distribution both = blisterPads().plus(tablets());
        assertThat(both.mean()).isCloseTo(2.2224, within(5e-5));
        assertThat(both.suffices(0.95)).isEqualTo(6);
    }

    /** The recursion against adding up P(N = n) times the n-fold convolution of the pieces of one event. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void agreesWithTheDefinition(long seed) {
        Random random = new Random(seed);
        EventCount events = new EventCount(0.01 + 5 * random.nextDouble(), 500, 1 + 400 * random.nextDouble());
        double none = random.nextDouble();
        double one = (1 - none) * random.nextDouble();
        Distribution perEvent = Distribution.of(none, one, 1 - none - one);
        Distribution fast = PiecesOnTrip.of(events, perEvent);
        double[] slow = new double[30];
        double probability = events.none();
        Distribution sum = Distribution.nothing();
        for (int n = 0; n < 400; n++) {
            for (int k = 0; k < slow.length; k++) {
                slow[k] += probability * sum.at(k);
            }
            probability *= (events.shape() + n) / (n + 1) * events.q();
            sum = sum.plus(perEvent);
        }
        for (int k = 0; k < slow.length; k++) {
            assertThat(fast.at(k)).as("seed %d, P(%d)", seed, k).isCloseTo(slow[k], within(1e-9));
        }
    }

    /** 60 people for 60 days with something that happens all the time: the start of the recursion would underflow. */
    @ParameterizedTest
    @ValueSource(doubles = {10, 500, 2_000, 8_000})
    void staysSoundForLargeMeans(double mean) {
        EventCount events = new EventCount(mean * 20, 50_000, 2_500);
        Distribution pieces = PiecesOnTrip.of(events, Distribution.of(0, 1));
        assertThat(pieces.mean()).isCloseTo(mean, within(1e-6 * mean));
        double mass = 0;
        for (int k = 0; k <= pieces.largest(); k++) {
            mass += pieces.at(k);
        }
        assertThat(mass).isCloseTo(1, within(1e-9));
    }

    @Test
    void withoutExposureNothingIsUsed() {
        assertThat(PiecesOnTrip.of(EventCount.of(rate(7, 500), 0), Distribution.of(0, 1))
                        .at(0))
                .isEqualTo(1);
    }

    @Test
    void painReliefUntilHelpTakesADoseForEveryIntervalOnTheWay() {
        Step dose = new Step("relieve-pain", Step.always(1), new Repeat.UntilCare(6, 2), Importance.CRITICAL);
        assertThat(PiecesPerEvent.of(dose, SIX_DAYS_OF_14, 13).at(5)).isCloseTo(1, within(1e-12));
    }

    @Test
    void aStepThatIsNotNeededAtFirstIsNotRepeated() {
        Step sometimes = new Step(
                "cover-nonstick", new TreeMap<>(Map.of(0, 0.8, 1, 0.2)), new Repeat.Redress(1, 3, 1), Importance.NICE);
        assertThat(PiecesPerEvent.of(sometimes, SIX_DAYS_OF_14, 0).at(0)).isCloseTo(0.8, within(1e-12));
    }
}
