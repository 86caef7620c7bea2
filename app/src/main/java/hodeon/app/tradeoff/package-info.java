/**
 * What could be otherwise: answers, curve, prune, compare, rehearse, the smallest module. Start with
 * {@link hodeon.app.tradeoff.CurveController}.
 */
@NullMarked
package hodeon.app.tradeoff;

import org.jspecify.annotations.NullMarked;
