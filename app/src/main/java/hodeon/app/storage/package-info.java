/** The database file and what is said when it cannot be opened. Start with {@link hodeon.app.storage.DatabaseTrouble}. */
@NullMarked
package hodeon.app.storage;

import org.jspecify.annotations.NullMarked;
