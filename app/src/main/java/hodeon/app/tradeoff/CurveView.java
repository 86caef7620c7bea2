package hodeon.app.tradeoff;

import hodeon.app.plan.Headline;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.shell.chart.Scale;
import hodeon.app.shell.chart.Tick;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Severity;
import hodeon.core.plan.Plan;
import hodeon.core.plan.tradeoff.Curve;
import hodeon.core.plan.tradeoff.Difference;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The curve of weight against coverage as it is drawn, with the kit on the mat as a point of its own.
 *
 * @param dots one for each point of the curve, with all that changes from the mat or from another point to it
 * @param marks from where on little more can be done about each severity
 * @param from what changes are told from
 */
public record CurveView(
        List<Dot> dots,
        int chosen,
        String path,
        Mine mine,
        List<Mark> marks,
        List<Tick> across,
        List<Tick> up,
        String from) {

    private static final int WIDTH = 760;
    private static final int LEFT = 52;
    private static final int BOTTOM = 264;
    private static final int TOP = 30;
    private static final int RIGHT = 20;
    private static final double QUARTER = 0.25;
    private static final Scale UP = new Scale(0, 1, BOTTOM, TOP);
    /** Marks nearer than this cannot be read beside each other. */
    private static final double LEAST_APART = 60;

    /** @param severities how far each severity is met, worst first */
    record Dot(
            int number,
            String x,
            String y,
            String price,
            boolean recommended,
            String grams,
            String coverage,
            String gap,
            List<String> in,
            List<String> out,
            List<Met> severities,
            Headline ifItHappens) {}

    record Met(String severity, String share) {}

    record Mine(String x, String y, String grams, String coverage) {}

    /** @param severities one for each degree of severity about which little more can be done from here on, if several the worst first */
    record Mark(String x, String anchor, String says, List<Integer> severities) {}

    /** @param from the point that changes are told from; −1 for the mat */
    static CurveView of(Curve curve, Plan mine, int chosen, int from, Catalogue catalogue) {
        List<Curve.Point> points = curve.points();
        double most = Math.max(mine.mass().grams(), points.getLast().grams());
        Map<String, Integer> before =
                from < 0 ? mine.pieces() : points.get(from).pieces();
        List<Dot> dots = new ArrayList<>();
        Scale across = new Scale(0, most, LEFT, WIDTH - RIGHT);
        List<double[]> path = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            Dot dot = dot(i, points.get(i), i == curve.recommended(), across, before, catalogue);
            path.add(new double[] {
                across.at(points.get(i).grams()), UP.at(points.get(i).coverage())
            });
            dots.add(dot);
        }
        return new CurveView(
                dots,
                chosen,
                Scale.path(path),
                new Mine(
                        across.written(mine.mass().grams()),
                        UP.written(mine.coverage()),
                        Figures.grams(mine.mass()),
                        Figures.percent(mine.coverage())),
                marks(curve, across),
                Tick.round(across, HouseStyle.here().mass().grams().doubleValue(), Figures::grams),
                Tick.every(UP, QUARTER, share -> Math.round(100 * share) + " %").stream()
                        .skip(1)
                        .toList(),
                from < 0
                        ? Wording.says("curveView.theMat")
                        : Wording.says(
                                "curveView.theKitOf",
                                Figures.grams(points.get(from).grams())));
    }

    /** The point from which on little more can be done about problems of a severity. */
    private record Reached(int severity, Curve.Point point) {

        String says() {
            return Wording.says(
                    "curveView.met",
                    Severity.label(severity),
                    Figures.percent(point.bySeverity().get(severity - 1)));
        }
    }

    /** Severities reached at nearly the same weight share a mark, so that marks can be read. */
    private static List<Mark> marks(Curve curve, Scale across) {
        double apart = across.width(LEAST_APART);
        List<List<Reached>> together = new ArrayList<>();
        IntStream.rangeClosed(1, Severity.WORST)
                .boxed()
                .flatMap(s -> curve.nothingMoreFor(s).stream()
                        .mapToObj(point -> new Reached(s, curve.points().get(point))))
                .sorted(Comparator.comparingDouble((Reached r) -> r.point().grams())
                        .thenComparing(Reached::severity, Comparator.reverseOrder()))
                .forEach(reached -> {
                    if (together.isEmpty()
                            || reached.point().grams()
                                            - together.getLast()
                                                    .getFirst()
                                                    .point()
                                                    .grams()
                                    > apart) {
                        together.add(new ArrayList<>());
                    }
                    together.getLast().add(reached);
                });
        return together.stream().map(of -> mark(of, across)).toList();
    }

    private static Mark mark(List<Reached> together, Scale across) {
        double first = together.getFirst().point().grams();
        double last = together.getLast().point().grams();
        String from = Math.round(first) == Math.round(last)
                ? Figures.grams(first)
                : Wording.says("timeline.to", Figures.grams(first), Figures.grams(last));
        return new Mark(
                across.written(first),
                across.anchor(first),
                from + ": " + together.stream().map(Reached::says).collect(Collectors.joining("; ")),
                together.stream()
                        .map(Reached::severity)
                        .sorted(Comparator.reverseOrder())
                        .toList());
    }

    public static List<String> words(Map<String, Integer> pieces, Catalogue catalogue) {
        return pieces.entrySet().stream()
                .map(e -> catalogue
                        .supply(e.getKey())
                        .map(s -> Figures.named(e.getValue(), s))
                        .orElse(e.getKey() + ": " + e.getValue()))
                .toList();
    }

    /** What a gram costs there against what it costs on this trip. */
    private static String price(double price) {
        if (price == 1) {
            return Wording.says("curveView.theUsualPrice");
        }
        String times = String.format(Locale.ROOT, price < 1 ? "%.2f" : price < 10 ? "%.1f" : "%,.0f", price);
        return Wording.says("curveView.timesTheUsualPrice", times);
    }

    private static Dot dot(
            int number,
            Curve.Point point,
            boolean recommended,
            Scale across,
            Map<String, Integer> before,
            Catalogue catalogue) {
        Difference difference = Difference.between(before, point.pieces());
        List<Met> severities = new ArrayList<>();
        for (int severity = Severity.WORST; severity > 0; severity--) {
            severities.add(new Met(
                    Severity.label(severity), Figures.percent(point.bySeverity().get(severity - 1))));
        }
        return new Dot(
                number,
                across.written(point.grams()),
                UP.written(point.coverage()),
                price(point.price()),
                recommended,
                Figures.grams(point.grams()),
                Figures.percent(point.coverage()),
                point.gap() < 1e-6 ? "proven" : Wording.says("curveView.within", Figures.percent(point.gap())),
                words(difference.in(), catalogue),
                words(difference.out(), catalogue),
                severities,
                Headline.of(point.ifItHappens()));
    }
}
