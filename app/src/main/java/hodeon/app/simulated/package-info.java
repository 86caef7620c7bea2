/** Stand-ins for outside devices, clearly named as simulated. Start with {@link hodeon.app.simulated.SimulatedController}. */
@NullMarked
package hodeon.app.simulated;

import org.jspecify.annotations.NullMarked;
