/** What was used and what to get: shortfall, filling from home, whole packs. Start with {@link hodeon.core.usage.Restock}. */
@NullMarked
package hodeon.core.usage;

import org.jspecify.annotations.NullMarked;
