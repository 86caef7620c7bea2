/** What a kit uses in a usual week. Start with {@link hodeon.app.kits.use.KitUse}. */
@NullMarked
package hodeon.app.kits.use;

import org.jspecify.annotations.NullMarked;
