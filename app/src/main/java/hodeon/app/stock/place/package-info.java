/** Places where things lie. Start with {@link hodeon.app.stock.place.Place}. */
@NullMarked
package hodeon.app.stock.place;

import org.jspecify.annotations.NullMarked;
