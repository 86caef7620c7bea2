package hodeon.core.medication;

import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.units.Dose;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/** What holds for one person and ingredient over all products: the strictest of what each says. */
public final class Limits {

    private Limits() {}

    /** Empty where nothing is said, neither for the ingredient nor for any product that holds it. */
    public static Optional<DoseClock.Limit> of(
            Formulary formulary,
            Tradition tradition,
            LocalDate today,
            String ingredient,
            Patient patient,
            List<Direction> directions,
            List<Product> products) {
        DoseSheet sheet = new DoseSheet(formulary, tradition, today);
        List<DoseClock.Limit> directed = directions.stream()
                .filter(d -> d.ingredient().equals(ingredient))
                .map(d -> new DoseClock.Limit(Optional.of(d.mostInADay()), d.apart(), OptionalInt.empty()))
                .toList();
        if (!directed.isEmpty()) {
            return directed.stream().reduce(DoseClock.Limit::and);
        }
        Optional<DoseClock.Limit> own = formulary
                .labelOf(ingredient, tradition)
                .filter(l -> l.measure() == Label.Measure.MILLIGRAMS)
                .flatMap(l -> sheet.find(l, patient) instanceof DoseSheet.Found.Line line
                        ? Optional.of(limit(line.band()))
                        : Optional.empty());
        return Stream.concat(
                        own.stream(),
                        products.stream()
                                .filter(p -> p.counts(ingredient)
                                        && (own.isEmpty() || p.strengths().size() > 1))
                                .map(p -> sheet.of(p, patient, directions, Set.of()))
                                .flatMap(a ->
                                        a instanceof Give give ? Stream.of(give.limit(ingredient)) : Stream.empty()))
                .reduce(DoseClock.Limit::and);
    }

    private static DoseClock.Limit limit(Band band) {
        return new DoseClock.Limit(band.inADay().map(Dose::ofMilligrams), band.apart(), band.times());
    }
}
