package hodeon.app.stock.place;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * Where things lie.
 *
 * @param inside the kit or module that it lies in
 * @param belongsIn where a module belongs; other than {@code inside} while it is lifted out
 * @param kitId the list that says what belongs here
 * @param filledFrom what it is refilled from before anything is bought
 */
public record Place(
        UUID id,
        String name,
        Kind kind,
        Optional<UUID> inside,
        Optional<UUID> belongsIn,
        Optional<UUID> kitId,
        Optional<UUID> filledFrom,
        Facts facts,
        LocalDate madeOn) {

    /**
     * What is known of it as a thing.
     *
     * @param stands where it stands, as “boathouse, left locker”; empty if nobody said
     * @param knownBy who knows that; empty if nobody said
     * @param condition empty if nothing is remarkable
     * @param retiredOn since when it is out of use
     */
    public record Facts(String stands, String knownBy, String condition, Optional<LocalDate> retiredOn) {}

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
                Optional.ofNullable(row.belongsIn),
                Optional.ofNullable(row.kitId),
                Optional.ofNullable(row.filledFrom),
                new Facts(row.stands, row.knownBy, row.condition, Optional.ofNullable(row.retiredOn)),
                row.madeOn);
    }

    public boolean isShelf() {
        return kind == Kind.SHELF;
    }

    /** Whether it is used and checked as a kit of its own: what lies in nothing else, be it a module that was lifted out. */
    public boolean isKit() {
        return kind != Kind.SHELF && inside.isEmpty() && facts.retiredOn().isEmpty();
    }

    /** Whether it is a module that does not lie where it belongs. */
    public boolean isLifted() {
        return belongsIn.isPresent() && !belongsIn.equals(inside);
    }
}
