/** Whether a trip has medicine enough, who cannot have what, and what borders and cabins ask. Start with {@link hodeon.app.enough.TripMedicines}. */
@NullMarked
package hodeon.app.enough;

import org.jspecify.annotations.NullMarked;
