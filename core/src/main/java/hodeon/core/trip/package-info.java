/** Where the party goes, for how long and how far from help. Start with {@link hodeon.core.trip.Trip}. */
@NullMarked
package hodeon.core.trip;

import org.jspecify.annotations.NullMarked;
