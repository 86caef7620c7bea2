package hodeon.app.stock.place;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * Where things lie.
 *
 * @param inside the kit a module lies in
 * @param kitId the saved kit that says what is to lie here
 */
public record Place(UUID id, String name, Kind kind, Optional<UUID> inside, Optional<UUID> kitId, LocalDate madeOn) {

    /** Kits are checked and made ready; a shelf is what they are filled from. */
    public enum Kind {
        KIT("kit"),
        MODULE("module"),
        SHELF("shelf");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public static Place of(PlaceRow row) {
        return new Place(
                row.id,
                row.name,
                row.kind,
                Optional.ofNullable(row.inside),
                Optional.ofNullable(row.kitId),
                row.madeOn);
    }

    public boolean isShelf() {
        return kind == Kind.SHELF;
    }
}
