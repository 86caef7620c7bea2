/** The use log and what a household learned from it. Start with {@link hodeon.app.usage.Knowledge}. */
@NullMarked
package hodeon.app.usage;

import org.jspecify.annotations.NullMarked;
