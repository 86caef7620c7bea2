/** Walking through a kit and writing down what was found. Start with {@link hodeon.app.check.CheckService}. */
@NullMarked
package hodeon.app.check;

import org.jspecify.annotations.NullMarked;
