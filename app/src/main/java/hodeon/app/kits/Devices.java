package hodeon.app.kits;

import hodeon.app.check.FoundLast.Charged;
import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Devices in a kit: what they run on, how full they were found last, and how much of what they use up is there. */
final class Devices {

    private Devices() {}

    static boolean any(List<Held> held, Stock here) {
        return held.stream()
                .anyMatch(h -> Optional.ofNullable(here.supplies().get(h.lot().supply()))
                        .filter(s -> s.keeping().battery())
                        .isPresent());
    }

    /** A line each. */
    static List<String> of(List<Held> held, Stock here, Map<UUID, Charged> charged) {
        List<String> told = new ArrayList<>();
        Set<UUID> seen = new HashSet<>();
        for (Held one : held) {
            Optional<Supply> supply = Optional.ofNullable(
                            here.supplies().get(one.lot().supply()))
                    .filter(s -> s.keeping().battery());
            if (supply.isEmpty() || !seen.add(one.lot().id())) {
                continue;
            }
            StringBuilder line = new StringBuilder(supply.get().name());
            if (!supply.get().keeping().power().isEmpty()) {
                line.append(": ").append(supply.get().keeping().power());
            }
            Optional.ofNullable(charged.get(one.lot().id()))
                    .ifPresentOrElse(
                            c -> line.append(Wording.says("devices.at") + " ")
                                    .append(c.percent())
                                    .append(" " + Wording.says("devices.on") + " ")
                                    .append(c.on()),
                            () -> line.append(Wording.says("devices.chargeNotLookedAtYet")));
            supply.get().keeping().usesUp().stream().sorted().forEach(id -> line.append("; ")
                    .append(here.nameOf(id))
                    .append(": ")
                    .append(pieces(held, id)));
            told.add(line.toString());
        }
        return told;
    }

    private static int pieces(List<Held> held, String supply) {
        return held.stream()
                .filter(h -> h.lot().supply().equals(supply))
                .mapToInt(Held::pieces)
                .sum();
    }
}
