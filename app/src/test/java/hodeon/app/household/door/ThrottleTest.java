package hodeon.app.household.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ThrottleTest {

    private final Throttle throttle = new Throttle();

    private long passed(String name, String address, int tries) {
        return IntStream.range(0, tries)
                .filter(i -> throttle.tried(name, address).isEmpty())
                .count();
    }

    /** Five at once from one place; from elsewhere the same name still opens, so that nobody is locked out of their own account. */
    @Test
    void whoGuessesWaitsAndWhoseNameItIsDoesNot() {
        assertThat(passed("ottilie", "10.0.0.1", 40)).isEqualTo(5);
        assertThat(throttle.tried("OTTILIE ", "10.0.0.1"))
                .hasValueSatisfying(wait -> assertThat(wait).isBetween(Duration.ofSeconds(1), Duration.ofMinutes(1)));
        assertThat(passed("ottilie", "10.0.0.2", 1)).isEqualTo(1);
        throttle.succeeded("ottilie", "10.0.0.1");
        assertThat(passed("ottilie", "10.0.0.1", 5)).isEqualTo(5);
    }

    /** Many names from one address, and one name from many addresses, are each bounded. */
    @Test
    void neitherManyNamesNorManyAddressesHelp() {
        long names = IntStream.range(0, 200)
                .mapToLong(i -> passed("name" + i, "10.0.0.9", 1))
                .sum();
        assertThat(names).isEqualTo(60);
        long addresses = IntStream.range(0, 200)
                .mapToLong(i -> passed("sef", "10.1.0." + i, 1))
                .sum();
        assertThat(addresses).isEqualTo(20);
    }
}
