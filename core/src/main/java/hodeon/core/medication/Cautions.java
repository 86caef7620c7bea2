package hodeon.core.medication;

import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.formulary.DrugClass;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Ingredient;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Rule;
import hodeon.core.medication.formulary.Rule.Level;
import hodeon.core.medication.formulary.Rule.Route;
import hodeon.core.medication.formulary.Rule.Substance;
import hodeon.core.medication.formulary.Rule.With;
import hodeon.core.party.Age;
import hodeon.core.party.Condition;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What one has to know before one person takes one product: the list of rules, what they react to, what doubles what they
 * have had, and what nobody here knows about. The one place where contraindications are decided.
 */
public final class Cautions {

    /** Kinds of which two together do more harm than either; the first sets are never doubled without a word. */
    private static final List<Set<DrugClass>> GRAVE_DOUBLES = List.of(
            Set.of(DrugClass.ANTI_INFLAMMATORY, DrugClass.SALICYLATE), Set.of(DrugClass.SEDATING, DrugClass.OPIOID));

    private static final Set<DrugClass> DOUBLES = Set.of(
            DrugClass.ANTIHISTAMINE,
            DrugClass.ANTICHOLINERGIC,
            DrugClass.DECONGESTANT,
            DrugClass.BLOOD_THINNER,
            DrugClass.LAXATIVE,
            DrugClass.TRIPTAN);

    /** Who reacts to one of such a kind is not given another. */
    private static final Set<DrugClass> CROSS_REACTING = Set.of(
            DrugClass.ANTI_INFLAMMATORY,
            DrugClass.PENICILLIN,
            DrugClass.CEPHALOSPORIN,
            DrugClass.MACROLIDE,
            DrugClass.QUINOLONE,
            DrugClass.TETRACYCLINE,
            DrugClass.SULFONAMIDE,
            DrugClass.OPIOID,
            DrugClass.NUMBING);

    private final Formulary formulary;

    public Cautions(Formulary formulary) {
        this.formulary = formulary;
    }

    /**
     * Something else that acts in somebody.
     *
     * @param ingredient its id
     * @param onTheSpot whether it was put on the skin, in the eye or the nose
     * @param everyDay whether they take it regularly, rather than having had it within a day
     */
    public record Acting(String ingredient, boolean onTheSpot, boolean everyDay) {}

    /** Something else that acts, as far as it is known. */
    private record Other(Ingredient ingredient, boolean onTheSpot, boolean everyDay) {

        String said() {
            return everyDay ? "takes " + ingredient.name() : "had " + ingredient.name() + " within a day";
        }
    }

    /**
     * Gravest first.
     *
     * @param recently what they had within a day, this product left out
     */
    public List<Caution> of(Product product, Patient patient, List<Acting> recently) {
        List<Acting> acting = Stream.concat(regular(product, patient), recently.stream())
                .distinct()
                .toList();
        List<Ingredient> own = formulary.ingredientsOf(product);
        List<Other> others = acting.stream()
                .flatMap(a -> formulary.ingredient(a.ingredient()).stream()
                        .map(i -> new Other(i, a.onTheSpot(), a.everyDay())))
                .toList();
        List<Caution> cautions = new ArrayList<>(byRules(product, patient, own, others));
        cautions.addAll(allergies(own, patient));
        cautions.addAll(doubles(product, own, others));
        cautions.addAll(notKnown(product, patient, own, acting));
        cautions.sort(Comparator.comparing(Caution::level).reversed());
        return cautions;
    }

    /** What they take every day, this very product left out. */
    private static Stream<Acting> regular(Product product, Patient patient) {
        return Stream.concat(
                patient.regular().stream()
                        .filter(r -> !r.product().id().equals(product.id()))
                        .flatMap(r -> r.product().strengths().keySet().stream()
                                .sorted()
                                .map(i -> new Acting(i, r.product().form().onTheSpot(), true))),
                patient.alsoTakes().stream().sorted().map(i -> new Acting(i, false, true)));
    }

    private List<Caution> byRules(Product product, Patient patient, List<Ingredient> own, List<Other> others) {
        List<Caution> found = new ArrayList<>();
        for (Rule rule : formulary.rulesTouching(product)) {
            boolean routeFits = rule.route().filter(r -> r != Route.of(product)).isEmpty();
            Optional<String> because = Optional.empty();
            if (routeFits && (rule.about(product) || own.stream().anyMatch(rule::about))) {
                because = rule.with().stream()
                        .flatMap(w -> because(w, patient, others, own).stream())
                        .findFirst();
            }
            // A rule about two things taken holds whichever of them is taken now.
            because.or(() -> swapped(rule, own, others))
                    .ifPresent(b -> found.add(new Caution(
                            rule.apart().isPresent() ? Kind.KEEP_APART : Kind.RULE,
                            rule.level(),
                            b,
                            rule.says(),
                            rule.source())));
        }
        return found;
    }

    private static Optional<String> swapped(Rule rule, List<Ingredient> own, List<Other> others) {
        boolean other = rule.with().stream()
                .anyMatch(w -> w instanceof With.Taking taking && own.stream().anyMatch(taking.other()::matches));
        return !other
                ? Optional.empty()
                : others.stream()
                        .filter(o -> !own.contains(o.ingredient()) && rule.about(o.ingredient()))
                        .filter(o -> rule.route()
                                .filter(r -> r != (o.onTheSpot() ? Route.ON_THE_SPOT : Route.SWALLOWED))
                                .isEmpty())
                        .findFirst()
                        .map(Other::said);
    }

    private static Optional<String> because(With with, Patient patient, List<Other> others, List<Ingredient> own) {
        return switch (with) {
            case With.Everybody everybody -> Optional.of("");
            case With.Taking taking -> taken(taking.other(), others, own);
            case With.Having having -> having(having.condition(), patient);
            case With.ReactingTo reacting ->
                patient.allergies().contains(reacting.allergy())
                        ? Optional.of("reacts to " + reacting.allergy().label())
                        : Optional.empty();
            case With.YoungerThan younger ->
                patient.age().under(younger.age()) ? Optional.of("under " + younger.age()) : Optional.empty();
            case With.OlderThan older ->
                patient.age().under(Age.ofYears(older.years()))
                        ? Optional.empty()
                        : Optional.of(older.years() + " years or over");
            case With.LighterThan lighter ->
                patient.weighed()
                        .filter(w -> w.kilograms().intValue() < lighter.kilograms())
                        .map(w -> "under " + lighter.kilograms() + " kg");
        };
    }

    /** What follows from something known is told by what is known. */
    private static Optional<String> having(Condition asked, Patient patient) {
        if (patient.conditions().contains(asked)) {
            return Optional.of(asked.label());
        }
        return patient.heeds().contains(asked)
                ? patient.conditions().stream()
                        .filter(c -> Condition.toHeed(Set.of(c)).contains(asked))
                        .sorted()
                        .findFirst()
                        .map(Condition::label)
                : Optional.empty();
    }

    private static Optional<String> taken(Substance other, List<Other> others, List<Ingredient> own) {
        return others.stream()
                .filter(o -> !o.onTheSpot() && other.matches(o.ingredient()) && !own.contains(o.ingredient()))
                .findFirst()
                .map(Other::said);
    }

    private List<Caution> allergies(List<Ingredient> own, Patient patient) {
        List<Caution> found = new ArrayList<>();
        for (String id : patient.reactsTo()) {
            for (Ingredient ingredient : own) {
                boolean same = ingredient.id().equals(id);
                boolean kin = formulary.ingredient(id).stream()
                        .flatMap(i -> i.classes().stream())
                        .anyMatch(c -> CROSS_REACTING.contains(c) && ingredient.is(c));
                if (same || kin) {
                    found.add(new Caution(
                            Kind.ALLERGY,
                            Level.NEVER,
                            "reacts to " + formulary.nameOf(id),
                            same ? "It is in it." : "It is kin to " + ingredient.name() + ".",
                            "what is written of them"));
                }
            }
        }
        return found;
    }

    /** The same ingredient twice, or two of one kind that do the same harm. */
    private static List<Caution> doubles(Product product, List<Ingredient> own, List<Other> others) {
        boolean onTheSpot = product.form().onTheSpot();
        List<Caution> found = new ArrayList<>();
        for (Ingredient ingredient : own) {
            for (Other other : others) {
                if (other.ingredient().equals(ingredient)) {
                    found.add(Caution.ask(
                            Kind.SAME_INGREDIENT,
                            "also " + other.said(),
                            "The same ingredient twice: count both together.",
                            "arithmetic"));
                } else if (!own.contains(other.ingredient())) {
                    doubled(ingredient, other.ingredient())
                            .ifPresent(kind -> found.add(Caution.ask(
                                    grave(kind) && !onTheSpot && !other.onTheSpot() ? Kind.TWO_OF_A_KIND : Kind.RULE,
                                    "also " + other.said(),
                                    "Two of one kind (" + kind.label() + "): one adds to the other's harm.",
                                    "class duplicate")));
                }
            }
        }
        return found.stream().distinct().toList();
    }

    private static boolean grave(DrugClass kind) {
        return GRAVE_DOUBLES.stream().anyMatch(s -> s.contains(kind));
    }

    private static Optional<DrugClass> doubled(Ingredient one, Ingredient other) {
        for (Set<DrugClass> kinds : GRAVE_DOUBLES) {
            Optional<DrugClass> mine =
                    one.classes().stream().filter(kinds::contains).sorted().findFirst();
            if (mine.isPresent() && other.classes().stream().anyMatch(kinds::contains)) {
                return mine;
            }
        }
        return one.classes().stream()
                .filter(c -> DOUBLES.contains(c) && other.is(c))
                .sorted()
                .findFirst();
    }

    /** Of what is not known here, or was named by the household itself, nobody can say what it does together with others. */
    private List<Caution> notKnown(Product product, Patient patient, List<Ingredient> own, List<Acting> acting) {
        Set<String> names = new LinkedHashSet<>();
        for (Acting a : acting) {
            if (formulary
                    .ingredient(a.ingredient())
                    .filter(Ingredient::interactionsKnown)
                    .isEmpty()) {
                names.add((a.everyDay() ? "takes " : "had ")
                        + formulary.nameOf(a.ingredient())
                        + (a.everyDay() ? "" : " within a day"));
            }
        }
        patient.reactsTo().stream()
                .filter(id -> formulary.ingredient(id).isEmpty())
                .sorted()
                .forEach(id -> names.add("reacts to " + id));
        own.stream().filter(i -> !i.interactionsKnown()).forEach(i -> names.add("holds " + i.name()));
        product.strengths().keySet().stream()
                .filter(id -> formulary.ingredient(id).isEmpty())
                .forEach(id -> names.add("holds " + id));
        return names.stream()
                .map(because -> Caution.ask(
                        Kind.NOT_KNOWN_HERE,
                        because,
                        "What that does together with other medicine is not known here: ask a pharmacist.",
                        "nothing known"))
                .toList();
    }
}
