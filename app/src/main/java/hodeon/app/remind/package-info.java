/** Calendar and mail that say what is due. Start with {@link hodeon.app.remind.Reminders}. */
@NullMarked
package hodeon.app.remind;

import org.jspecify.annotations.NullMarked;
