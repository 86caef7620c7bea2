/** The mat and the saved kit. Start with {@link hodeon.app.kit.MatController}. */
@NullMarked
package hodeon.app.kit;

import org.jspecify.annotations.NullMarked;
