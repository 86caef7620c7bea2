package hodeon.app.kit;

import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.kit.Curve;
import hodeon.core.kit.Difference;
import hodeon.core.kit.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The curve of weight against coverage as it is drawn, with the kit on the mat as a point of its own. */
record CurveView(List<Dot> dots, String path, Dot mine, List<Tick> across, List<Tick> up, Chosen chosen) {

    private static final int WIDTH = 760;
    private static final int LEFT = 52;
    private static final int BOTTOM = 264;
    private static final int TOP = 14;

    record Dot(int number, String x, String y, String grams, String coverage, String gap, boolean chosen) {}

    record Tick(String at, String says) {}

    /** What changes from the mat, or from another point, to the chosen point. */
    record Chosen(
            int number,
            String limit,
            String grams,
            String coverage,
            String gap,
            List<String> in,
            List<String> out,
            String from) {}

    /** @param from the point that changes are told from; −1 for the mat */
    static CurveView of(Curve curve, Plan mine, int chosen, int from, Catalogue catalogue) {
        double most = Math.max(mine.mass().grams(), curve.points().getLast().grams());
        List<Dot> dots = new ArrayList<>();
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < curve.points().size(); i++) {
            Curve.Point point = curve.points().get(i);
            Dot dot = dot(i, point.grams(), point.coverage(), point.gap(), most, i == chosen);
            path.append(i == 0 ? "M" : " L").append(dot.x()).append(' ').append(dot.y());
            dots.add(dot);
        }
        Curve.Point point = curve.points().get(chosen);
        Map<String, Integer> before =
                from < 0 ? mine.pieces() : curve.points().get(from).pieces();
        Difference difference = Difference.between(before, point.pieces());
        return new CurveView(
                dots,
                path.toString(),
                dot(-1, mine.mass().grams(), mine.coverage(), 0, most, false),
                across(most),
                List.of(25, 50, 75, 100).stream()
                        .map(p -> new Tick(y(p / 100.0), p + " %"))
                        .toList(),
                new Chosen(
                        chosen,
                        Figures.grams(point.limitGrams()),
                        Figures.grams(point.grams()),
                        Figures.percent(point.coverage()),
                        Figures.percent(point.gap()),
                        words(difference.in(), catalogue),
                        words(difference.out(), catalogue),
                        from < 0
                                ? "the mat"
                                : "the kit of "
                                        + Figures.grams(curve.points().get(from).grams())));
    }

    static List<String> words(Map<String, Integer> pieces, Catalogue catalogue) {
        return pieces.entrySet().stream()
                .map(e -> e.getValue() + " × "
                        + catalogue.supply(e.getKey()).map(Supply::name).orElse(e.getKey()))
                .toList();
    }

    private static Dot dot(int number, double grams, double coverage, double gap, double most, boolean chosen) {
        return new Dot(
                number,
                x(grams, most),
                y(coverage),
                Figures.grams(grams),
                Figures.percent(coverage),
                gap < 1e-6 ? "proven" : "within " + Figures.percent(gap),
                chosen);
    }

    private static List<Tick> across(double most) {
        double step = Math.pow(10, Math.floor(Math.log10(most)));
        step = most / step < 3 ? step / 2 : step;
        List<Tick> ticks = new ArrayList<>();
        for (double grams = step; grams <= most; grams += step) {
            ticks.add(new Tick(x(grams, most), Figures.grams(grams)));
        }
        return ticks;
    }

    private static String x(double grams, double most) {
        return String.format(Locale.ROOT, "%.1f", LEFT + grams / most * (WIDTH - LEFT - 20));
    }

    private static String y(double coverage) {
        return String.format(Locale.ROOT, "%.1f", BOTTOM - coverage * (BOTTOM - TOP));
    }
}
