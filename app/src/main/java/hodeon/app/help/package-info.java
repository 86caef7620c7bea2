/** Help: a few sentences for each page, and the words of the craft. Start with {@link hodeon.app.help.HelpController}. */
@NullMarked
package hodeon.app.help;

import org.jspecify.annotations.NullMarked;
