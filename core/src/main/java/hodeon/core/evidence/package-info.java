/**
 * Figures with where they come from. Start with {@link hodeon.core.evidence.PlanningAssumption}, the one register of what is assumed,
 * and {@link hodeon.core.evidence.Rate}.
 */
@NullMarked
package hodeon.core.evidence;

import org.jspecify.annotations.NullMarked;
