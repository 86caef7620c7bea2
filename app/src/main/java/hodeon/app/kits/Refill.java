package hodeon.app.kits;

import hodeon.app.shell.Wording;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;

/** What a kit would be given from what stands above it; the one allocation over all kits and outings answers. */
public interface Refill {

    /** @param until the day that what is given outlasts */
    record Given(LocalDate until, List<Take> takes) {

        /**
         * Pieces of a supply from one place.
         *
         * @param from what tells the place from every other
         */
        public record Take(String supply, String from, int pieces) {}

        int pieces(String supply) {
            return takes.stream()
                    .filter(t -> t.supply().equals(supply))
                    .mapToInt(Take::pieces)
                    .sum();
        }

        /** “Comfort bag and Hall shelf”. */
        String from(String supply) {
            return takes.stream()
                    .filter(t -> t.supply().equals(supply))
                    .map(Take::from)
                    .distinct()
                    .collect(Collectors.joining(" " + Wording.says("sheetController.and") + " "));
        }
    }

    Given of(UUID household, UUID kit);
}
