/** What each person may be given, what they had and when the next may be. Start with {@link hodeon.app.dose.DoseBook}. */
@NullMarked
package hodeon.app.dose;

import org.jspecify.annotations.NullMarked;
