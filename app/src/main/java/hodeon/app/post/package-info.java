/** Mail: through a server where one is named, else into the simulated outbox. */
@NullMarked
package hodeon.app.post;

import org.jspecify.annotations.NullMarked;
