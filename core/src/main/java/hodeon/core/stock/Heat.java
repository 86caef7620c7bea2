package hodeon.core.stock;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a temperature log says about what was stored there. The mean kinetic temperature is the steady temperature that
 * would have done the same harm: Tk = (ΔH/R) / −ln(mean(exp(−ΔH/(R·T)))), temperatures in kelvin (J. D. Haynes, J. Pharm.
 * Sci. 60, 1971, 927–929), with the customary ΔH = 83.144 kJ/mol, R = 8.3144 J/(mol·K). It never extends a date.
 *
 * <p>Worked example: readings of 15, 22, 31, 38, 27 and 18 °C have a mean of 25.17 °C and a mean kinetic temperature of
 * 28.36 °C.
 */
public final class Heat {

    private static final double ACTIVATION_JOULES = 83_144;
    private static final double GAS_CONSTANT = 8.3144;
    private static final double ZERO_CELSIUS = 273.15;
    public static final double COLDEST = -60;
    public static final double WARMEST = 120;

    /** @param celsius from −60 to 120 */
    public record Reading(LocalDateTime at, double celsius) {

        public Reading {
            if (!(celsius >= COLDEST && celsius <= WARMEST)) {
                throw new IllegalArgumentException(
                        celsius + " °C is outside " + (int) COLDEST + " to " + (int) WARMEST + " °C.");
            }
        }
    }

    /** A stretch of readings above a limit; {@code last} is the last of them. */
    public record Excursion(LocalDateTime first, LocalDateTime last, double hottest) {

        public Duration lasting() {
            return Duration.between(first, last);
        }
    }

    private Heat() {}

    /** In °C; throws {@link IllegalArgumentException} without a reading. */
    public static double meanKinetic(List<Reading> readings) {
        double sum = 0;
        for (Reading reading : some(readings)) {
            sum += Math.exp(-ACTIVATION_JOULES / (GAS_CONSTANT * (reading.celsius() + ZERO_CELSIUS)));
        }
        return ACTIVATION_JOULES / GAS_CONSTANT / -Math.log(sum / readings.size()) - ZERO_CELSIUS;
    }

    /** In °C; throws {@link IllegalArgumentException} without a reading. */
    public static double mean(List<Reading> readings) {
        return some(readings).stream().mapToDouble(Reading::celsius).average().orElseThrow();
    }

    /** Every stretch above a limit, in order; readings must be in order of time. */
    public static List<Excursion> above(List<Reading> readings, double limitCelsius) {
        List<Excursion> found = new ArrayList<>();
        Optional<Excursion> now = Optional.empty();
        for (Reading reading : readings) {
            if (reading.celsius() > limitCelsius) {
                Excursion sofar = now.orElse(new Excursion(reading.at(), reading.at(), reading.celsius()));
                now = Optional.of(
                        new Excursion(sofar.first(), reading.at(), Math.max(sofar.hottest(), reading.celsius())));
            } else {
                now.ifPresent(found::add);
                now = Optional.empty();
            }
        }
        now.ifPresent(found::add);
        return found;
    }

    private static List<Reading> some(List<Reading> readings) {
        if (readings.isEmpty()) {
            throw new IllegalArgumentException("A temperature log without a reading says nothing.");
        }
        return readings;
    }
}
