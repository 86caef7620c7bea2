/** What could happen on a trip and what it would use up. Start with {@link hodeon.core.need.Forecast}. */
@NullMarked
package hodeon.core.need;

import org.jspecify.annotations.NullMarked;
