/** Lots and their movements: the truth about what lies where. Start with {@link hodeon.app.stock.ledger.StockLedger}. */
@NullMarked
package hodeon.app.stock.ledger;

import org.jspecify.annotations.NullMarked;
