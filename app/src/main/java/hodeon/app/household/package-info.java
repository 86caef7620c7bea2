/**
 * Households, accounts and who belongs to what. Start with {@link hodeon.app.household.Member} and
 * {@link hodeon.app.household.Role}.
 */
@NullMarked
package hodeon.app.household;

import org.jspecify.annotations.NullMarked;
