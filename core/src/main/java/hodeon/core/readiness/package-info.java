/** What was used and what to get: shortfall, filling from home, whole packs. Start with {@link hodeon.core.readiness.Restock}. */
@NullMarked
package hodeon.core.readiness;

import org.jspecify.annotations.NullMarked;
