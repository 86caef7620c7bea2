/** A kit that stands somewhere and goes along on an outing. Start with {@link hodeon.app.kits.base.OutingBase}. */
@NullMarked
package hodeon.app.kits.base;

import org.jspecify.annotations.NullMarked;
