package hodeon.app.dose;

import hodeon.app.shell.Wording;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.DoseTally;
import hodeon.core.medication.gate.NextDose;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * What somebody had of one thing in the last 24 hours, in words and as a strip.
 *
 * @param later whether the next dose has to wait, or is not said
 */
record Counting(String ingredient, String taken, String room, String next, boolean later, Strip strip) {

    /** @param product what is looked at, if anything is */
    static List<Counting> of(DoseCase of, Optional<Product> product, ZoneId zone) {
        return of.gate().tallies(product, of.now()).stream()
                .map(t -> of(of, t, product.filter(p -> holds(p, t)).or(() -> last(of, t)), zone))
                .toList();
    }

    private static Counting of(DoseCase of, DoseTally tally, Optional<Product> product, ZoneId zone) {
        Function<BigDecimal, String> says = says(of, tally);
        Optional<DoseAnswer.Give> give = product.map(p -> of.gate().answer(p, of.now()))
                .flatMap(a -> a instanceof DoseAnswer.Give g ? Optional.of(g) : Optional.empty());
        Optional<NextDose> next = give.flatMap(g -> of.gate().next(g.product(), of.now()));
        boolean now = next.filter(
                        n -> n.now().compareTo(give.orElseThrow().dosing().mostEver()) == 0)
                .isPresent();
        Optional<Instant> full = next.flatMap(NextDose::full);
        return new Counting(
                tally.name(),
                says.apply(tally.taken()),
                tally.limited()
                        ? tally.room()
                                .map(r -> Wording.says("counting.roomFor", says.apply(r)))
                                .orElse(Wording.says("counting.moreAsNeededNoMostIsSaid"))
                        : Wording.says("counting.howMuchMoreIsNotKnownFor"),
                next.map(n -> next(of, give.orElseThrow(), n, now, zone))
                        .orElse(Wording.says("counting.notSaidForThemAskFirst")),
                !now,
                Strip.of(tally, says, of.now(), full, zone));
    }

    private static String next(DoseCase of, DoseAnswer.Give give, NextDose next, boolean now, ZoneId zone) {
        Product product = give.product();
        String most =
                Wording.says("clockController.of", product.says(give.dosing().mostEver()), product.name());
        return now
                ? Wording.says("counting.nowUpTo", most)
                : next.full()
                        .map(at -> Wording.says("counting.from", most, DoseNow.from(at, of.now(), zone)))
                        .orElse(Wording.says("counting.notWithinADayIsMoreThan", most));
    }

    private static Function<BigDecimal, String> says(DoseCase of, DoseTally tally) {
        return tally.ingredient()
                ? mg -> Wording.says("counting.mg", mg.stripTrailingZeros().toPlainString())
                : of.formulary()
                        .product(tally.of())
                        .<Function<BigDecimal, String>>map(p -> p::says)
                        .orElse(units -> units.stripTrailingZeros().toPlainString());
    }

    private static boolean holds(Product product, DoseTally tally) {
        return tally.ingredient()
                ? !product.form().onTheSpot() && product.of(tally.of()).micrograms() > 0
                : product.id().equals(tally.of());
    }

    /** The last noted that held it and is still known. */
    private static Optional<Product> last(DoseCase of, DoseTally tally) {
        return of.kept().reversed().stream()
                .filter(KeptDose::counts)
                .flatMap(k -> of.formulary().product(k.noted().product()).stream())
                .filter(p -> holds(p, tally))
                .findFirst()
                .or(() -> of.patient().regular().stream()
                        .map(r -> r.product())
                        .filter(p -> holds(p, tally))
                        .findFirst());
    }
}
