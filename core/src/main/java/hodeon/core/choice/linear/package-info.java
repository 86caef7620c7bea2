/** Linear programmes and the one library that solves them. Start with {@link hodeon.core.choice.linear.Model}. */
@NullMarked
package hodeon.core.choice.linear;

import org.jspecify.annotations.NullMarked;
