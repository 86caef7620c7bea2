/** Accounts, sign-in and whose data is whose. Start with {@link hodeon.app.household.SecurityRules}. */
@NullMarked
package hodeon.app.household;

import org.jspecify.annotations.NullMarked;
