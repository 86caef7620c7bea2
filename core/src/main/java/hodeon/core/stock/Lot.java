package hodeon.core.stock;

import hodeon.core.units.Money;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;

/**
 * Pieces of one supply that came together and are alike. What is opened or decanted becomes a lot of its own, so these
 * facts never change.
 *
 * @param supply id in the catalogue
 * @param product what the package calls itself; empty if that was not entered
 * @param code the maker's lot code; empty if none is printed
 * @param received the day it came
 * @param price of one piece
 * @param mostCelsius the warmest it may be stored, where the package says other than the catalogue
 */
public record Lot(
        UUID id,
        String supply,
        String product,
        String code,
        Optional<PrintedExpiry> printed,
        LocalDate received,
        Optional<LocalDate> opened,
        Optional<LocalDate> decanted,
        Optional<Money> price,
        OptionalInt mostCelsius) {

    /** The same pieces after their package was opened. */
    public Lot openedAs(UUID newId, LocalDate on) {
        return new Lot(newId, supply, product, code, printed, received, Optional.of(on), decanted, price, mostCelsius);
    }

    /** The same pieces after they were put into another container. */
    public Lot decantedAs(UUID newId, LocalDate on) {
        return new Lot(newId, supply, product, code, printed, received, opened, Optional.of(on), price, mostCelsius);
    }
}
