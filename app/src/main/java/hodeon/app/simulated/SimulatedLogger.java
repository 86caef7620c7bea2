package hodeon.app.simulated;

import java.time.LocalDate;
import java.util.Locale;

/** Writes what a temperature logger left in a car for three sunny days would have written, a reading each half hour. */
final class SimulatedLogger {

    private static final int DAYS = 3;

    private SimulatedLogger() {}

    static String hotCar(LocalDate lastDay) {
        StringBuilder csv = new StringBuilder("time,celsius\r\n");
        LocalDate first = lastDay.minusDays(DAYS);
        for (int half = 0; half < DAYS * 48; half++) {
            double hour = half / 2.0 % 24;
            // Coolest before dawn, hottest at three in the afternoon; the second day is the hottest.
            double sun = Math.max(0, Math.sin(Math.PI * (hour - 7) / 16));
            double celsius = 16 + (28 + 6 * (half / 48 == 1 ? 1 : 0)) * sun;
            csv.append(String.format(
                    Locale.ROOT,
                    "%sT%02d:%02d,%.1f\r\n",
                    first.plusDays(half / 48),
                    (int) hour,
                    half % 2 * 30,
                    celsius));
        }
        return csv.toString();
    }
}
