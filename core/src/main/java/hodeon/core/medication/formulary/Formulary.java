package hodeon.core.medication.formulary;

import hodeon.core.party.RescueMedicine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Everything known about medicines: what ships, and what a household added. Ingredients are found by id in one step; labels
 * several for one thing where traditions differ, a household's own before those that ship.
 */
public final class Formulary {

    private static final String OWN = "own-";

    private final Map<String, Ingredient> ingredients;
    private final Map<String, Product> products;
    private final Map<String, Product> bySupply = new HashMap<>();
    private final List<Label> labels;
    private final RuleBook rules;
    private final List<RescueUse> rescue;
    private final IngredientNames names;

    public Formulary(
            List<Ingredient> ingredients,
            List<Product> products,
            List<Label> labels,
            List<Rule> rules,
            List<RescueUse> rescue) {
        this(ingredients, products, labels, new RuleBook(rules, ingredients), rescue);
    }

    private Formulary(
            List<Ingredient> ingredients,
            List<Product> products,
            List<Label> labels,
            RuleBook rules,
            List<RescueUse> rescue) {
        this.ingredients = byId(ingredients, Ingredient::id);
        this.products = byId(products, Product::id);
        this.products.values().forEach(p -> p.supply().ifPresent(s -> bySupply.putIfAbsent(s, p)));
        this.labels = List.copyOf(labels);
        this.rules = rules;
        this.rescue = List.copyOf(rescue);
        this.names = new IngredientNames(ingredients);
    }

    private static <T> Map<String, T> byId(List<T> things, Function<T, String> id) {
        Map<String, T> byId = new LinkedHashMap<>();
        things.forEach(t -> byId.putIfAbsent(id.apply(t), t));
        return byId;
    }

    public List<Ingredient> ingredients() {
        return List.copyOf(ingredients.values());
    }

    public List<Product> products() {
        return List.copyOf(products.values());
    }

    public List<Label> labels() {
        return labels;
    }

    public List<Rule> rules() {
        return rules.all();
    }

    /** Those cautions that can say anything of a product, whatever else somebody has or takes; in the list's order. */
    public List<Rule> rulesTouching(Product product) {
        return rules.touching(product, ingredientsOf(product));
    }

    /** How prescribed rescue medicine is used. */
    public Optional<RescueUse> rescue(RescueMedicine medicine) {
        return rescue.stream().filter(u -> u.medicine() == medicine).findFirst();
    }

    public Optional<Ingredient> ingredient(String id) {
        return Optional.ofNullable(ingredients.get(id));
    }

    /** By what a pack calls it; see {@link IngredientNames}. */
    public Optional<Ingredient> ingredientNamed(String typed) {
        return names.find(typed);
    }

    /** What may have been meant by a name that nothing has. */
    public Optional<Ingredient> ingredientLike(String typed) {
        return names.nearest(typed);
    }

    /** Its name; of what is not known, or no longer, as it was called by the household. */
    public String nameOf(String ingredient) {
        return ingredient(ingredient)
                .map(Ingredient::name)
                .orElseGet(() -> ingredient.startsWith(OWN)
                        ? ingredient.substring(OWN.length()).replace('-', ' ')
                        : ingredient);
    }

    /** The id of an ingredient that a household named itself; ids of those that ship never begin so. */
    public static String ownId(String name) {
        return OWN + name.strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    }

    public Ceilings ceilings(String ingredient) {
        return ingredient(ingredient).map(Ingredient::ceilings).orElse(Ceilings.NONE);
    }

    public Optional<Product> product(String id) {
        return Optional.ofNullable(products.get(id));
    }

    public Optional<Product> inSupply(String supply) {
        return Optional.ofNullable(bySupply.get(supply));
    }

    /** What the label says of a product: its own label, else that of its only ingredient; own entries first. */
    public Optional<Label> label(Product product, Tradition tradition) {
        return labelOf(product.id(), tradition)
                .or(() -> product.mixture() ? Optional.empty() : labelOf(product.only(), tradition));
    }

    /** The label that ships for an ingredient or a product, or that of a household's own product. */
    public Optional<Label> labelOf(String id, Tradition tradition) {
        return labels.stream()
                .filter(l -> l.of().equals(id) && l.tradition() == tradition)
                .findFirst();
    }

    /** Those of its ingredients that are known at all. */
    public List<Ingredient> ingredientsOf(Product product) {
        List<Ingredient> known = new ArrayList<>();
        product.strengths().keySet().stream().sorted().forEach(id -> ingredient(id)
                .ifPresent(known::add));
        return known;
    }

    /** With a household's own in front; an id of its own takes the place of one that ships. */
    public Formulary with(List<Ingredient> ownIngredients, List<Product> ownProducts, List<Label> ownLabels) {
        return new Formulary(
                Stream.concat(ownIngredients.stream(), ingredients.values().stream())
                        .toList(),
                Stream.concat(ownProducts.stream(), products.values().stream()).toList(),
                Stream.concat(ownLabels.stream(), labels.stream()).toList(),
                rules,
                rescue);
    }
}
