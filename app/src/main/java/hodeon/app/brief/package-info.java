/** The brief of a trip, kept. Start with {@link hodeon.app.brief.TripService}. */
@NullMarked
package hodeon.app.brief;

import org.jspecify.annotations.NullMarked;
