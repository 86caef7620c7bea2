/**
 * Which whole numbers of things make the most of uncertain uses, within limits: mathematics that knows nothing of first
 * aid. Start with {@link hodeon.core.kit.choice.Choice}, then {@link hodeon.core.kit.choice.Optimiser}.
 */
@NullMarked
package hodeon.core.kit.choice;

import org.jspecify.annotations.NullMarked;
