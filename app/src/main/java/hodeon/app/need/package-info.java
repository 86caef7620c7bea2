/** The odds: what could happen, and why each figure is what it is. Start with {@link hodeon.app.need.OddsController}. */
@NullMarked
package hodeon.app.need;

import org.jspecify.annotations.NullMarked;
