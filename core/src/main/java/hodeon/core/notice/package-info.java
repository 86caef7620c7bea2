/** Faults as values, collected and reported once. Start with {@link hodeon.core.notice.Faults}. */
@NullMarked
package hodeon.core.notice;

import org.jspecify.annotations.NullMarked;
