package hodeon.app.kits;

import hodeon.core.catalogue.Supply;
import hodeon.core.units.Mass;
import hodeon.core.units.Volume;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

/** A saved kit with its contents, in catalogue order. */
public record Kit(UUID id, String name, Optional<UUID> tripId, LocalDateTime savedAt, List<Line> lines) {

    /** So many pieces of a supply. */
    public record Line(Supply supply, int pieces) {

        public Mass mass() {
            return supply.mass().times(pieces);
        }
    }

    public Kit {
        lines = List.copyOf(lines);
    }

    public Mass mass() {
        return lines.stream().map(Line::mass).reduce(Mass.ZERO, Mass::plus);
    }

    public Volume volume() {
        return lines.stream().map(l -> l.supply().volume().times(l.pieces())).reduce(Volume.ZERO, Volume::plus);
    }

    public Map<String, Integer> pieces() {
        return lines.stream().collect(Collectors.toMap(l -> l.supply().id(), Line::pieces));
    }
}
