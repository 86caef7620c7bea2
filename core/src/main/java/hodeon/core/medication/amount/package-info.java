/** How much medicine a trip takes along. Start with {@link hodeon.core.medication.amount.TripSupply}. */
@NullMarked
package hodeon.core.medication.amount;

import org.jspecify.annotations.NullMarked;
