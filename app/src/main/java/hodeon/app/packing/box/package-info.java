/** Compartments of a kit, and what lies in which. Start with {@link hodeon.app.packing.box.Boxes}. */
@NullMarked
package hodeon.app.packing.box;

import org.jspecify.annotations.NullMarked;
