package hodeon.app.stock;

import hodeon.app.shell.Wording;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.catalogue.Supply;
import hodeon.core.stock.Freshness;
import hodeon.core.stock.GoodUntil;
import hodeon.core.stock.Held;
import hodeon.core.stock.Lot;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A lot at a place as the pages show it.
 *
 * @param pocket the compartments where its kind lies; empty if nobody said
 * @param detail product, lot code and the like in one line
 * @param until the last good day; “does not expire”
 * @param why what ends it
 * @param state over, soon or fine
 */
public record LotView(
        UUID id,
        UUID place,
        String placeName,
        String pocket,
        String supply,
        String name,
        String group,
        int pieces,
        String unit,
        String counted,
        String detail,
        String until,
        String why,
        String away,
        State state) {

    /** With a sign and a word, never by colour alone. */
    public enum State {
        OVER("✕", "over"),
        SOON("◐", "soon"),
        FINE("○", "good");

        private final String sign;
        private final String word;

        State(String sign, String word) {
            this.sign = sign;
            this.word = word;
        }

        public String sign() {
            return sign;
        }

        public String word() {
            return word;
        }
    }

    public static LotView of(Held held, Stock stock, LocalDate today) {
        Lot lot = held.lot();
        Optional<Supply> supply = Optional.ofNullable(stock.supplies().get(lot.supply()));
        return new LotView(
                lot.id(),
                held.place(),
                stock.placeName(held.place()),
                stock.pocket(held.place(), lot.supply()),
                lot.supply(),
                stock.nameOf(lot.supply()),
                supply.map(s -> s.group().label()).orElse(Wording.says("lotView.notInTheCatalogue")),
                held.pieces(),
                stock.piece(lot.supply()),
                stock.counted(held.pieces(), lot.supply()),
                detail(lot),
                Days.until(held),
                held.good().map(g -> why(g, lot)).orElse(""),
                held.good().map(g -> Days.away(g.day(), today)).orElse(""),
                state(held, today));
    }

    /** A lot of which nothing is left at a place. */
    public static LotView gone(UUID lot, UUID place, String supply, Stock stock) {
        return new LotView(
                lot,
                place,
                stock.placeName(place),
                "",
                supply,
                stock.nameOf(supply),
                "",
                0,
                stock.piece(supply),
                "none",
                "",
                Wording.says("lotView.nothingIsLeftOfIt"),
                "",
                "",
                State.FINE);
    }

    public static State state(Held held, LocalDate today) {
        return switch (Freshness.of(held.lastDay(), today)) {
            case OVER -> State.OVER;
            case SOON -> State.SOON;
            case GOOD -> State.FINE;
        };
    }

    private static String why(GoodUntil good, Lot lot) {
        return switch (good.reason()) {
            case PRINTED ->
                lot.printed()
                        .filter(p -> p.monthOnly())
                        .map(p -> Wording.says("lotView.printed", YearMonth.from(p.lastDay())))
                        .orElse("printed");
            case OPENED -> Wording.says("lotView.opened", lot.opened().orElseThrow());
            case DECANTED -> Wording.says("lotView.decanted", lot.decanted().orElseThrow());
            case WITHDRAWN -> good.reason().words();
            case TYPICAL -> Wording.says("lotView.ofSuchThings", good.reason().words());
        };
    }

    private static String detail(Lot lot) {
        return Stream.of(
                        lot.product(),
                        lot.code().isEmpty() ? "" : Wording.says("lotView.lot", lot.code()),
                        lot.opened().map(d -> "open").orElse(""),
                        lot.decanted().map(d -> "decanted").orElse(""))
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** In catalogue order, of each supply the first to expire first. */
    public static List<Held> inOrder(List<Held> held, Stock stock) {
        Map<String, Integer> order = new HashMap<>();
        stock.supplies().keySet().forEach(id -> order.put(id, order.size()));
        return held.stream()
                .sorted(Comparator.comparingInt(
                                (Held h) -> order.getOrDefault(h.lot().supply(), order.size()))
                        .thenComparing(Held.FIRST_EXPIRED))
                .toList();
    }
}
