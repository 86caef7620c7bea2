/** What must be on paper: cards, labels and forms as pages and as PDF. Start with {@link hodeon.app.card.Deck}. */
@NullMarked
package hodeon.app.card;

import org.jspecify.annotations.NullMarked;
