/** Tokens by which programs act for somebody. */
@NullMarked
package hodeon.app.household.token;

import org.jspecify.annotations.NullMarked;
