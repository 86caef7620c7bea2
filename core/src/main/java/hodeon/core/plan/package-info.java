/** The question a brief asks of the supplies, and its answer: who cannot have what, backbone and floors, how many are enough, burden.
 * Start with {@link hodeon.core.plan.KitQuestion} and {@link hodeon.core.plan.Planner}; the mathematics is in {@link hodeon.core.choice.Optimiser}.
 */
@NullMarked
package hodeon.core.plan;

import org.jspecify.annotations.NullMarked;
