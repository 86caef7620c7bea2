package hodeon.core.need;

import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Step;

/**
 * What one step of a problem would use up.
 *
 * @param perEvent pieces one event takes
 * @param onTrip pieces the whole trip takes
 */
public record StepForecast(Step step, Capability capability, Distribution perEvent, Distribution onTrip) {}
