/** Whether a trip's kit is ready, and what to do if not. Start with {@link hodeon.app.ready.ReadyService}. */
@NullMarked
package hodeon.app.ready;

import org.jspecify.annotations.NullMarked;
