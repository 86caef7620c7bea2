/**
 * JSON under {@code /api/v1}: the arithmetic for anybody's own numbers, and a household's trips and plans.
 * Start with {@link hodeon.app.api.ArithmeticController}.
 */
@NullMarked
package hodeon.app.api;

import org.jspecify.annotations.NullMarked;
