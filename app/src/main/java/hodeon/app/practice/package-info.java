/** Drills on one's own kits, and who practised what. Start with {@link hodeon.app.practice.Practice}. */
@NullMarked
package hodeon.app.practice;

import org.jspecify.annotations.NullMarked;
