/** What every page shares: layout, errors, figures in words, the clock. Knows no subject. Start with {@link hodeon.app.shell.ErrorPages}. */
@NullMarked
package hodeon.app.shell;

import org.jspecify.annotations.NullMarked;
