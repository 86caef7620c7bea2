/** The brief: a trip described, checked and kept. Start with {@link hodeon.app.trip.TripController}. */
@NullMarked
package hodeon.app.trip;

import org.jspecify.annotations.NullMarked;
