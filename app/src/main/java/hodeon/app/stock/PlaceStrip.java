package hodeon.app.stock;

import hodeon.app.shell.Wording;
import hodeon.app.shell.chart.Scale;
import hodeon.core.stock.Held;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What lies in a place, each lot a mark where its date is: over left of the upright line, then three years, then what is good for longer.
 *
 * @param says the same in words
 * @param undated lots without a date
 */
record PlaceStrip(List<Mark> marks, List<Year> years, String now, String says, int undated) {

    /** A lot, or how many more are not drawn above it. */
    record Mark(String x, String y, LotView.State state, String sign) {}

    record Year(String x, String label) {}

    private static final double NOW = 22;
    private static final double END = 214;
    private static final double LATER = 230;
    private static final double OVER = 8;
    private static final double BASE = 44;
    private static final double STEP = 10;
    private static final int YEARS = 3;
    private static final int HIGH = 4;

    static PlaceStrip of(List<Held> held, LocalDate today) {
        Scale scale = Scale.ofDays(today, today.plusYears(YEARS), NOW, END);
        Map<Long, List<LotView.State>> columns = new TreeMap<>();
        List<Held> dated = held.stream()
                .filter(h -> h.good().isPresent())
                .sorted(Comparator.comparing(Held::lastDay))
                .toList();
        for (Held one : dated) {
            double x = one.lastDay().isBefore(today)
                    ? OVER
                    : one.lastDay().isAfter(today.plusYears(YEARS)) ? LATER : scale.at(one.lastDay());
            columns.computeIfAbsent(Math.round(x / STEP), c -> new ArrayList<>())
                    .add(LotView.state(one, today));
        }
        List<Mark> marks = new ArrayList<>();
        columns.forEach((column, states) -> marks.addAll(column(column * STEP, states)));
        List<Year> years = new ArrayList<>();
        for (int year = 1; year <= YEARS; year++) {
            years.add(new Year(scale.written(today.plusYears(year)), year + " y"));
        }
        return new PlaceStrip(
                marks, years, Scale.units(NOW - STEP / 2), says(dated, today), held.size() - dated.size());
    }

    private static List<Mark> column(double x, List<LotView.State> states) {
        List<Mark> marks = new ArrayList<>();
        int drawn = states.size() > HIGH ? HIGH - 1 : states.size();
        for (int i = 0; i < drawn; i++) {
            LotView.State state = states.get(i);
            marks.add(new Mark(Scale.units(x), Scale.units(BASE - 2 - i * STEP), state, state.sign()));
        }
        if (drawn < states.size()) {
            marks.add(new Mark(
                    Scale.units(x),
                    Scale.units(BASE - 2 - drawn * STEP),
                    states.getLast(),
                    "+" + (states.size() - drawn)));
        }
        return marks;
    }

    private static String says(List<Held> dated, LocalDate today) {
        Map<LotView.State, Long> counted = new EnumMap<>(LotView.State.class);
        dated.forEach(h -> counted.merge(LotView.state(h, today), 1L, Long::sum));
        return counted.entrySet().stream()
                .map(e -> e.getValue() + " " + e.getKey().word())
                .reduce((a, b) -> a + ", " + b)
                .orElse(Wording.says("placeStrip.nothingWithADate"));
    }
}
