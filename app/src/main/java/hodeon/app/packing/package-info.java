/** Who carries what. Start with {@link hodeon.app.packing.CarryController}. */
@NullMarked
package hodeon.app.packing;

import org.jspecify.annotations.NullMarked;
