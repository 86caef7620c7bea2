package hodeon.core.medication.gate;

import hodeon.core.catalogue.Supply;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import java.math.BigDecimal;
import java.util.Optional;

/**
 * What pieces that somebody was given are as a dose.
 *
 * <p>Worked example, a test: two pieces of paracetamol are 2 tablets of 500 mg, a sachet of a child's syrup is 5 ml. An inhaler for many
 * uses is no dose, nor is a tube of cream, which works on the spot.
 *
 * @param units of the product's form
 */
public record LoggedUse(Product product, BigDecimal units) {

    /** Empty where a piece is not what one person swallows. */
    public static Optional<LoggedUse> of(Formulary formulary, Supply supply, int pieces) {
        return formulary
                .inSupply(supply.id())
                .filter(p -> !p.form().onTheSpot() && supply.usesPerPiece() <= 1)
                .map(p -> new LoggedUse(p, p.perPiece().multiply(BigDecimal.valueOf(pieces))));
    }
}
