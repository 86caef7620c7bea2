package hodeon.core.medication.amount;

import hodeon.core.medication.finding.MixUp;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.units.Dose;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** What could be mixed up in one bag: one ingredient in several products, one syrup in two strengths. */
public final class MixUps {

    private MixUps() {}

    /** The grave ones first. */
    public static List<MixUp> mixUps(Formulary formulary, List<Product> products) {
        Map<String, List<Product>> byIngredient = new TreeMap<>();
        products.stream().filter(p -> !p.form().onTheSpot()).forEach(p -> p.strengths()
                .keySet()
                .forEach(i ->
                        byIngredient.computeIfAbsent(i, k -> new ArrayList<>()).add(p)));
        List<MixUp> found = new ArrayList<>();
        byIngredient.forEach((id, holding) -> {
            String name = formulary.ingredient(id).map(Ingredient::name).orElse(id);
            for (Map.Entry<MedicineForm, List<Product>> form : holding.stream()
                    .collect(Collectors.groupingBy(Product::form, TreeMap::new, Collectors.toList()))
                    .entrySet()) {
                List<Dose> strengths = form.getValue().stream()
                        .map(p -> p.strengths().get(id))
                        .distinct()
                        .sorted()
                        .toList();
                if (strengths.size() > 1) {
                    found.add(new MixUp.Strengths(
                            name, strengths.size(), strengths, form.getKey().unit()));
                }
            }
            if (holding.size() > 1) {
                found.add(new MixUp.Products(
                        name,
                        holding.size(),
                        holding.stream().map(Product::name).toList()));
            }
        });
        found.sort(Comparator.comparing(m -> m instanceof MixUp.Products));
        return found;
    }

    /** The same products on as few lists as may be, so that two strengths of one syrup never share a list. */
    public static List<List<Product>> apart(List<Product> products) {
        List<List<Product>> lists = new ArrayList<>();
        for (Product product : products) {
            lists.stream()
                    .filter(list -> list.stream().noneMatch(other -> mistaken(product, other)))
                    .findFirst()
                    .orElseGet(() -> {
                        List<Product> fresh = new ArrayList<>();
                        lists.add(fresh);
                        return fresh;
                    })
                    .add(product);
        }
        return lists;
    }

    private static boolean mistaken(Product one, Product other) {
        return one.form().liquid()
                && other.form().liquid()
                && one.strengths().keySet().stream()
                        .anyMatch(i ->
                                other.strengths().containsKey(i) && !one.of(i).equals(other.of(i)));
    }
}
