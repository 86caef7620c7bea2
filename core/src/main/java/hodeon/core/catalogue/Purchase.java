package hodeon.core.catalogue;

import hodeon.core.units.Money;

/**
 * How a supply is bought.
 *
 * @param price of one piece
 * @param piecesPerPack pieces in a retail pack, 1 or more
 */
public record Purchase(Money price, int piecesPerPack) {}
