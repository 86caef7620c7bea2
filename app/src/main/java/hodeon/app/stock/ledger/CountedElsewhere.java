package hodeon.app.stock.ledger;

import hodeon.app.shell.Wording;

/** The number of pieces at a place is not what somebody saw when they began to count. */
public class CountedElsewhere extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final int seen;
    private final int there;

    CountedElsewhere(int seen, int there) {
        super(Wording.says("countedElsewhere.thePageShowedPiecesSinceThen", seen, there));
        this.seen = seen;
        this.there = there;
    }

    public int seen() {
        return seen;
    }

    public int there() {
        return there;
    }
}
