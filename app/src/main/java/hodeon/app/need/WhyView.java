package hodeon.app.need;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Severity;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import hodeon.core.need.Distribution;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Why the figures of one problem are what they are: rate, exposure, chance, pieces. */
record WhyView(
        String id,
        String name,
        String severity,
        String rate,
        String basis,
        FactorTree.Node tree,
        boolean adjusted,
        String sure,
        List<StepWhy> steps,
        boolean ownRate,
        String plainRate,
        String plainStrength) {

    /**
     * @param share for which the quantity suffices, in words
     * @param bars what the trip takes, drawn: P of each number of pieces
     */
    record StepWhy(
            String capability,
            String importance,
            String atFirst,
            String later,
            String perEvent,
            String expected,
            String share,
            String suffices,
            List<Bar> bars) {}

    /** A bar of the small drawing; x and height in its units. */
    record Bar(int pieces, String x, String y, String height, boolean within, String says) {}

    private static final double BAR_STEP = 16;
    private static final double BAR_HEIGHT = 60;
    private static final int MOST_BARS = 14;

    /**
     * @param shipped the problem without changes for this trip
     * @param base the rate that the user may change for every trip: without the log
     */
    static WhyView of(ProblemForecast problem, Trip trip, Problem shipped, Rate base, boolean ownRate) {
        Rate rate = problem.problem().rate();
        return new WhyView(
                problem.problem().id(),
                problem.problem().name(),
                Severity.label(problem.problem().severity()),
                Wording.says("whyView.per1000PersonDays", Figures.number(rate.perThousandPersonDays())),
                basis(rate),
                FactorTree.of(problem, shipped),
                problem.exposure().adjusted(),
                sure(problem),
                problem.steps().stream().map(s -> step(problem, s, trip)).toList(),
                ownRate,
                plain(base.perThousandPersonDays()),
                plain(base.priorPersonDays()));
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }

    private static String basis(Rate rate) {
        String strength = Wording.says("whyView.asSureAs", String.format(Locale.ROOT, "%,.0f", rate.priorPersonDays()));
        return switch (rate.basis()) {
            case Basis.Assumption() -> Wording.says("whyView.aPlanningAssumption", strength);
            case Basis.OfTrip(Basis before, double was) ->
                Wording.says("whyView.changedForThisOutingOnlyFrom", Figures.number(was), strength);
            case Basis.Own() -> Wording.says("whyView.yourOwnRate", strength);
            case Basis.OwnLog(Basis before, double was, int events, double personDays) ->
                Wording.says(
                        "whyView.yourOwnLogInPersonDaysMoved",
                        Figures.counted(events, "event"),
                        Figures.number(personDays),
                        Figures.number(was),
                        strength);
            case Basis.Published(String citation) -> Wording.says("whyView.published", citation, strength);
        };
    }

    private static String sure(ProblemForecast problem) {
        Rate rate = problem.problem().rate();
        return Wording.says(
                "whyView.noneAtAllSSETo",
                Figures.number(rate.priorPersonDays()),
                Figures.number(problem.exposure().personDays()),
                Figures.number(rate.shape()),
                Figures.chance(problem.events().none()));
    }

    private static StepWhy step(ProblemForecast problem, StepForecast step, Trip trip) {
        double share = problem.shareToSuffice();
        int suffices = step.onTrip().suffices(share);
        return new StepWhy(
                step.capability().name(),
                step.step().importance().name().toLowerCase(Locale.ROOT),
                first(step.step().first()),
                later(step.step().repeat(), trip),
                distribution(step.perEvent()),
                Figures.number(step.onTrip().mean()),
                Wording.says("whyView.in100Outings", Math.round(100 * share)),
                Figures.counted(suffices, step.capability().unit()),
                bars(step.onTrip(), suffices));
    }

    private static String first(Map<Integer, Double> first) {
        return first.entrySet().stream()
                .map(e -> first.size() == 1
                        ? e.getKey().toString()
                        : e.getKey() + " (" + Math.round(100 * e.getValue()) + " %)")
                .collect(Collectors.joining(" " + Wording.says("whyView.or") + " "));
    }

    private static String later(Repeat repeat, Trip trip) {
        return switch (repeat) {
            case Repeat.Once() -> "once";
            case Repeat.Redress r ->
                Wording.says(
                        "whyView.moreEveryWhileItHealsAndThe",
                        r.pieces(),
                        Figures.days(r.everyDays()),
                        Figures.days(r.healingDays()));
            case Repeat.UntilCare u ->
                Wording.says("whyView.moreEveryHForTheHTo", u.pieces(), u.everyHours(), trip.hoursToCare());
        };
    }

    private static String distribution(Distribution perEvent) {
        List<String> parts = new ArrayList<>();
        for (int n = 0; n <= perEvent.largest(); n++) {
            if (perEvent.at(n) >= 0.005) {
                parts.add(Wording.says("whyView.in", n, Math.round(100 * perEvent.at(n))));
            }
        }
        return String.join(", ", parts);
    }

    private static List<Bar> bars(Distribution onTrip, int suffices) {
        int last = Math.min(MOST_BARS - 1, Math.max(suffices + 1, Math.min(3, onTrip.largest())));
        double most = 0;
        for (int n = 0; n <= last; n++) {
            most = Math.max(most, onTrip.at(n));
        }
        List<Bar> bars = new ArrayList<>();
        for (int n = 0; n <= last; n++) {
            double height = Math.max(0.5, BAR_HEIGHT * onTrip.at(n) / most);
            bars.add(new Bar(
                    n,
                    String.format(Locale.ROOT, "%.1f", n * BAR_STEP + 2),
                    String.format(Locale.ROOT, "%.1f", BAR_HEIGHT - height),
                    String.format(Locale.ROOT, "%.1f", height),
                    n <= suffices,
                    n + ": " + Figures.percent(onTrip.at(n))));
        }
        return bars;
    }
}
