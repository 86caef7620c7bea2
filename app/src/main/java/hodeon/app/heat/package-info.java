/** What a temperature log says about what was stored there. Start with {@link hodeon.app.heat.HeatController}. */
@NullMarked
package hodeon.app.heat;

import org.jspecify.annotations.NullMarked;
