package hodeon.app.need;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Severity;
import hodeon.core.need.EventCount;
import hodeon.core.need.Forecast;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/** The odds page: every problem that can happen, ordered, grouped and filtered as asked. */
record OddsView(List<Part> parts, List<String> impossible, int width) {

    /** Width of the bar for certainty, in drawing units. */
    static final int BAR = 200;

    /** Problems under one heading; without a heading when all stand together. */
    record Part(String heading, List<Row> rows) {

        /** So many are looked at at once; the others are rarer or slighter, and folded. */
        private static final int FIRST_SHOWN = 25;

        public List<Row> first() {
            return rows.stream().limit(FIRST_SHOWN).toList();
        }

        public List<Row> rest() {
            return rows.stream().skip(FIRST_SHOWN).toList();
        }

        /** How many of those that are folded threaten life: rare is not harmless. */
        public long graveInRest() {
            return rest().stream().filter(r -> r.severity() == Severity.WORST).count();
        }

        /** Whether a problem is among those that are folded. */
        public boolean restHolds(String problem) {
            return rest().stream().anyMatch(r -> r.id().equals(problem));
        }
    }

    /**
     * @param marks one for each degree of severity, for the drawing
     * @param barWidth of the chance of at least one, in drawing units
     * @param beforeWidth the same before what is tried out; empty if nothing is
     * @param change of the chance by what is tried out, in words; empty if there is none
     */
    record Row(
            String id,
            String name,
            int severity,
            String severityName,
            List<Integer> marks,
            String barWidth,
            String beforeWidth,
            String chance,
            String change,
            String expected,
            String suffices,
            boolean adjusted,
            List<StepRow> steps) {}

    /** One step with what suffices at several shares of trips. */
    record StepRow(String capability, String unit, String expected, int in80, int in90, int in95, int in99) {}

    private record Counted(ProblemForecast problem, EventCount events, double before) {

        double concern() {
            return events.atLeastOne() * severity();
        }

        int severity() {
            return problem.problem().severity();
        }
    }

    /** @param now the odds of the trip as it is, {@code tried} as it would be; the same when nothing is tried */
    static OddsView of(Forecast now, Forecast tried, OddsLook look) {
        List<Counted> counted = tried.problems().stream()
                .map(p -> counted(p, now, look))
                .filter(c -> c.events().personDays() > 0)
                .sorted(order(look.order()))
                .toList();
        List<Part> parts = new ArrayList<>();
        if (look.grouped()) {
            for (int severity = Severity.WORST; severity > 0; severity--) {
                int of = severity;
                List<Row> rows = counted.stream()
                        .filter(c -> c.severity() == of)
                        .map(c -> row(c, look))
                        .toList();
                if (!rows.isEmpty()) {
                    parts.add(new Part(severity + ", " + Severity.label(severity), rows));
                }
            }
        } else {
            parts.add(new Part("", counted.stream().map(c -> row(c, look)).toList()));
        }
        return new OddsView(
                parts, tried.impossible().stream().map(Problem::name).toList(), BAR);
    }

    Optional<String> first() {
        return parts.stream().flatMap(p -> p.rows().stream()).map(Row::id).findFirst();
    }

    private static Comparator<Counted> order(OddsLook.Order order) {
        Comparator<Counted> byConcern =
                Comparator.comparingDouble(Counted::concern).reversed();
        return switch (order) {
            case CONCERN -> byConcern;
            case CHANCE ->
                Comparator.comparingDouble((Counted c) -> c.events().atLeastOne())
                        .reversed();
            case SEVERITY ->
                Comparator.comparingInt(Counted::severity).reversed().thenComparing(byConcern);
        };
    }

    private static Counted counted(ProblemForecast problem, Forecast now, OddsLook look) {
        double before = now.problem(problem.problem().id())
                .map(p -> part(p, look).atLeastOne())
                .orElse(0.0);
        return new Counted(problem, part(problem, look), before);
    }

    /** The events of the leg or person that is looked at, or of the whole trip. */
    private static EventCount part(ProblemForecast problem, OddsLook look) {
        if (look.leg() == 0 && look.person().isEmpty()) {
            return problem.events();
        }
        double all = problem.exposure().personDays();
        double share = 1;
        if (look.leg() > 0) {
            share *= problem.exposure().personDaysOfLeg(look.leg() - 1) / all;
        }
        if (!look.person().isEmpty()) {
            share *= problem.exposure().personDaysOf(look.person()) / all;
        }
        return EventCount.of(problem.problem().rate(), share * all);
    }

    /** Of the first step that decides the outcome. */
    static String suffices(ProblemForecast problem) {
        StepForecast first = problem.steps().stream()
                .filter(s -> s.step().importance() == Importance.CRITICAL)
                .findFirst()
                .orElse(problem.steps().getFirst());
        int pieces = first.onTrip().suffices(problem.shareToSuffice());
        return pieces == 0
                ? Wording.says("oddsView.noneInOf100", Math.round(100 * problem.shareToSuffice()))
                : Figures.counted(pieces, first.capability().unit());
    }

    private static Row row(Counted counted, OddsLook look) {
        ProblemForecast problem = counted.problem();
        int severity = counted.severity();
        double chance = counted.events().atLeastOne();
        boolean changed = look.tries() && Math.abs(chance - counted.before()) > 1e-9;
        return new Row(
                problem.problem().id(),
                problem.problem().name(),
                severity,
                Severity.label(severity),
                IntStream.range(0, severity).boxed().toList(),
                bar(chance),
                changed ? bar(counted.before()) : "",
                Figures.chance(chance),
                changed
                        ? (chance > counted.before()
                                        ? Wording.says("oddsView.upFrom") + " "
                                        : Wording.says("oddsView.downFrom") + " ")
                                + Figures.chance(counted.before())
                        : "",
                Figures.number(counted.events().mean()),
                suffices(problem),
                problem.exposure().adjusted(),
                problem.steps().stream().map(OddsView::step).toList());
    }

    private static String bar(double chance) {
        return String.format(Locale.ROOT, "%.1f", Math.max(1, BAR * chance));
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
