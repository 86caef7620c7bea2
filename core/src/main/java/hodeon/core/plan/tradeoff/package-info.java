/** What can be read off a plan: curve, prune, comparison, rehearsal, what it can do if something happens, the smallest module. Start with
 * {@link hodeon.core.plan.tradeoff.Curve}.
 */
@NullMarked
package hodeon.core.plan.tradeoff;

import org.jspecify.annotations.NullMarked;
