/** A household out of the application and into it. Start with {@link hodeon.app.transfer.Restore}. */
@NullMarked
package hodeon.app.transfer;

import org.jspecify.annotations.NullMarked;
