/** Quantities that never travel without their unit. Start with {@link hodeon.core.units.Mass}. */
@NullMarked
package hodeon.core.units;

import org.jspecify.annotations.NullMarked;
