package hodeon.app.stock.ledger;

import hodeon.core.stock.Grace;

/**
 * A household's rules of keeping in date, and the money it reckons in.
 *
 * @param marginDays days something must still be good after the return, 0 to 365
 * @param currency ISO 4217 code; empty if nobody said
 */
public record StockRules(int marginDays, Grace grace, String currency) {

    public static final int MOST_MARGIN = 365;
    public static final StockRules USUAL = new StockRules(14, Grace.NONE, "");
}
