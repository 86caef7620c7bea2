/** What must be on paper: cards, labels and forms as pages and as PDF. Start with {@link hodeon.app.paper.Papers}. */
@NullMarked
package hodeon.app.paper;

import org.jspecify.annotations.NullMarked;
