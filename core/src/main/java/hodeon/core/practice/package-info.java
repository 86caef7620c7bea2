/** Drills on one's own kit: what is asked, how it is marked, when it is asked again. Start with {@link hodeon.core.practice.Drill}. */
@NullMarked
package hodeon.core.practice;

import org.jspecify.annotations.NullMarked;
