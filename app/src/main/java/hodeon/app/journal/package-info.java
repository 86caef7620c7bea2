/**
 * What happened on a trip, noted in or out of the server's reach; the use log and the debrief. Start with
 * {@link hodeon.app.journal.UseLog}.
 */
@NullMarked
package hodeon.app.journal;

import org.jspecify.annotations.NullMarked;
