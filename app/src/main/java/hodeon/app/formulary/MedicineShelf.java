package hodeon.app.formulary;

import hodeon.app.shell.NotHere;
import hodeon.app.storage.RestoredRoom;
import hodeon.core.medication.formulary.Band;
import hodeon.core.medication.formulary.BandLine;
import hodeon.core.medication.formulary.DrugClass;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.FormularyReader;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.Label;
import hodeon.core.medication.formulary.Plausibility;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.party.Age;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The formulary of a household: what ships with what it added in front. Its own labels win over those that ship. */
@Service
@Transactional
// Other rooms read doses and suitability by it.
@Order(Ordered.HIGHEST_PRECEDENCE)
public class MedicineShelf implements RestoredRoom {

    static final int MOST_OWN = 200;

    private final OwnMedicineRepository own;
    private final RulesRepository rules;
    private final Clock clock;
    private final Formulary shipped = FormularyReader.shipped();

    MedicineShelf(OwnMedicineRepository own, RulesRepository rules, Clock clock) {
        this.clock = clock;
        this.own = own;
        this.rules = rules;
    }

    @Transactional(readOnly = true)
    public Formulary of(UUID household) {
        List<OwnMedicineRow> rows = rows(household);
        if (rows.isEmpty()) {
            return shipped;
        }
        return shipped.with(
                unlisted(rows),
                rows.stream().map(this::product).toList(),
                rows.stream().flatMap(this::labels).toList());
    }

    /** Ingredients that do not ship, each with every kind that was said of it. */
    private List<Ingredient> unlisted(List<OwnMedicineRow> rows) {
        Map<String, Set<DrugClass>> kinds = new LinkedHashMap<>();
        for (OwnMedicineRow row : rows) {
            for (String name : row.holds().keySet()) {
                if (shipped.ingredientNamed(name).isEmpty()) {
                    kinds.computeIfAbsent(name, n -> EnumSet.noneOf(DrugClass.class))
                            .addAll(kinds(row));
                }
            }
        }
        return kinds.entrySet().stream()
                .map(e -> Ingredient.ofHousehold(Formulary.ownId(e.getKey()), e.getKey(), e.getValue()))
                .toList();
    }

    private static Set<DrugClass> kinds(OwnMedicineRow row) {
        return Arrays.stream(DrugClass.values())
                .filter(c -> Arrays.asList(row.classes.split(" ")).contains(c.name()))
                .collect(Collectors.toSet());
    }

    /** What ships is meant by any of its names, also in entries from before it shipped. */
    private String idOf(String ingredient) {
        return shipped.ingredientNamed(ingredient).map(Ingredient::id).orElseGet(() -> Formulary.ownId(ingredient));
    }

    /** What ships, without anything a household added. */
    Formulary shipped() {
        return shipped;
    }

    /** Says what kind of thing an ingredient is that does not ship. */
    void setKinds(UUID household, String ingredient, Set<DrugClass> kinds) {
        String words = kinds.stream().map(DrugClass::name).sorted().collect(Collectors.joining(" "));
        rows(household).stream()
                .filter(r -> r.holds().keySet().stream()
                        .anyMatch(n -> Formulary.ownId(n).equals(ingredient)))
                .forEach(r -> r.classes = words);
    }

    /** The same substance in the same form and strength rides in the kit in place of the product that ships. */
    Product product(OwnMedicineRow row) {
        Map<String, Dose> strengths = row.holds().entrySet().stream()
                .collect(Collectors.toMap(e -> idOf(e.getKey()), e -> new Dose(e.getValue()), Dose::plus));
        Optional<Product> sameThatShips = shipped.products().stream()
                .filter(p -> p.form() == row.form && p.strengths().equals(strengths))
                .findFirst();
        Optional<String> supply = Optional.ofNullable(row.supplyId);
        return new Product(
                row.id.toString(),
                row.name,
                row.form,
                strengths,
                new BigDecimal(row.step),
                sameThatShips.map(Product::from).orElse(Age.ofMonths(0)),
                row.slow,
                supply.or(() -> sameThatShips.flatMap(Product::supply)),
                supply.isPresent() || sameThatShips.isEmpty()
                        ? new BigDecimal(row.perPiece)
                        : sameThatShips.get().perPiece(),
                row.prescribed);
    }

    /** What the household's own pack says holds whichever tradition it follows. */
    private Stream<Label> labels(OwnMedicineRow row) {
        List<Band> bands = row.bands.lines().map(BandLine::parse).toList();
        Label.Measure measure = row.measure();
        return bands.isEmpty()
                ? Stream.empty()
                : Stream.of(Tradition.values())
                        .map(t -> Label.ofHousehold(product(row).id(), t, measure, bands, row.confirmed));
    }

    /** What looks like a slip in an entry that can be read. */
    List<String> questions(OwnMedicineRow row) {
        return new Plausibility(shipped)
                .questions(
                        product(row),
                        row.measure(),
                        row.bands.lines().map(BandLine::parse).toList());
    }

    /** A product the household entered, and the row that holds it. */
    record Own(UUID row, Product product) {}

    @Transactional(readOnly = true)
    List<Own> own(UUID household) {
        return rows(household).stream().map(r -> new Own(r.id, product(r))).toList();
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
        own.findById(id)
                        .filter(row -> row.householdId.equals(household))
                        .orElseThrow(() -> new NotHere("medicine " + id))
                        .deletedAt =
                LocalDateTime.now(clock);
    }

    @Transactional(readOnly = true)
    public MedicineRules rules(UUID household) {
        return rules.findById(household)
                .map(r -> new MedicineRules(
                        r.tradition,
                        r.reserveDays == null ? OptionalInt.empty() : OptionalInt.of(r.reserveDays),
                        r.poisonAdvice))
                .orElse(MedicineRules.USUAL);
    }

    public void setRules(UUID household, MedicineRules now) {
        RulesRow row = new RulesRow();
        row.householdId = household;
        row.tradition = now.tradition();
        row.reserveDays = now.reserveDays().isPresent() ? now.reserveDays().getAsInt() : null;
        row.poisonAdvice = now.poisonAdvice();
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

    @Override
    @Transactional(readOnly = true)
    public void readAll(UUID household) {
        for (OwnMedicineRow row : rows(household)) {
            try {
                product(row);
                labels(row).forEach(Label::bands);
            } catch (RuntimeException wrong) {
                throw new IllegalArgumentException("own_medicine " + row.id + ": " + wrong.getMessage());
            }
        }
        of(household);
        rules(household);
    }

    /** By name, which is sealed and so sorted here. */
    private List<OwnMedicineRow> rows(UUID household) {
        return own.findByHouseholdId(household).stream()
                .sorted(Comparator.comparing((OwnMedicineRow r) -> r.name, String.CASE_INSENSITIVE_ORDER)
                        .thenComparing(r -> r.id))
                .toList();
    }
}
