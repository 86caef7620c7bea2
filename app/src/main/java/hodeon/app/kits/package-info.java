/**
 * Kits as they stand in the world, the lists of what belongs in them, and their modules. Start with
 * {@link hodeon.app.kits.KitController}.
 */
@NullMarked
package hodeon.app.kits;

import org.jspecify.annotations.NullMarked;
