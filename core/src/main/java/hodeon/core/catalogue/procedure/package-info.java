/**
 * The words of first aid: what to do about each problem, how supplies are used that hurt when misused, where schools differ,
 * and what a leader decides on the way. Start with {@link hodeon.core.catalogue.procedure.Guidance}.
 */
@NullMarked
package hodeon.core.catalogue.procedure;

import org.jspecify.annotations.NullMarked;
