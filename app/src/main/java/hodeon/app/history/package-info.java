/** Who changed what on outings, kits, lists, people and settings, and how it is undone. Start with {@link hodeon.app.history.Changes}. */
@NullMarked
package hodeon.app.history;

import org.jspecify.annotations.NullMarked;
