package hodeon.core.readiness;

import hodeon.core.units.Money;

/**
 * A retail pack of a supply.
 *
 * @param name what the seller calls it
 * @param pieces in one pack, 1 to 1,000
 * @param price of one pack
 */
public record Offer(String name, int pieces, Money price) {

    public static final int MOST_PIECES = 1_000;

    public Offer {
        if (pieces < 1 || pieces > MOST_PIECES) {
            throw new IllegalArgumentException("A pack of " + pieces + " pieces is outside 1 to " + MOST_PIECES + ".");
        }
    }

    /** In hundredths for each piece. */
    public double perPiece() {
        return (double) price.hundredths() / pieces;
    }

    /** Price of one piece for each year it is ready, in hundredths; as if it lasted a month if it lasts less. */
    public double perYearOfReadiness(int monthsGood) {
        return perPiece() * 12 / Math.max(1, monthsGood);
    }
}
