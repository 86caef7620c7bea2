package hodeon.app.dose;

import hodeon.app.medicine.MedicineRules;
import hodeon.app.people.PeopleService;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseClock;
import hodeon.core.medication.DoseClock.Limit;
import hodeon.core.medication.DoseClock.Taken;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Formulary;
import hodeon.core.medication.Ingredient;
import hodeon.core.medication.Limits;
import hodeon.core.medication.Patient;
import hodeon.core.medication.Product;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Somebody with everything a dose depends on. */
record DoseCase(
        PeopleService.Known known,
        Formulary formulary,
        MedicineRules rules,
        Patient patient,
        List<Kept> kept,
        Instant now,
        LocalDate today) {

    private static final Duration DAY = Duration.ofHours(24);

    DoseAnswer answer(Product product) {
        return new DoseSheet(formulary, rules.tradition(), today)
                .of(product, patient, known.profile().directed(), recently(product));
    }

    /** Doses of the last 24 hours, which may still act together with what comes next. */
    private Stream<Kept> recent() {
        return kept.stream().filter(k -> k.counts() && k.at().isAfter(now.minus(DAY)));
    }

    /** Other products' ingredients of the last 24 hours. */
    private Set<String> recently(Product product) {
        return recent().filter(k -> !k.noted().product().equals(product.id()))
                .flatMap(k -> k.noted().amounts().keySet().stream())
                .collect(Collectors.toSet());
    }

    List<Taken> taken() {
        return kept.stream().filter(Kept::counts).map(Kept::taken).toList();
    }

    /** The strictest of what holds for an ingredient, with the products that are in use and perhaps one more. */
    Optional<Limit> limit(String ingredient, Optional<Product> next) {
        Set<Product> inUse = new LinkedHashSet<>(next.stream().toList());
        recent().flatMap(k -> formulary.product(k.noted().product()).stream()).forEach(inUse::add);
        return Limits.of(
                formulary,
                rules.tradition(),
                today,
                ingredient,
                patient,
                known.profile().directed(),
                List.copyOf(inUse));
    }

    Optional<DoseClock> clock(String ingredient, Optional<Product> next) {
        return limit(ingredient, next).map(l -> new DoseClock(ingredient, l, taken()));
    }

    /** What speaks against a dose, each a sentence; empty if nothing known does. */
    List<String> against(Product product, BigDecimal units, Instant at) {
        List<String> reasons = new ArrayList<>();
        switch (answer(product)) {
            case DoseAnswer.Refused refused -> reasons.add(refused.reason());
            case DoseAnswer.Give give -> {
                if (units.compareTo(give.most()) > 0) {
                    reasons.add("More than " + give.amount() + " at once.");
                }
            }
        }
        product.counted(units).forEach((counted, dose) -> clock(counted, Optional.of(product))
                .flatMap(c -> c.breach(dose, at))
                .ifPresent(why -> reasons.add(name(counted) + ": " + why)));
        return reasons;
    }

    /** The ingredient's name, or of what works on the spot the product's. */
    String name(String counted) {
        return formulary
                .ingredient(counted)
                .map(Ingredient::name)
                .or(() -> onTheSpot(counted).map(Product::name))
                .orElse(counted);
    }

    Optional<Product> onTheSpot(String counted) {
        return formulary.products().stream()
                .filter(p -> p.form().onTheSpot() && p.counts(counted))
                .findFirst();
    }

    /** What was taken in the last day, and what a product counts as if one is looked at. */
    List<String> counted(Optional<Product> product) {
        return Stream.concat(
                        recent().flatMap(k ->
                                k.noted().amounts().keySet().stream().sorted()),
                        product.stream().flatMap(p -> p.counted(BigDecimal.ONE).keySet().stream()
                                .sorted()))
                .distinct()
                .toList();
    }
}
