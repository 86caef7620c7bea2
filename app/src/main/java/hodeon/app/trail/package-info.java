/** Noting what happens on a trip, in or out of the server's reach, and the debrief after it. Start with {@link hodeon.app.trail.TrailController}. */
@NullMarked
package hodeon.app.trail;

import org.jspecify.annotations.NullMarked;
