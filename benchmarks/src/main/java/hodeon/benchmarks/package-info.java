/** Measurements on the invented sample trip; they print figures and assert nothing. Start with {@link hodeon.benchmarks.DecisionCore}. */
@NullMarked
package hodeon.benchmarks;

import org.jspecify.annotations.NullMarked;
