/** Until when everything is good, against coming trips and checks. Start with {@link hodeon.app.timeline.Timeline}. */
@NullMarked
package hodeon.app.timeline;

import org.jspecify.annotations.NullMarked;
