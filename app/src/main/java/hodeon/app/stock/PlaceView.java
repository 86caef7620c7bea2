package hodeon.app.stock;

import hodeon.app.shell.Figures;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Held;
import hodeon.core.units.Mass;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A place with what lies in it, in a line.
 *
 * @param first what expires first there; empty if nothing does
 */
record PlaceView(
        UUID id,
        String name,
        String word,
        String inside,
        String kinds,
        String mass,
        String first,
        LotView.State state,
        int over,
        PlaceStrip strip) {

    static PlaceView of(Place place, Stock stock, LocalDate today) {
        List<Held> held = stock.inKit(place.id());
        Mass mass = held.stream()
                .map(h -> Optional.ofNullable(stock.supplies().get(h.lot().supply()))
                        .map(Supply::mass)
                        .orElse(Mass.ZERO)
                        .times(h.pieces()))
                .reduce(Mass.ZERO, Mass::plus);
        Optional<Held> first = held.stream().filter(h -> h.good().isPresent()).min(Comparator.comparing(Held::lastDay));
        return new PlaceView(
                place.id(),
                place.name(),
                place.kind().word(),
                place.inside().map(stock::placeName).orElse(""),
                held.isEmpty()
                        ? "empty"
                        : Figures.counted(
                                held.stream()
                                        .map(h -> h.lot().supply())
                                        .distinct()
                                        .count(),
                                "kind"),
                Figures.grams(mass),
                first.map(h -> stock.nameOf(h.lot().supply()) + ", " + Days.until(h) + ", "
                                + Days.away(h.lastDay(), today))
                        .orElse(""),
                first.map(h -> LotView.state(h, today)).orElse(LotView.State.FINE),
                (int) held.stream().filter(h -> h.lastDay().isBefore(today)).count(),
                PlaceStrip.of(held, today));
    }
}
