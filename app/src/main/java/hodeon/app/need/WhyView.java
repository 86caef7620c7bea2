package hodeon.app.need;

import hodeon.app.shell.Figures;
import hodeon.core.catalogue.Repeat;
import hodeon.core.catalogue.Tag;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import hodeon.core.need.Distribution;
import hodeon.core.need.Exposure;
import hodeon.core.need.ProblemForecast;
import hodeon.core.need.StepForecast;
import hodeon.core.trip.Trip;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SortedMap;
import java.util.stream.Collectors;

/** Why the figures of one problem are what they are: rate, exposure, chance, pieces; and what to do about it. */
record WhyView(
        String id,
        String name,
        String severity,
        String rate,
        String basis,
        List<Line> exposure,
        String personDays,
        List<Line> chance,
        List<StepWhy> steps,
        String byHand,
        String call,
        boolean ownRate,
        String plainRate,
        String plainStrength) {

    /** One line of a derivation: what, and how much. */
    record Line(String what, String figure) {}

    /**
     * @param share for which the quantity suffices, in words
     * @param bars what the trip takes, drawn: P of each number of pieces
     */
    record StepWhy(
            String capability,
            String unit,
            String importance,
            String atFirst,
            String later,
            String perEvent,
            String expected,
            String share,
            int suffices,
            List<Bar> bars) {}

    /** A bar of the small drawing; x and height in its units. */
    record Bar(int pieces, String x, String y, String height, boolean within, String says) {}

    private static final double BAR_STEP = 16;
    private static final double BAR_HEIGHT = 60;
    private static final int MOST_BARS = 14;

    /** @param base the rate that the user may change: without the log */
    static WhyView of(ProblemForecast problem, Trip trip, Rate base, boolean ownRate) {
        Rate rate = problem.problem().rate();
        return new WhyView(
                problem.problem().id(),
                problem.problem().name(),
                OddsView.severityName(problem.problem().severity()),
                Figures.number(rate.perThousandPersonDays()) + " per 1,000 person-days",
                basis(rate),
                exposure(problem.exposure()),
                Figures.number(problem.exposure().personDays()),
                chance(problem),
                problem.steps().stream().map(s -> step(problem, s, trip)).toList(),
                problem.problem().byHand(),
                problem.problem().call(),
                ownRate,
                plain(base.perThousandPersonDays()),
                plain(base.strengthPersonDays()));
    }

    private static String plain(double number) {
        return java.math.BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }

    private static String basis(Rate rate) {
        String strength =
                String.format(Locale.ROOT, "worth %,.0f person-days of experience", rate.strengthPersonDays());
        return switch (rate.basis()) {
            case Basis.Assumption() -> "A planning assumption, " + strength + ".";
            case Basis.Own() -> "Your own rate, " + strength + ".";
            case Basis.OwnLog(Basis before, double was, int events, double personDays) ->
                "Your own log, " + Figures.counted(events, "event") + " in " + Figures.number(personDays)
                        + " adjusted person-days, moved it from " + Figures.number(was) + "; now " + strength + ".";
            case Basis.Published(String citation) -> "Published: " + citation + "; " + strength + ".";
        };
    }

    private static List<Line> exposure(Exposure exposure) {
        List<Line> lines = new ArrayList<>();
        for (Exposure.OfLeg leg : exposure.legs()) {
            String where = leg.leg().activity().label() + ", "
                    + leg.leg().environment().label();
            lines.add(new Line(
                    Figures.days(leg.leg().days()) + " of " + where + multipliers(leg.multipliers(), leg.factor()),
                    "× " + Figures.number(leg.factor())));
        }
        exposure.around()
                .forEach((tag, factor) -> lines.add(
                        new Line(tag.kind() + ": " + tag.value().replace('-', ' '), "× " + Figures.number(factor))));
        for (Exposure.OfPerson person : exposure.people()) {
            if (person.factor() != 1) {
                lines.add(new Line(
                        person.person().name() + multipliers(person.multipliers(), person.factor()),
                        "counts " + Figures.number(person.factor())));
            }
        }
        if (exposure.others() > 0) {
            lines.add(new Line(
                    exposure.problem().ofDogs() ? "dogs" : "strangers met on the way",
                    "count " + Figures.number(exposure.others())));
        }
        lines.add(new Line(
                Figures.counted(exposure.people().size(), "person").replace("persons", "people") + " count as",
                Figures.number(exposure.heads())));
        lines.add(new Line(
                "days × place × season × people: adjusted person-days", Figures.number(exposure.personDays())));
        return lines;
    }

    private static String multipliers(SortedMap<Tag, Double> multipliers, double factor) {
        if (multipliers.isEmpty()) {
            return factor == 0 ? " (cannot have it)" : "";
        }
        return multipliers.entrySet().stream()
                .map(e -> e.getKey().value().replace('-', ' ') + " × " + Figures.number(e.getValue()))
                .collect(Collectors.joining(", ", " (", ")"));
    }

    private static List<Line> chance(ProblemForecast problem) {
        Rate rate = problem.problem().rate();
        return List.of(
                new Line(
                        "expected: " + Figures.number(rate.perThousandPersonDays()) + " ÷ 1,000 × "
                                + Figures.number(problem.exposure().personDays()) + " person-days",
                        Figures.number(problem.events().mean()) + " times"),
                new Line(
                        "none at all: (S ÷ (S + E)) to the power of α, with S = "
                                + Figures.number(rate.strengthPersonDays()) + ", E = "
                                + Figures.number(problem.exposure().personDays()) + ", α = "
                                + Figures.number(rate.shape()),
                        Figures.chance(problem.events().none())),
                new Line("at least once", Figures.chance(problem.events().atLeastOne())));
    }

    private static StepWhy step(ProblemForecast problem, StepForecast step, Trip trip) {
        double share = problem.shareToSuffice();
        int suffices = step.onTrip().suffices(share);
        return new StepWhy(
                step.capability().name(),
                step.capability().unit(),
                step.step().importance().name().toLowerCase(Locale.ROOT),
                first(step.step().first()),
                later(step.step().repeat(), trip),
                distribution(step.perEvent()),
                Figures.number(step.onTrip().mean()),
                Math.round(100 * share) + " in 100 trips",
                suffices,
                bars(step.onTrip(), suffices));
    }

    private static String first(Map<Integer, Double> first) {
        return first.entrySet().stream()
                .map(e -> first.size() == 1
                        ? e.getKey().toString()
                        : e.getKey() + " (" + Math.round(100 * e.getValue()) + " %)")
                .collect(Collectors.joining(" or "));
    }

    private static String later(Repeat repeat, Trip trip) {
        return switch (repeat) {
            case Repeat.Once() -> "once";
            case Repeat.Redress r ->
                r.pieces() + " more every " + Figures.days(r.everyDays()) + " while it heals ("
                        + Figures.days(r.healingDays()) + ") and the trip lasts";
            case Repeat.UntilCare u ->
                u.pieces() + " more every " + u.everyHours() + " h for the " + trip.hoursToCare() + " h to care";
        };
    }

    private static String distribution(Distribution perEvent) {
        List<String> parts = new ArrayList<>();
        for (int n = 0; n <= perEvent.largest(); n++) {
            if (perEvent.at(n) >= 0.005) {
                parts.add(n + " in " + Math.round(100 * perEvent.at(n)) + " %");
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
