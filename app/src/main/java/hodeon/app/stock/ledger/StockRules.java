package hodeon.app.stock.ledger;

import hodeon.core.stock.Grace;

/**
 * A household's rules of keeping in date.
 *
 * @param marginDays days something must still be good after the return, 0 to 365
 */
public record StockRules(int marginDays, Grace grace) {

    public static final int MOST_MARGIN = 365;
    public static final StockRules USUAL = new StockRules(14, Grace.NONE);
}
