package hodeon.core.plan;

import hodeon.core.brief.Limits;
import hodeon.core.brief.Surroundings;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Supply;
import hodeon.core.choice.Choice.Burden;
import hodeon.core.choice.Choice.Limit;
import hodeon.core.evidence.PlanningAssumption;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;

/** What pieces and kinds cost, in worth, and what they take of a trip's limits. */
final class Costs {

    /**
     * What one kind more must earn: what meeting a nuisance on one trip of ten is worth. It is one more thing to find, to check and
     * to replace; the figure is an assumption.
     */
    static final double PRICE_OF_A_KIND = PlanningAssumption.PRICE_OF_A_KIND.value();

    private Costs() {}

    /** A gram costs what its carriage makes it cost, a kind what finding, checking and replacing it is worth. */
    static Burden burden(Trip trip, Catalogue catalogue, int candidates) {
        double thrift = trip.means().thrift().factor();
        double perGram = thrift * Surroundings.of(trip).carriage().pricePerGram();
        List<Double> perPiece = new ArrayList<>();
        List<Double> perKind = new ArrayList<>();
        for (int i = 0; i < candidates; i++) {
            boolean elsewhere = i >= catalogue.supplies().size();
            perPiece.add(
                    elsewhere ? 0 : perGram * catalogue.supplies().get(i).mass().grams());
            perKind.add(elsewhere ? 0 : thrift * PRICE_OF_A_KIND);
        }
        return new Burden(perPiece, perKind);
    }

    /** Of grams first, then of litres and of money where somebody set them. */
    static List<Limit> limits(Limits limits, Catalogue catalogue, int candidates) {
        List<Limit> all = new ArrayList<>();
        all.add(limit(
                "g", catalogue, candidates, s -> s.mass().grams(), limits.mass().grams()));
        limits.volume()
                .ifPresent(most -> all.add(limit(
                        "ml", catalogue, candidates, s -> 1000 * s.volume().litres(), 1000 * most.litres())));
        limits.price()
                .ifPresent(most -> all.add(limit(
                        "of money",
                        catalogue,
                        candidates,
                        s -> s.purchase().price().amount(),
                        most.amount())));
        return all;
    }

    /** What rides elsewhere, behind the supplies, takes nothing. */
    private static Limit limit(
            String what, Catalogue catalogue, int candidates, ToDoubleFunction<Supply> takes, double most) {
        List<Double> perPiece = Stream.concat(
                        catalogue.supplies().stream().map(takes::applyAsDouble),
                        Stream.generate(() -> 0.0)
                                .limit(candidates - catalogue.supplies().size()))
                .toList();
        return new Limit(what, perPiece, most);
    }
}
