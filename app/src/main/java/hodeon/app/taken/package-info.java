/** What somebody took from a kit, told by whoever stands before it, without an account. Start with {@link hodeon.app.taken.Taking}. */
@NullMarked
package hodeon.app.taken;

import org.jspecify.annotations.NullMarked;
