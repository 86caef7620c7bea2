/**
 * Whether a trip has medicine enough, who cannot have what, and what borders and cabins ask. Start with
 * {@link hodeon.app.medicine.TripMedicines}.
 */
@NullMarked
package hodeon.app.medicine;

import org.jspecify.annotations.NullMarked;
