package hodeon.core.medication.gate;

import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.medication.Caution;
import hodeon.core.medication.Cautions;
import hodeon.core.medication.Cautions.Acting;
import hodeon.core.medication.DoseAnswer.Give;
import hodeon.core.medication.DoseSheet;
import hodeon.core.medication.Patient;
import hodeon.core.medication.finding.Warning;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.MedicineForm;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * The doses of one person as they stand on a card: what shares an ingredient together, under one most in 24 hours for what is
 * shared, and what does not go together.
 *
 * <p>Worked example: a grown-up by British labels has paracetamol tablets (at most 4,000 mg in 24 h) and cold-relief tablets that
 * hold paracetamol too (at most 8 tablets, 4,000 mg). They stand in one group: no more than 4,000 mg of paracetamol from both.
 */
public final class CardDoses {

    /** From this age on somebody has the tablets, where there are tablets and syrup of the same. */
    private static final Age TABLETS_FROM = Age.ofYears(PlanningAssumption.TABLETS_FROM.whole());

    private final Formulary formulary;
    private final DoseSheet sheet;
    private final Patient patient;

    public CardDoses(Formulary formulary, Tradition tradition, Patient patient) {
        this.formulary = formulary;
        this.sheet = new DoseSheet(formulary, tradition);
        this.patient = patient;
    }

    /**
     * Doses that share an ingredient, or a single one.
     *
     * @param mostInADay in mg, by the id of each ingredient that more than one of them holds
     */
    public record Group(List<Give> doses, Map<String, BigDecimal> mostInADay) {}

    /**
     * What one thing of a bag does not go together with.
     *
     * @param others its fellows of which the same is to be said
     */
    public record Apart(Product one, List<Product> others, Warning warning) {}

    /** In the order of the products; a child's syrup is left out for who may have the tablets. */
    public List<Group> groups(List<Product> products) {
        List<Give> gives = products.stream()
                .flatMap(p -> sheet.of(p, patient) instanceof Give give ? Stream.of(give) : Stream.empty())
                .toList();
        List<Give> wanted =
                gives.stream().filter(g -> !syrupBesideTablets(g, gives)).toList();
        List<Group> groups = new ArrayList<>();
        Set<Give> placed = new LinkedHashSet<>();
        for (Give give : wanted) {
            if (!placed.contains(give)) {
                List<Give> together = connected(give, wanted);
                placed.addAll(together);
                groups.add(new Group(together, shared(together)));
            }
        }
        return groups;
    }

    private boolean syrupBesideTablets(Give give, List<Give> gives) {
        return give.product().form() == MedicineForm.SYRUP
                && !patient.age().under(TABLETS_FROM)
                && gives.stream()
                        .anyMatch(other -> other.product().form() != MedicineForm.SYRUP
                                && other.product()
                                        .strengths()
                                        .keySet()
                                        .equals(give.product().strengths().keySet()));
    }

    /** Everything that shares something with it, or with what shares something with it. */
    private static List<Give> connected(Give first, List<Give> all) {
        Set<Give> found = new LinkedHashSet<>(List.of(first));
        boolean grew = true;
        while (grew) {
            grew =
                    all.stream()
                                    .filter(g ->
                                            !found.contains(g) && found.stream().anyMatch(f -> share(f, g)))
                                    .toList()
                                    .stream()
                                    .filter(found::add)
                                    .count()
                            > 0;
        }
        return all.stream().filter(found::contains).toList();
    }

    private static boolean share(Give one, Give other) {
        return one.product().strengths().keySet().stream()
                .anyMatch(i -> other.product().of(i).micrograms() > 0);
    }

    private Map<String, BigDecimal> shared(List<Give> together) {
        Map<String, BigDecimal> most = new TreeMap<>();
        Map<String, Long> held = new LinkedHashMap<>();
        together.forEach(g -> g.product().strengths().keySet().forEach(i -> held.merge(i, 1L, Long::sum)));
        DoseClocks clocks = new DoseClocks(
                formulary,
                sheet,
                patient,
                List.of(),
                patient.asOf().atStartOfDay().toInstant(ZoneOffset.UTC),
                new HashMap<>());
        held.forEach((ingredient, products) -> {
            if (products > 1) {
                together.stream()
                        .filter(g -> g.product().of(ingredient).micrograms() > 0)
                        .flatMap(g ->
                                clocks.ofIngredient(ingredient, Optional.of(g.product())).limit().inADay().stream())
                        .min(Comparator.naturalOrder())
                        .ifPresent(day -> most.put(ingredient, day));
            }
        });
        return most;
    }

    /** What of a bag does not go together for this person, the same ingredient left out: that is counted. */
    public List<Apart> apart(List<Product> products) {
        List<Product> had = products.stream()
                .filter(p -> sheet.of(p, patient) instanceof Give)
                .toList();
        Cautions cautions = new Cautions(formulary);
        List<Apart> found = new ArrayList<>();
        for (int i = 0; i < had.size(); i++) {
            Product one = had.get(i);
            List<Caution> alone = cautions.of(one, patient, List.of());
            Map<Warning, List<Product>> byWarning = new LinkedHashMap<>();
            for (Product other : had.subList(i + 1, had.size())) {
                List<Acting> acting = other.strengths().keySet().stream()
                        .sorted()
                        .map(id -> new Acting(id, other.form().onTheSpot(), false))
                        .toList();
                cautions.of(one, patient, acting).stream()
                        .filter(c -> c.asks()
                                && !alone.contains(c)
                                && c.kind() != Caution.Kind.SAME_INGREDIENT
                                && c.kind() != Caution.Kind.NOT_KNOWN_HERE)
                        .map(Caution::warning)
                        .distinct()
                        .forEach(warning -> byWarning
                                .computeIfAbsent(warning, s -> new ArrayList<>())
                                .add(other));
            }
            byWarning.forEach((warning, others) -> found.add(new Apart(one, others, warning)));
        }
        return found;
    }
}
