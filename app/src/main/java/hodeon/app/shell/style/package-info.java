/** In which units, dates and language a household reads and writes. What is kept, and what other programs get, stays metric. */
@NullMarked
package hodeon.app.shell.style;

import org.jspecify.annotations.NullMarked;
