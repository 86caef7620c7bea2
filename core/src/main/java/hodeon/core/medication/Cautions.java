package hodeon.core.medication;

import hodeon.core.medication.Caution.Kind;
import hodeon.core.medication.finding.Because;
import hodeon.core.medication.finding.Warning;
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

        Because because() {
            return Cautions.acting(ingredient.name(), everyDay);
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

    private static Because acting(String name, boolean everyDay) {
        return everyDay ? new Because.Takes(name) : new Because.Had(name);
    }

    private List<Caution> byRules(Product product, Patient patient, List<Ingredient> own, List<Other> others) {
        List<Caution> found = new ArrayList<>();
        for (Rule rule : formulary.rulesTouching(product)) {
            boolean routeFits = rule.route().filter(r -> r != Route.of(product)).isEmpty();
            Optional<Because> because = Optional.empty();
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
                            new Warning.Stated(rule.says()),
                            rule.source())));
        }
        return found;
    }

    private static Optional<Because> swapped(Rule rule, List<Ingredient> own, List<Other> others) {
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
                        .map(Other::because);
    }

    private static Optional<Because> because(With with, Patient patient, List<Other> others, List<Ingredient> own) {
        return switch (with) {
            case With.Everybody everybody -> Optional.of(new Because.Everybody());
            case With.Taking taking -> taken(taking.other(), others, own);
            case With.Having having -> having(having.condition(), patient);
            case With.ReactingTo reacting ->
                patient.allergies().contains(reacting.allergy())
                        ? Optional.of(new Because.ReactsTo(reacting.allergy().label()))
                        : Optional.empty();
            case With.YoungerThan younger ->
                patient.age().under(younger.age()) ? Optional.of(new Because.Under(younger.age())) : Optional.empty();
            case With.OlderThan older ->
                patient.age().under(Age.ofYears(older.years()))
                        ? Optional.empty()
                        : Optional.of(new Because.OrOver(older.years()));
            case With.LighterThan lighter ->
                patient.weighed()
                        .filter(w -> w.kilograms().intValue() < lighter.kilograms())
                        .map(w -> new Because.LighterThan(lighter.kilograms()));
        };
    }

    /** What follows from something known is told by what is known. */
    private static Optional<Because> having(Condition asked, Patient patient) {
        if (patient.conditions().contains(asked)) {
            return Optional.of(new Because.Having(asked));
        }
        return patient.heeds().contains(asked)
                ? patient.conditions().stream()
                        .filter(c -> Condition.toHeed(Set.of(c)).contains(asked))
                        .sorted()
                        .findFirst()
                        .map(Because.Having::new)
                : Optional.empty();
    }

    private static Optional<Because> taken(Substance other, List<Other> others, List<Ingredient> own) {
        return others.stream()
                .filter(o -> !o.onTheSpot() && other.matches(o.ingredient()) && !own.contains(o.ingredient()))
                .findFirst()
                .map(Other::because);
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
                            new Because.ReactsTo(formulary.nameOf(id)),
                            same ? new Warning.InIt() : new Warning.KinTo(ingredient.name()),
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
                            new Because.Also(other.because()),
                            new Warning.SameTwice(),
                            "arithmetic"));
                } else if (!own.contains(other.ingredient())) {
                    doubled(ingredient, other.ingredient())
                            .ifPresent(kind -> found.add(Caution.ask(
                                    grave(kind) && !onTheSpot && !other.onTheSpot() ? Kind.TWO_OF_A_KIND : Kind.RULE,
                                    new Because.Also(other.because()),
                                    new Warning.TwoOfOneKind(kind),
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
        Set<Because> found = new LinkedHashSet<>();
        for (Acting a : acting) {
            if (formulary
                    .ingredient(a.ingredient())
                    .filter(Ingredient::interactionsKnown)
                    .isEmpty()) {
                found.add(acting(formulary.nameOf(a.ingredient()), a.everyDay()));
            }
        }
        patient.reactsTo().stream()
                .filter(id -> formulary.ingredient(id).isEmpty())
                .sorted()
                .forEach(id -> found.add(new Because.ReactsTo(id)));
        own.stream().filter(i -> !i.interactionsKnown()).forEach(i -> found.add(new Because.Holds(i.name())));
        product.strengths().keySet().stream()
                .filter(id -> formulary.ingredient(id).isEmpty())
                .forEach(id -> found.add(new Because.Holds(id)));
        return found.stream()
                .map(because -> Caution.ask(Kind.NOT_KNOWN_HERE, because, new Warning.NotKnownHere(), "nothing known"))
                .toList();
    }
}
