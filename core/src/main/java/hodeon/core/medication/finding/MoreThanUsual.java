package hodeon.core.medication.finding;

import hodeon.core.units.Dose;
import java.time.Duration;

/** In what a household's own pack goes beyond the usual label. */
public sealed interface MoreThanUsual extends Finding {

    record AtOnce(Dose usual) implements MoreThanUsual {}

    record Sooner(Duration usual) implements MoreThanUsual {}

    record InADay(Dose usual) implements MoreThanUsual {}
}
