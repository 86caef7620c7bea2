/** Saved kits: what belongs in one. Start with {@link hodeon.app.kits.KitService}. */
@NullMarked
package hodeon.app.kits;

import org.jspecify.annotations.NullMarked;
