/** A route file read into a brief. Start with {@link hodeon.app.brief.route.RouteController}. */
@NullMarked
package hodeon.app.brief.route;

import org.jspecify.annotations.NullMarked;
