/** Lists of contents as people write them. Start with {@link hodeon.app.contents.LinesPage}. */
@NullMarked
package hodeon.app.contents;

import org.jspecify.annotations.NullMarked;
