package hodeon.app.need;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Adjustments;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Tag;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.Rate;
import hodeon.core.need.Exposure;
import hodeon.core.need.ProblemForecast;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** How a problem's chance comes about, as a small tree of factors, each of which can be changed for this trip. */
final class FactorTree {

    /**
     * @param key names the factor among those that can be changed; empty for what follows from others
     * @param value as a number to change
     * @param shipped what it is without the change for this trip; empty if it is not changed
     */
    record Node(String what, String figure, String key, String value, String shipped, List<Node> under) {

        static Node sum(String what, String figure, List<Node> under) {
            return new Node(what, figure, "", "", "", under);
        }
    }

    private final ProblemForecast problem;
    private final Problem shipped;
    private final Set<String> shown = new HashSet<>();

    private FactorTree(ProblemForecast problem, Problem shipped) {
        this.problem = problem;
        this.shipped = shipped;
    }

    /** @param shipped the problem as it is without changes for this trip */
    static Node of(ProblemForecast problem, Problem shipped) {
        return new FactorTree(problem, shipped).chance();
    }

    private Node chance() {
        return Node.sum(
                Wording.says("factorTree.atLeastOnce"),
                Figures.chance(problem.events().atLeastOne()),
                List.of(Node.sum(
                        Wording.says("factorTree.expectedRateAdjustedPersonDays"),
                        Wording.says(
                                "factorTree.times",
                                Figures.number(problem.events().mean())),
                        List.of(rate(), personDays()))));
    }

    private Node rate() {
        Rate rate = problem.problem().rate();
        return new Node(
                Wording.says("factorTree.ratePer1000PersonDays"),
                Figures.number(rate.perThousandPersonDays()),
                Adjustments.RATE,
                plain(rate.perThousandPersonDays()),
                rate.basis() instanceof Basis.OfTrip(Basis before, double was) ? Figures.number(was) : "",
                List.of());
    }

    private Node personDays() {
        Exposure exposure = problem.exposure();
        List<Node> under = new ArrayList<>();
        for (Exposure.OfLeg leg : exposure.legs()) {
            under.add(Node.sum(
                    Wording.says(
                            "factorTree.of",
                            Figures.days(leg.leg().days()),
                            leg.leg().activity().label(),
                            leg.leg().environment().label()),
                    "× " + Figures.number(leg.factor()),
                    factors(leg.multipliers())));
        }
        under.addAll(factors(exposure.around()));
        under.add(heads(exposure));
        return Node.sum(Wording.says("factorTree.adjustedPersonDays"), Figures.number(exposure.personDays()), under);
    }

    private Node heads(Exposure exposure) {
        List<Node> people = new ArrayList<>();
        for (Exposure.OfPerson person : exposure.people()) {
            if (person.factor() != 1 || !person.multipliers().isEmpty()) {
                people.add(Node.sum(
                        person.person().name()
                                + (person.factor() == 0 ? " " + Wording.says("factorTree.cannotHaveIt") : ""),
                        Wording.says("factorTree.counts", Figures.number(person.factor())),
                        factors(person.multipliers())));
            }
        }
        if (exposure.others() > 0) {
            people.add(Node.sum(
                    exposure.problem().ofDogs() ? "dogs" : Wording.says("factorTree.strangersMetOnTheWay"),
                    Wording.says("factorTree.count", Figures.number(exposure.others())),
                    List.of()));
        }
        String who = exposure.problem().ofDogs()
                ? "dogs"
                : Wording.says("factorTree.ofTheParty", exposure.people().size());
        return Node.sum(Wording.says("factorTree.countAs", who), Figures.number(exposure.heads()), people);
    }

    /** A factor that several legs or people share can be changed where it stands first. */
    private List<Node> factors(Map<Tag, Double> multipliers) {
        List<Node> nodes = new ArrayList<>();
        multipliers.forEach((tag, factor) -> {
            double was = shipped.factors().getOrDefault(tag, factor);
            String words = tag.kind() + ": " + tag.value().replace('-', ' ');
            nodes.add(new Node(
                    words,
                    "× " + Figures.number(factor),
                    shown.add(tag.toString()) ? tag.toString() : "",
                    plain(factor),
                    was == factor ? "" : Figures.number(was),
                    List.of()));
        });
        return nodes;
    }

    /** As it is typed: five digits that matter. */
    static String plain(double number) {
        return BigDecimal.valueOf(number)
                .round(new MathContext(5))
                .stripTrailingZeros()
                .toPlainString();
    }
}
