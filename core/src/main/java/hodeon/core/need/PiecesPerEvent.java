package hodeon.core.need;

import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Step;
import java.util.List;

/**
 * How many pieces one event takes for one step: first + re-dressing for the days that remain after the day it happens,
 * or + repeats for the hours until care. A day's weight is its share of the exposure.
 */
public final class PiecesPerEvent {

    private static final int HOURS_OF_A_DAY = 24;

    private PiecesPerEvent() {}

    /** @param exposureByDay adjusted person-days on each trip day, not all 0 */
    public static Distribution of(Step step, List<Double> exposureByDay, int hoursToCare) {
        int days = exposureByDay.size();
        double total = exposureByDay.stream().mapToDouble(Double::doubleValue).sum();
        int most = step.first().lastKey() + later(step.repeat(), days, hoursToCare);
        double[] probabilities = new double[most + 1];
        for (int day = 1; day <= days; day++) {
            int later = later(step.repeat(), days - day, hoursToCare);
            double weight = exposureByDay.get(day - 1) / total;
            step.first()
                    .forEach((first, probability) ->
                            // A step that is not needed at first is not repeated either.
                            probabilities[first == 0 ? 0 : first + later] += weight * probability);
        }
        return Distribution.of(probabilities);
    }

    /** How many pieces one event takes until help takes over, after so many hours: by then others dress the wound anew. */
    public static Distribution untilHelp(Step step, int hoursToCare) {
        int later = later(step.repeat(), hoursToCare / HOURS_OF_A_DAY, hoursToCare);
        double[] probabilities = new double[step.first().lastKey() + later + 1];
        step.first().forEach((first, probability) -> probabilities[first == 0 ? 0 : first + later] += probability);
        return Distribution.of(probabilities);
    }

    private static int later(Repeat repeat, int daysLeft, int hoursToCare) {
        return switch (repeat) {
            case Repeat.Once() -> 0;
            case Repeat.Redress redress -> redress.piecesWithin(daysLeft);
            case Repeat.UntilCare untilCare -> untilCare.piecesWithin(hoursToCare);
        };
    }
}
