/** What is owned, where it lies and until when it is good. Start with {@link hodeon.core.stock.Ledger}. */
@NullMarked
package hodeon.core.stock;

import org.jspecify.annotations.NullMarked;
