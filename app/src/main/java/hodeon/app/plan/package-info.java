/** The plan of a kit, computed once and kept while its trip is the same. Start with {@link hodeon.app.plan.KitCalculator}. */
@NullMarked
package hodeon.app.plan;

import org.jspecify.annotations.NullMarked;
