package hodeon.app.api;

import hodeon.core.medication.formulary.Band;
import hodeon.core.medication.formulary.BandLine;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.party.Age;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Reads what a dose is asked of: products under Medicines by their ids, and products described in the body, which stand
 * beside them for this one call.
 */
final class DoseProducts {

    private final List<Ingredient> ingredients = new ArrayList<>();
    private final List<Product> described = new ArrayList<>();
    private final List<Label> labels = new ArrayList<>();
    private final Formulary known;

    /** @param body whose “described” products are read */
    DoseProducts(JsonFields body, Formulary known) {
        this.known = known;
        body.objects("described").forEach(this::described);
    }

    /** What is known with what was described. */
    Formulary formulary() {
        return known.with(ingredients, described, labels);
    }

    private void described(JsonFields row) {
        String id = row.text("id");
        Map<String, Dose> strengths = new HashMap<>();
        for (JsonFields holds : row.objects("holds")) {
            String name = holds.text("ingredient");
            String ingredient = known.ingredientNamed(name).map(Ingredient::id).orElseGet(() -> {
                Ingredient own = Ingredient.ofHousehold(Formulary.ownId(name), name, Set.of());
                ingredients.add(own);
                return own.id();
            });
            strengths.put(ingredient, Dose.ofMilligrams(holds.decimal("mg").orElse(BigDecimal.ONE)));
        }
        if (id.isEmpty() || strengths.isEmpty()) {
            return; // It is told as a fault already.
        }
        described.add(new Product(
                id,
                row.optionalText("name").orElse(id),
                row.read(
                        "form",
                        MedicineForm.TABLET,
                        t -> DosePerson.constant(t, MedicineForm.class),
                        "is a form of medicine, such as tablet or syrup",
                        "Correct it"),
                strengths,
                row.decimal("step").orElse(BigDecimal.ONE),
                Age.ofMonths(row.whole("fromMonths", 0)),
                row.yes("slowRelease", false),
                Optional.empty(),
                BigDecimal.ONE,
                row.yes("prescribed", false)));
        labels(row, id, strengths.size() == 1);
    }

    private void labels(JsonFields row, String id, boolean single) {
        List<Band> bands = row.texts("bands").stream()
                .flatMap(line -> band(row, line).stream())
                .toList();
        if (!bands.isEmpty()) {
            Stream.of(Tradition.values())
                    .map(t -> Label.ofHousehold(
                            id, t, single ? Label.Measure.MILLIGRAMS : Label.Measure.UNITS, bands, ""))
                    .forEach(labels::add);
        }
    }

    private static Optional<Band> band(JsonFields row, String line) {
        try {
            return Optional.of(BandLine.parse(line));
        } catch (IllegalArgumentException e) {
            row.fault(
                    "bands",
                    "say for whom, how much and how often, like “age 6y-12y dose 5 every 12h times 2 most 10”",
                    "Correct “" + line + "”");
            return Optional.empty();
        }
    }
}
