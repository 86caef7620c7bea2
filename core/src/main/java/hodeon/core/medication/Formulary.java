package hodeon.core.medication;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Everything known about medicines: what ships, and what a household added.
 *
 * @param labels several for one thing where traditions differ; a household's own stand before those that ship
 */
public record Formulary(List<Ingredient> ingredients, List<Product> products, List<Label> labels, List<Rule> rules) {

    public Formulary {
        ingredients = List.copyOf(ingredients);
        products = List.copyOf(products);
        labels = List.copyOf(labels);
        rules = List.copyOf(rules);
    }

    public Optional<Ingredient> ingredient(String id) {
        return ingredients.stream().filter(i -> i.id().equals(id)).findFirst();
    }

    public Optional<Product> product(String id) {
        return products.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Optional<Product> inSupply(String supply) {
        return products.stream()
                .filter(p -> p.supply().equals(Optional.of(supply)))
                .findFirst();
    }

    /** What the label says of a product: its own label, else that of its only ingredient; own entries first. */
    Optional<Label> label(Product product, Tradition tradition) {
        return labelOf(product.id(), tradition)
                .or(() -> product.strengths().size() == 1
                        ? labelOf(product.strengths().keySet().iterator().next(), tradition)
                        : Optional.empty());
    }

    Optional<Label> labelOf(String id, Tradition tradition) {
        return labels.stream()
                .filter(l -> l.of().equals(id) && l.tradition() == tradition)
                .findFirst();
    }

    Collection<Ingredient> ingredientsOf(Product product) {
        return product.strengths().keySet().stream()
                .flatMap(id -> ingredient(id).stream())
                .toList();
    }

    /** Cautions for somebody who is about to take a product and may have taken others, gravest first. */
    public List<Caution> cautions(Product product, Patient patient, Set<String> alsoTaken) {
        return new Rules(this).of(product, patient, alsoTaken);
    }

    /** With a household's own in front; an id of its own takes the place of one that ships. */
    public Formulary with(List<Ingredient> ownIngredients, List<Product> ownProducts, List<Label> ownLabels) {
        return new Formulary(
                together(ownIngredients, ingredients, Ingredient::id),
                together(ownProducts, products, Product::id),
                Stream.concat(ownLabels.stream(), labels.stream()).toList(),
                rules);
    }

    private static <T> List<T> together(List<T> own, List<T> shipped, Function<T, String> id) {
        Map<String, T> byId = new LinkedHashMap<>();
        own.forEach(o -> byId.putIfAbsent(id.apply(o), o));
        shipped.forEach(s -> byId.putIfAbsent(id.apply(s), s));
        return List.copyOf(byId.values());
    }
}
