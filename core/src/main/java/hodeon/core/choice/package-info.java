/**
 * Which whole numbers of things make the most of uncertain uses, within limits: mathematics that knows nothing of first
 * aid. Start with {@link hodeon.core.choice.Choice}, then {@link hodeon.core.choice.Optimiser}.
 */
@NullMarked
package hodeon.core.choice;

import org.jspecify.annotations.NullMarked;
