/** One's own account: password, second factor, recovery, sessions. */
@NullMarked
package hodeon.app.household.account;

import org.jspecify.annotations.NullMarked;
