/** What to get, from where and at what cost; what to move before it expires. Start with {@link hodeon.app.restock.RestockService}. */
@NullMarked
package hodeon.app.restock;

import org.jspecify.annotations.NullMarked;
