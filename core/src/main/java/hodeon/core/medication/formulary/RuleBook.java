package hodeon.core.medication.formulary;

import hodeon.core.medication.formulary.Rule.Substance;
import hodeon.core.medication.formulary.Rule.With;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The cautions that ship, in their order, and which of them can say anything of one product: a list of hundreds is then not
 * gone through again for every person, product and moment.
 */
final class RuleBook {

    private final List<Rule> rules;
    /** By ingredients that ship, positions in the list. */
    private final Map<Ingredient, Set<Integer>> touching = new HashMap<>();
    /** By products, positions of the rules that name one. */
    private final Map<String, List<Integer>> naming = new HashMap<>();

    RuleBook(List<Rule> rules, List<Ingredient> ingredients) {
        this.rules = List.copyOf(rules);
        ingredients.forEach(i -> touching.put(i, positions(i)));
        for (int i = 0; i < rules.size(); i++) {
            for (Substance taken : rules.get(i).taken()) {
                if (taken instanceof Substance.OfProduct(String product)) {
                    naming.computeIfAbsent(product, p -> new ArrayList<>()).add(i);
                }
            }
        }
    }

    List<Rule> all() {
        return rules;
    }

    /** Rules about a product or one of its ingredients, whether as what is taken or as what it does not go with. */
    List<Rule> touching(Product product, List<Ingredient> ingredients) {
        Set<Integer> positions = new LinkedHashSet<>();
        ingredients.forEach(i -> positions.addAll(touching.getOrDefault(i, Set.of())));
        ingredients.stream().filter(i -> !touching.containsKey(i)).forEach(i -> positions.addAll(positions(i)));
        positions.addAll(naming.getOrDefault(product.id(), List.of()));
        return positions.stream().sorted().map(rules::get).toList();
    }

    private Set<Integer> positions(Ingredient ingredient) {
        Set<Integer> positions = new LinkedHashSet<>();
        for (int i = 0; i < rules.size(); i++) {
            Rule rule = rules.get(i);
            if (rule.about(ingredient)
                    || rule.with().stream()
                            .anyMatch(w -> w instanceof With.Taking(Substance other) && other.matches(ingredient))) {
                positions.add(i);
            }
        }
        return positions;
    }
}
