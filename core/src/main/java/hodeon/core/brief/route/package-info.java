/** A way over land: how long it is, how much it climbs, how long it takes on foot. Start with {@link hodeon.core.brief.route.Route}. */
@NullMarked
package hodeon.core.brief.route;

import org.jspecify.annotations.NullMarked;
