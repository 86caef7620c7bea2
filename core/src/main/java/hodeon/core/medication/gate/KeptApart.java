package hodeon.core.medication.gate;

import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Rule;
import hodeon.core.medication.formulary.Rule.Substance;
import hodeon.core.medication.formulary.Rule.With;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds doses that lie nearer than they may to what they keep from working: an antacid by a thyroid tablet, say. */
final class KeptApart {

    private final Formulary formulary;

    KeptApart(Formulary formulary) {
        this.formulary = formulary;
    }

    List<Objection.KeepApart> of(Product product, Instant at, List<GivenDose> known) {
        List<Ingredient> own = formulary.ingredientsOf(product);
        List<Objection.KeepApart> found = new ArrayList<>();
        for (Rule rule : formulary.rulesTouching(product)) {
            if (rule.apart().isEmpty()) {
                continue;
            }
            Duration apart = rule.apart().get();
            known.stream()
                    .filter(d -> !d.product().equals(product.id())
                            && Duration.between(d.at(), at).abs().compareTo(apart) < 0
                            && clash(rule, own, ingredients(d)))
                    .min(Comparator.comparing(d -> Duration.between(d.at(), at).abs()))
                    .ifPresent(d -> found.add(new Objection.KeepApart(d.name(), d.at(), apart, rule.says())));
        }
        return found;
    }

    private List<Ingredient> ingredients(GivenDose dose) {
        return dose.onTheSpot()
                ? List.of()
                : dose.amounts().keySet().stream()
                        .flatMap(id -> formulary.ingredient(id).stream())
                        .toList();
    }

    private static boolean clash(Rule rule, List<Ingredient> one, List<Ingredient> other) {
        return one.stream().anyMatch(rule::about) && other.stream().anyMatch(i -> with(rule, i))
                || other.stream().anyMatch(rule::about) && one.stream().anyMatch(i -> with(rule, i));
    }

    private static boolean with(Rule rule, Ingredient ingredient) {
        return rule.with().stream()
                .anyMatch(w -> w instanceof With.Taking(Substance other) && other.matches(ingredient));
    }
}
