/** The home page: trips and kits. Start with {@link hodeon.app.shelf.ShelfController}. */
@NullMarked
package hodeon.app.shelf;

import org.jspecify.annotations.NullMarked;
