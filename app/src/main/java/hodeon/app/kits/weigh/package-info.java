/** A round with the kitchen scale: everything in a kit weighed one kind after another, so that its mass is its own. */
@NullMarked
package hodeon.app.kits.weigh;

import org.jspecify.annotations.NullMarked;
