package hodeon.app.readiness;

import hodeon.app.shell.Wording;
import hodeon.app.shell.chart.Scale;
import hodeon.app.shell.chart.Tick;
import hodeon.app.stock.Days;
import hodeon.app.stock.LotView;
import hodeon.app.stock.ledger.Stock;
import hodeon.core.stock.Held;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;

/**
 * The drawing of effective expiries from today to some months ahead. One row a place or a product, or one a lot where a
 * single place is looked at; lots of a row that end within the width of a mark share it.
 *
 * @param fails what does not outlast which trip, the nearest trip first
 */
record Timeline(
        List<Row> rows, List<Band> trips, List<Tick> ticks, List<Fail> fails, List<Line> table, int height, int more) {

    static final int LEFT = 210;
    static final int RIGHT = 900;
    private static final int TOP = 46;
    private static final int ROW = 26;
    private static final int MOST_ROWS = 200;
    private static final int MOST_LINES = 300;
    private static final int MARK_WIDTH = 9;

    /** @param bar to the last date of a row, as a length */
    record Row(
            String name,
            String address,
            int y,
            String bar,
            List<Mark> marks,
            List<String> checks,
            String over,
            String later) {}

    /** Its sign: a cross fails a trip or is over, half is soon, round is good. */
    record Mark(String x, LotView.State state, String says, int lots) {}

    record Band(String x, String width, String name, String says) {}

    record Fail(String trip, String dates, String what, UUID lot) {}

    record Line(
            UUID lot, String name, String place, String pieces, String until, String why, String state, String fails) {}

    /** A trip with the place of its kit. */
    record Trip(String name, LocalDate start, LocalDate end, UUID place) {}

    /** A check of a place. */
    record Check(UUID place, LocalDate due, String name) {}

    enum By {
        KIT,
        PRODUCT
    }

    static Timeline of(
            Stock all, Optional<UUID> only, By by, int months, List<Trip> trips, List<Check> checks, LocalDate today) {
        return new Drawing(
                        all,
                        only,
                        by,
                        today,
                        today.plusMonths(months),
                        Scale.ofDays(today, today.plusMonths(months), LEFT, RIGHT),
                        trips,
                        checks)
                .timeline();
    }

    private record Drawing(
            Stock all,
            Optional<UUID> only,
            By by,
            LocalDate today,
            LocalDate last,
            Scale across,
            List<Trip> trips,
            List<Check> checks) {

        Timeline timeline() {
            List<Held> dated = (only.isPresent() ? all.inKit(only.get()) : all.held())
                    .stream()
                            .filter(h -> h.good().isPresent())
                            .sorted(Held.FIRST_EXPIRED)
                            .toList();
            Map<String, List<Held>> rows = rows(dated);
            List<Row> drawn = new ArrayList<>();
            rows.forEach((key, held) -> {
                if (drawn.size() < MOST_ROWS) {
                    drawn.add(row(key, held, TOP + ROW * drawn.size()));
                }
            });
            return new Timeline(
                    drawn,
                    bands(),
                    Tick.months(across, today, last),
                    fails(),
                    dated.stream().limit(MOST_LINES).map(this::line).toList(),
                    TOP + ROW * drawn.size() + 8,
                    rows.size() - drawn.size());
        }

        /** Rows in the order of what expires first in them. */
        private Map<String, List<Held>> rows(List<Held> dated) {
            Map<String, List<Held>> rows = new LinkedHashMap<>();
            for (Held h : dated) {
                String key = only.isPresent()
                        ? h.lot().id() + " " + h.place()
                        : by == By.KIT ? h.place().toString() : h.lot().supply();
                rows.computeIfAbsent(key, k -> new ArrayList<>()).add(h);
            }
            return rows;
        }

        private Row row(String key, List<Held> held, int y) {
            Held first = held.getFirst();
            String name = only.isPresent() || by == By.PRODUCT
                    ? all.nameOf(first.lot().supply())
                    : all.placeName(first.place());
            String address = only.isPresent()
                    ? "/stock/lots/" + first.lot().id()
                    : by == By.KIT ? "/stock/timeline?place=" + key : "/stock/enter?supply=" + key;
            Map<Integer, List<Held>> near = new TreeMap<>();
            int over = 0;
            int later = 0;
            for (Held h : held) {
                if (h.lastDay().isBefore(today)) {
                    over++;
                } else if (h.lastDay().isAfter(last)) {
                    later++;
                } else {
                    near.computeIfAbsent((int) (across.at(h.lastDay()) / MARK_WIDTH), x -> new ArrayList<>())
                            .add(h);
                }
            }
            List<Mark> marks = near.values().stream().map(this::mark).toList();
            List<String> due = by == By.KIT && only.isEmpty()
                    ? checks.stream()
                            .filter(c ->
                                    c.place().toString().equals(key) && !c.due().isAfter(last))
                            .map(c -> across.written(c.due().isBefore(today) ? today : c.due()))
                            .distinct()
                            .toList()
                    : List.of();
            double end = later > 0
                    ? RIGHT
                    : near.isEmpty()
                            ? LEFT
                            : across.at(held.stream()
                                    .map(Held::lastDay)
                                    .filter(d -> !d.isAfter(last))
                                    .max(Comparator.naturalOrder())
                                    .orElse(today));
            return new Row(
                    name,
                    address,
                    y,
                    Scale.units(Math.max(0, end - LEFT)),
                    marks,
                    due,
                    over == 0 ? "" : Wording.says("beam.over", over),
                    later == 0 ? "" : Wording.says("timeline.later", later));
        }

        private Mark mark(List<Held> together) {
            Held first = together.getFirst();
            boolean fails = together.stream().anyMatch(h -> failed(h).isPresent());
            String says = together.size() == 1
                    ? all.nameOf(first.lot().supply()) + ", " + Days.until(first) + ", " + all.placeName(first.place())
                    : Wording.says(
                            "timeline.lotsTheFirst",
                            together.size(),
                            all.nameOf(first.lot().supply()),
                            Days.until(first));
            return new Mark(
                    across.written(first.lastDay()),
                    fails ? LotView.State.OVER : LotView.state(first, today),
                    says
                            + failed(first)
                                    .map(t -> Wording.says("timeline.beforeTheEndOf", t.name()))
                                    .orElse(""),
                    together.size());
        }

        /** The nearest trip that what lies in its kit does not outlast. */
        private Optional<Trip> failed(Held held) {
            List<UUID> within = all.nesting().way(held.place());
            return trips.stream()
                    .filter(t -> within.contains(t.place())
                            && !held.outlasts(t.end(), all.rules().marginDays()))
                    .findFirst();
        }

        private List<Fail> fails() {
            List<Fail> fails = new ArrayList<>();
            for (Trip trip : trips) {
                for (Held h : all.inKit(trip.place())) {
                    if (!h.outlasts(trip.end(), all.rules().marginDays())) {
                        fails.add(new Fail(
                                trip.name(),
                                Wording.says("timeline.to", trip.start(), trip.end()),
                                Wording.says(
                                        "timeline.goodUntil",
                                        all.nameOf(h.lot().supply()),
                                        all.placeName(h.place()),
                                        Days.until(h)),
                                h.lot().id()));
                    }
                }
            }
            return fails;
        }

        private Line line(Held h) {
            LotView view = LotView.of(h, all, today);
            return new Line(
                    view.id(),
                    view.name(),
                    view.placeName(),
                    view.counted(),
                    view.until(),
                    view.why(),
                    view.state().sign() + " " + view.state().word(),
                    failed(h).map(Trip::name).orElse(""));
        }

        private List<Band> bands() {
            return trips.stream()
                    .filter(t -> !t.start().isAfter(last))
                    .map(t -> {
                        double from = across.at(t.start().isBefore(today) ? today : t.start());
                        double to = Math.min(RIGHT, across.at(t.end().plusDays(1)));
                        return new Band(
                                Scale.units(from),
                                Scale.units(Math.max(3, to - from)),
                                t.name(),
                                Wording.says("timeline.to", t.start(), t.end()));
                    })
                    .toList();
        }
    }
}
