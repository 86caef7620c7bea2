/** Which supplies earn their place, exactly. Start with {@link hodeon.core.kit.Plan}; the arithmetic is in {@link hodeon.core.kit.Optimiser}. */
@NullMarked
package hodeon.core.kit;

import org.jspecify.annotations.NullMarked;
