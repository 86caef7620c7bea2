/** Finding anything by its name. Start with {@link hodeon.app.find.FindController}. */
@NullMarked
package hodeon.app.find;

import org.jspecify.annotations.NullMarked;
