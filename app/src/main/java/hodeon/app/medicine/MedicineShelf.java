package hodeon.app.medicine;

import hodeon.app.shell.NotHere;
import hodeon.core.medication.Band;
import hodeon.core.medication.BandLine;
import hodeon.core.medication.Formulary;
import hodeon.core.medication.FormularyReader;
import hodeon.core.medication.Ingredient;
import hodeon.core.medication.Label;
import hodeon.core.medication.Product;
import hodeon.core.medication.Tradition;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The formulary of a household: what ships with what it added in front. Its own labels win over those that ship. */
@Service
@Transactional
public class MedicineShelf {

    static final int MOST_OWN = 200;

    private final OwnMedicineRepository own;
    private final RulesRepository rules;
    private final Formulary shipped = FormularyReader.shipped();

    MedicineShelf(OwnMedicineRepository own, RulesRepository rules) {
        this.own = own;
        this.rules = rules;
    }

    @Transactional(readOnly = true)
    public Formulary of(UUID household) {
        List<OwnMedicineRow> rows = own.findByHouseholdIdOrderByName(household);
        if (rows.isEmpty()) {
            return shipped;
        }
        List<Ingredient> ingredients = rows.stream()
                .flatMap(r -> r.holds().keySet().stream())
                .filter(i -> shipped.ingredient(i).isEmpty())
                .map(i -> new Ingredient(idOf(i), i, Set.of(), Set.of(), Optional.empty()))
                .distinct()
                .toList();
        return shipped.with(
                ingredients,
                rows.stream().map(this::product).toList(),
                rows.stream().flatMap(this::labels).toList());
    }

    private String idOf(String ingredient) {
        return shipped.ingredient(ingredient).isPresent()
                ? ingredient
                : "own-" + ingredient.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    }

    /** The same substance in the same form and strength takes the place of the product that ships, and its label's. */
    private Product product(OwnMedicineRow row) {
        Map<String, Dose> strengths = row.holds().entrySet().stream()
                .collect(Collectors.toMap(e -> idOf(e.getKey()), e -> new Dose(e.getValue()), Dose::plus));
        Optional<Product> sameThatShips = shipped.products().stream()
                .filter(p -> p.form() == row.form && p.strengths().equals(strengths))
                .findFirst();
        Optional<String> supply = Optional.ofNullable(row.supplyId);
        return new Product(
                sameThatShips.map(Product::id).orElse(row.id.toString()),
                row.name,
                row.form,
                strengths,
                new BigDecimal(row.step),
                supply.or(() -> sameThatShips.flatMap(Product::supply)),
                supply.isPresent() || sameThatShips.isEmpty()
                        ? new BigDecimal(row.perPiece)
                        : sameThatShips.get().perPiece(),
                row.prescribed);
    }

    /** What the household's own pack says holds whichever tradition it follows. */
    private Stream<Label> labels(OwnMedicineRow row) {
        List<Band> bands = row.bands.lines().map(BandLine::parse).toList();
        Label.Measure measure = row.alsoHolds.isEmpty() ? Label.Measure.MILLIGRAMS : Label.Measure.UNITS;
        return bands.isEmpty()
                ? Stream.empty()
                : Stream.of(Tradition.values())
                        .map(t -> new Label(product(row).id(), t, measure, bands, "your own pack"));
    }

    /** A product the household entered, and the row that holds it. */
    record Own(UUID row, Product product) {}

    @Transactional(readOnly = true)
    List<Own> own(UUID household) {
        return own.findByHouseholdIdOrderByName(household).stream()
                .map(r -> new Own(r.id, product(r)))
                .toList();
    }

    @Transactional(readOnly = true)
    boolean full(UUID household) {
        return own.countByHouseholdId(household) >= MOST_OWN;
    }

    void add(UUID household, OwnMedicineRow row) {
        row.householdId = household;
        own.save(row);
    }

    void remove(UUID household, UUID id) {
        if (own.deleteByIdAndHouseholdId(id, household) == 0) {
            throw new NotHere("medicine " + id);
        }
    }

    @Transactional(readOnly = true)
    public MedicineRules rules(UUID household) {
        return rules.findById(household)
                .map(r -> new MedicineRules(
                        r.tradition, r.reserveDays == null ? OptionalInt.empty() : OptionalInt.of(r.reserveDays)))
                .orElse(MedicineRules.USUAL);
    }

    public void setRules(UUID household, MedicineRules now) {
        RulesRow row = new RulesRow();
        row.householdId = household;
        row.tradition = now.tradition();
        row.reserveDays = now.reserveDays().isPresent() ? now.reserveDays().getAsInt() : null;
        rules.save(row);
    }

    /** Products in order of their names, the household's own first. */
    @Transactional(readOnly = true)
    public List<Product> products(UUID household) {
        Formulary formulary = of(household);
        Set<Product> shippedOnes = Set.copyOf(shipped.products());
        return formulary.products().stream()
                .sorted(Comparator.comparing((Product p) -> shippedOnes.contains(p))
                        .thenComparing(Product::name))
                .toList();
    }
}
