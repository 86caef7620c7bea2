package hodeon.core.medication.gate;

import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Counts what somebody had in the last 24 hours, by ingredient, and of what works on the spot by product. */
record DoseTallies(Formulary formulary, KnownDoses book) {

    /** What they had in the last 24 hours, one thing each, and of what a product holds if one is looked at. */
    List<DoseTally> of(Optional<Product> product, Instant now) {
        List<GivenDose> recent = book.around(now).stream()
                .filter(d -> !d.at().isAfter(now) && d.at().plus(DoseClock.DAY).isAfter(now))
                .toList();
        Set<String> ingredients = new LinkedHashSet<>();
        Set<String> spots = new LinkedHashSet<>();
        recent.forEach(d -> {
            if (d.onTheSpot()) {
                spots.add(d.product());
            } else {
                d.amounts().keySet().stream().sorted().forEach(ingredients::add);
            }
        });
        product.ifPresent(p -> {
            if (p.form().onTheSpot()) {
                spots.add(p.id());
            } else {
                p.strengths().keySet().stream().sorted().forEach(ingredients::add);
            }
        });
        DoseClocks clocks = book.clocks(now, product);
        List<DoseTally> tallies = new ArrayList<>();
        for (String ingredient : ingredients) {
            Optional<Product> held = lookedAt(ingredient, product, recent);
            DoseClock clock = clocks.ofIngredient(ingredient, held);
            boolean said = clocks.isSaid(ingredient, held);
            tallies.add(new DoseTally(
                    ingredient,
                    formulary.nameOf(ingredient),
                    true,
                    clock.inLastDay(now),
                    said ? clock.room(now) : Optional.empty(),
                    said,
                    clock.known()));
        }
        for (String spot : spots) {
            Optional<Product> known = formulary.product(spot);
            DoseClock clock = known.map(clocks::ofProduct)
                    .orElseGet(() -> new DoseClock(DoseClock.Limit.NONE, clocks.unitsOf(spot)));
            tallies.add(new DoseTally(
                    spot,
                    known.map(Product::name)
                            .or(() -> recent.stream()
                                    .filter(d -> d.product().equals(spot))
                                    .findFirst()
                                    .map(GivenDose::name))
                            .orElse(spot),
                    false,
                    clock.inLastDay(now),
                    clock.room(now),
                    !clock.limit().equals(DoseClock.Limit.NONE),
                    clock.known()));
        }
        return tallies;
    }

    /** What is looked at if it holds the ingredient, else the last that did and is still known. */
    private Optional<Product> lookedAt(String ingredient, Optional<Product> product, List<GivenDose> recent) {
        return product.filter(p -> p.of(ingredient).micrograms() > 0).or(() -> recent.reversed().stream()
                .filter(d -> d.of(ingredient).micrograms() > 0)
                .flatMap(d -> formulary.product(d.product()).stream())
                .findFirst());
    }
}
