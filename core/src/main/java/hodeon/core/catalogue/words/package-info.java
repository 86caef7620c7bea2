/**
 * What people call things: lines of lists in anybody's own words. Start with {@link hodeon.core.catalogue.words.LineReader}: what a line
 * names, how many, and until when.
 */
@NullMarked
package hodeon.core.catalogue.words;

import org.jspecify.annotations.NullMarked;
