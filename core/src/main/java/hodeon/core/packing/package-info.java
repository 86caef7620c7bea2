/** Where the pieces of a plan lie. Start with {@link hodeon.core.packing.Arrangement}: what lies in which
 * compartment; {@link hodeon.core.packing.Carry}: who carries what. */
@NullMarked
package hodeon.core.packing;

import org.jspecify.annotations.NullMarked;
