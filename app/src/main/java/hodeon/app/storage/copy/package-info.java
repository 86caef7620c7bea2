/** Copies of the whole database: every day by itself, and from the command line. Start with {@link hodeon.app.storage.copy.CopyFile}. */
@NullMarked
package hodeon.app.storage.copy;

import org.jspecify.annotations.NullMarked;
