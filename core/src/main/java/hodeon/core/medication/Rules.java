package hodeon.core.medication;

import hodeon.core.medication.Rule.Substance;
import hodeon.core.medication.Rule.With;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Goes through the list of rules for one person and one product. */
final class Rules {

    private final Formulary formulary;

    Rules(Formulary formulary) {
        this.formulary = formulary;
    }

    List<Caution> of(Product product, Patient patient, Set<String> alsoTaken) {
        List<Ingredient> own = List.copyOf(formulary.ingredientsOf(product));
        List<Ingredient> others = Stream.concat(patient.takes().stream(), alsoTaken.stream())
                .distinct()
                .flatMap(id -> formulary.ingredient(id).stream())
                .toList();
        List<Caution> cautions = new ArrayList<>(duplicates(own, others));
        for (Rule rule : formulary.rules()) {
            // A rule about two things taken holds whichever of them is taken now.
            if (own.stream().anyMatch(rule.taken()::matches)) {
                rule.with().stream()
                        .flatMap(w -> because(w, patient, others, own).stream())
                        .findFirst()
                        .ifPresent(b -> cautions.add(new Caution(rule.level(), b, rule.says(), rule.source())));
            } else {
                swapped(rule, own, others)
                        .ifPresent(b -> cautions.add(new Caution(rule.level(), b, rule.says(), rule.source())));
            }
        }
        cautions.sort(Comparator.comparing(Caution::level).reversed());
        return cautions;
    }

    private static Optional<String> swapped(Rule rule, List<Ingredient> own, List<Ingredient> others) {
        return rule.with().stream()
                .flatMap(w -> w instanceof With.Taking taking && own.stream().anyMatch(taking.other()::matches)
                        ? taken(rule.taken(), others, own).stream()
                        : Stream.empty())
                .findFirst();
    }

    /** The same ingredient twice, or two of one class that do the same harm. */
    private static List<Caution> duplicates(List<Ingredient> own, List<Ingredient> others) {
        List<Caution> found = new ArrayList<>();
        for (Ingredient ingredient : own) {
            if (others.contains(ingredient)) {
                found.add(new Caution(
                        Rule.Level.ASK,
                        "also takes " + ingredient.name(),
                        "The same ingredient twice: count both together.",
                        "arithmetic"));
            }
            for (Ingredient other : others) {
                Set<DrugClass> shared = ingredient.classes().stream()
                        .filter(c -> other.classes().contains(c) && DOUBLING.contains(c))
                        .collect(Collectors.toSet());
                if (!other.equals(ingredient) && !shared.isEmpty()) {
                    found.add(new Caution(
                            Rule.Level.ASK,
                            "also takes " + other.name(),
                            "Two of one kind (" + shared.iterator().next().label() + "): one adds to the other's harm.",
                            "class duplicate"));
                }
            }
        }
        return found;
    }

    private static final Set<DrugClass> DOUBLING = Set.of(
            DrugClass.ANTI_INFLAMMATORY,
            DrugClass.SEDATING,
            DrugClass.ANTIHISTAMINE,
            DrugClass.DECONGESTANT,
            DrugClass.BLOOD_THINNER,
            DrugClass.LAXATIVE,
            DrugClass.OPIOID);

    private static Optional<String> because(With with, Patient patient, List<Ingredient> others, List<Ingredient> own) {
        return switch (with) {
            case With.Everybody everybody -> Optional.of("");
            case With.Taking taking -> taken(taking.other(), others, own);
            case With.Having having ->
                patient.conditions().contains(having.condition())
                        ? Optional.of(having.condition().label())
                        : Optional.empty();
            case With.ReactingTo reacting ->
                patient.allergies().contains(reacting.allergy())
                        ? Optional.of("reacts to " + reacting.allergy().label())
                        : Optional.empty();
            case With.YoungerThan younger ->
                patient.months() < younger.months()
                        ? Optional.of("under " + Band.age(younger.months()))
                        : Optional.empty();
            case With.OlderThan older ->
                patient.months() >= 12 * older.years()
                        ? Optional.of(older.years() + " years or over")
                        : Optional.empty();
            case With.LighterThan lighter ->
                patient.weighed()
                        .filter(w -> w.kilograms().intValue() < lighter.kilograms())
                        .map(w -> "under " + lighter.kilograms() + " kg");
        };
    }

    private static Optional<String> taken(Substance other, List<Ingredient> others, List<Ingredient> own) {
        return others.stream()
                .filter(i -> other.matches(i) && !own.contains(i))
                .findFirst()
                .map(i -> "takes " + i.name());
    }
}
