package hodeon.app.need;

import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Importance;
import hodeon.core.need.Forecast;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** The odds page: every problem that can happen, the gravest concern first. */
record OddsView(List<Row> rows, List<String> impossible, int width) {

    /** Width of the bar for certainty, in drawing units. */
    static final int BAR = 200;

    private static final List<String> SEVERITIES = List.of(
            "nuisance", "slows the party", "ends the trip for one", "limb, organ, later health", "threatens life");

    /**
     * @param marks one for each degree of severity, for the drawing
     * @param barWidth of the chance of at least one, in drawing units
     */
    record Row(
            String id,
            String name,
            int severity,
            String severityName,
            List<Integer> marks,
            String barWidth,
            String chance,
            String expected,
            String suffices,
            List<StepRow> steps) {}

    /** One step with what suffices at several shares of trips. */
    record StepRow(String capability, String unit, String expected, int in80, int in90, int in95, int in99) {}

    static OddsView of(Forecast forecast) {
        List<Row> rows = forecast.problems().stream()
                .sorted(Comparator.comparingDouble(ProblemForecast::concern).reversed())
                .map(OddsView::row)
                .toList();
        List<String> impossible =
                forecast.impossible().stream().map(p -> p.name()).toList();
        return new OddsView(rows, impossible, BAR);
    }

    static String severityName(int severity) {
        return SEVERITIES.get(severity - 1);
    }

    /** Of the first step that decides the outcome. */
    static String suffices(ProblemForecast problem) {
        StepForecast first = problem.steps().stream()
                .filter(s -> s.step().importance() == Importance.CRITICAL)
                .findFirst()
                .orElse(problem.steps().getFirst());
        int pieces = first.onTrip().suffices(problem.shareToSuffice());
        return pieces == 0
                ? "none, in " + Math.round(100 * problem.shareToSuffice()) + " of 100"
                : Figures.counted(pieces, first.capability().unit());
    }

    private static Row row(ProblemForecast problem) {
        int severity = problem.problem().severity();
        return new Row(
                problem.problem().id(),
                problem.problem().name(),
                severity,
                severityName(severity),
                java.util.stream.IntStream.range(0, severity).boxed().toList(),
                String.format(
                        Locale.ROOT, "%.1f", Math.max(1, BAR * problem.events().atLeastOne())),
                Figures.chance(problem.events().atLeastOne()),
                Figures.number(problem.events().mean()),
                suffices(problem),
                problem.steps().stream().map(OddsView::step).toList());
    }

    private static StepRow step(StepForecast step) {
        return new StepRow(
                step.capability().name(),
                step.capability().unit(),
                Figures.number(step.onTrip().mean()),
                step.onTrip().suffices(0.80),
                step.onTrip().suffices(0.90),
                step.onTrip().suffices(0.95),
                step.onTrip().suffices(0.99));
    }
}
