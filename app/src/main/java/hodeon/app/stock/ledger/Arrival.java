package hodeon.app.stock.ledger;

import hodeon.core.stock.PrintedExpiry;
import hodeon.core.units.Money;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;

/**
 * Pieces that come into the household.
 *
 * @param supply id in the catalogue
 * @param product what the package calls itself, may be empty
 * @param article number of 14 digits, may be empty
 * @param price of one piece
 * @param condition what is remarkable about it, may be empty
 */
public record Arrival(
        UUID place,
        String supply,
        int pieces,
        String product,
        String article,
        String lotCode,
        String serial,
        Optional<PrintedExpiry> printed,
        LocalDate received,
        Optional<LocalDate> opened,
        Optional<LocalDate> decanted,
        Optional<Money> price,
        OptionalInt mostCelsius,
        String condition) {

    public static final int MOST_PIECES = 100_000;

    /** Pieces of a supply with a date or none, and nothing else known. */
    public static Arrival of(
            UUID place, String supply, int pieces, Optional<PrintedExpiry> printed, LocalDate received) {
        return new Arrival(
                place,
                supply,
                pieces,
                "",
                "",
                "",
                "",
                printed,
                received,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                "");
    }
}
