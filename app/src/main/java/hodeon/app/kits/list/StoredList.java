package hodeon.app.kits.list;

import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.readiness.AgainstList;
import hodeon.core.readiness.KitList;
import hodeon.core.readiness.Substitution;
import hodeon.core.units.Mass;
import hodeon.core.units.Volume;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * A list of what belongs in a kit, in catalogue order; what the household's catalogue no longer has is not among its lines.
 *
 * @param tripId the outing it was balanced for, if it was for one
 * @param base the kit that the outing takes along, and {@code module} what lies in it for as long as the outing lasts
 * @param version counts every change of it, for telling whether somebody was quicker
 */
public record StoredList(
        UUID id,
        String name,
        Optional<UUID> tripId,
        Optional<UUID> base,
        Optional<UUID> module,
        LocalDateTime savedAt,
        long version,
        List<Line> lines) {

    /** A line with its supply. */
    public record Line(Supply supply, KitList.Line line) {

        public int pieces() {
            return line.target();
        }

        public Mass mass() {
            return supply.mass().times(line.target());
        }
    }

    public StoredList {
        lines = List.copyOf(lines);
    }

    public KitList list() {
        return new KitList(lines.stream().map(Line::line).toList());
    }

    /** Where it is packed: the kit that its outing takes along, else the first in which it is laid. */
    public Optional<Place> place(Stock all) {
        return base.map(all.places()::get).or(() -> all.placeOf(id));
    }

    /** What lies in a kit held against this list, as it will be on a day. */
    public AgainstList against(UUID kit, Stock stock, LocalDate until, Substitution substitution) {
        List<AgainstList.Piece> there = stock.inKit(kit).stream()
                .map(h -> new AgainstList.Piece(h, h.place().equals(kit) ? "" : stock.placeName(h.place())))
                .toList();
        return AgainstList.of(list(), there, until, substitution);
    }

    public Mass mass() {
        return lines.stream().map(Line::mass).reduce(Mass.ZERO, Mass::plus);
    }

    public Volume volume() {
        return lines.stream().map(l -> l.supply().volume().times(l.pieces())).reduce(Volume.ZERO, Volume::plus);
    }

    /** Targets by supply id over all modules. */
    public Map<String, Integer> pieces() {
        Map<String, Integer> pieces = new LinkedHashMap<>();
        lines.forEach(l -> pieces.merge(l.supply().id(), l.pieces(), Integer::sum));
        return pieces;
    }

    /** Kinds of supplies, each once whatever number of modules it lies in. */
    public int kinds() {
        return pieces().size();
    }
}
