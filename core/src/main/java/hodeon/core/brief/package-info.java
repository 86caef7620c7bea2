/** Where the party goes, for how long and how far from help. Start with {@link hodeon.core.brief.Trip}. */
@NullMarked
package hodeon.core.brief;

import org.jspecify.annotations.NullMarked;
