/** What was deleted and can still be brought back. Start with {@link hodeon.app.bin.Bin}. */
@NullMarked
package hodeon.app.bin;

import org.jspecify.annotations.NullMarked;
