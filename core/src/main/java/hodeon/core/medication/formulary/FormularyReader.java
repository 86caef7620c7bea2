package hodeon.core.medication.formulary;

import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.catalogue.file.SectionValues;
import hodeon.core.medication.formulary.Rule.Substance;
import hodeon.core.medication.formulary.Rule.With;
import hodeon.core.party.Age;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.RescueMedicine;
import hodeon.core.units.Dose;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the reference files of medicines; everything wrong in them is reported at once, with file and line. */
public final class FormularyReader {

    /** What was read, and everything that was wrong with it. Use the formulary only when there are no faults. */
    public record Reading(Formulary formulary, List<CatalogueFault> faults) {}

    private static final Pattern CEILING = Pattern.compile("([\\d.]+) every (\\d+)h day ([\\d.]+)");
    private static final Pattern KILOGRAM_CEILING = Pattern.compile("once ([\\d.]+) day ([\\d.]+)");

    private final List<CatalogueFault> faults = new ArrayList<>();
    private final Set<String> ingredientIds = new HashSet<>();
    private final Set<String> productIds = new HashSet<>();

    private FormularyReader() {}

    /** The reference data that ship with the product; throws {@link IllegalStateException} if they are damaged. */
    public static Formulary shipped() {
        Reading reading = read(
                file("ingredients.txt"),
                file("products.txt"),
                file("labels.txt"),
                file("cautions.txt"),
                file("rescue.txt"));
        if (!reading.faults().isEmpty()) {
            throw new IllegalStateException("Reference data: " + reading.faults());
        }
        return reading.formulary();
    }

    public static Reading read(String ingredients, String products, String labels, String cautions, String rescue) {
        FormularyReader reader = new FormularyReader();
        List<Ingredient> substances =
                reader
                        .sections("ingredients.txt", ingredients, "name", "also", "class", "ceiling", "ceiling-kg")
                        .stream()
                        .map(reader::ingredient)
                        .toList();
        List<Product> packs = reader
                .sections(
                        "products.txt",
                        products,
                        "name",
                        "form",
                        "holds",
                        "step",
                        "from",
                        "slow",
                        "supply",
                        "per-piece",
                        "prescribed")
                .stream()
                .map(reader::product)
                .toList();
        Set<String> labelled = new HashSet<>(reader.ingredientIds);
        packs.forEach(p -> labelled.add(p.id()));
        List<Label> says = reader.sections("labels.txt", labels, "measure", "band", "source").stream()
                .flatMap(v -> reader.label(v, labelled).stream())
                .toList();
        List<Rule> rules = reader
                .sections("cautions.txt", cautions, "taken", "with", "route", "level", "apart", "says", "source")
                .stream()
                .map(reader::rule)
                .toList();
        List<RescueUse> uses = reader.sections("rescue.txt", rescue, "how", "again", "source", "reviewed").stream()
                .flatMap(v -> reader.rescue(v).stream())
                .toList();
        return new Reading(new Formulary(substances, packs, says, rules, uses), List.copyOf(reader.faults));
    }

    private Ingredient ingredient(SectionValues v) {
        ingredientIds.add(v.id());
        Set<DrugClass> classes = new HashSet<>();
        v.each("class", text -> {
            for (String word : text.split(" +")) {
                classes.add(SectionValues.named(word, DrugClass.class));
            }
            return text;
        });
        return new Ingredient(
                v.id(), v.text("name"), new HashSet<>(v.each("also", t -> t)), classes, ceilings(v), true);
    }

    private static Ceilings ceilings(SectionValues v) {
        List<Ceilings.Line> lines = v.each("ceiling", text -> {
            Matcher m = matched(CEILING, text, "MG every N h day MG");
            return new Ceilings.Line(
                    milligrams(m.group(1)), Duration.ofHours(Long.parseLong(m.group(2))), milligrams(m.group(3)));
        });
        Optional<Matcher> each = v.one(
                "ceiling-kg",
                Optional.of(Optional.empty()),
                Optional.empty(),
                t -> Optional.of(matched(KILOGRAM_CEILING, t, "once MG day MG")));
        return new Ceilings(lines, each.map(m -> milligrams(m.group(1))), each.map(m -> milligrams(m.group(2))));
    }

    private static Matcher matched(Pattern pattern, String text, String form) {
        Matcher m = pattern.matcher(text);
        if (!m.matches()) {
            throw new IllegalArgumentException("“" + text + "” is not “" + form + "”.");
        }
        return m;
    }

    private Product product(SectionValues v) {
        productIds.add(v.id());
        Map<String, Dose> strengths = new HashMap<>();
        v.each("holds", text -> {
            String[] words = text.split(" +");
            if (words.length != 2) {
                throw new IllegalArgumentException("“" + text + "” is not “ingredient mg”.");
            }
            strengths.put(known(words[0]), milligrams(words[1]));
            return text;
        });
        if (strengths.isEmpty()) {
            v.fault(v.line(), "[" + v.id() + "] holds nothing.");
        }
        return new Product(
                v.id(),
                v.text("name"),
                v.constant("form", MedicineForm.class),
                strengths,
                v.one("step", Optional.of(BigDecimal.ONE), BigDecimal.ONE, BigDecimal::new),
                v.one("from", Optional.of(new Age(0)), new Age(0), t -> new Age(BandLine.months(t))),
                v.yes("slow"),
                v.one("supply", Optional.of(Optional.empty()), Optional.empty(), Optional::of),
                v.one("per-piece", Optional.of(BigDecimal.ONE), BigDecimal.ONE, BigDecimal::new),
                v.yes("prescribed"));
    }

    private Optional<Label> label(SectionValues v, Set<String> labelled) {
        String[] heading = v.id().split(" ");
        if (heading.length != 2 || !labelled.contains(heading[0])) {
            v.fault(v.line(), "[" + v.id() + "] is not “[ingredient-or-product tradition]” of something known.");
            return Optional.empty();
        }
        boolean milligrams = v.one("measure", Optional.of(true), true, t -> switch (t) {
            case "mg" -> true;
            case "units" -> false;
            default -> throw new IllegalArgumentException("“" + t + "” is neither mg nor units.");
        });
        List<Band> bands = v.each("band", BandLine::parse);
        if (bands.isEmpty()) {
            v.fault(v.line(), "[" + v.id() + "] has no band.");
            return Optional.empty();
        }
        try {
            return Optional.of(Label.shipped(
                    heading[0],
                    SectionValues.named(heading[1], Tradition.class),
                    milligrams ? Label.Measure.MILLIGRAMS : Label.Measure.UNITS,
                    bands,
                    v.text("source")));
        } catch (IllegalArgumentException e) {
            v.fault(v.line(), "“" + heading[1] + "” is no tradition of labels.");
            return Optional.empty();
        }
    }

    private Optional<RescueUse> rescue(SectionValues v) {
        try {
            return Optional.of(new RescueUse(
                    SectionValues.named(v.id(), RescueMedicine.class),
                    v.text("how"),
                    v.text("again"),
                    v.text("source"),
                    v.day("reviewed")));
        } catch (IllegalArgumentException e) {
            v.fault(v.line(), "“" + v.id() + "” is no rescue medicine.");
            return Optional.empty();
        }
    }

    private Rule rule(SectionValues v) {
        List<With> with = new ArrayList<>();
        v.each("with", text -> {
            for (String word : text.split(" +")) {
                with.add(with(word));
            }
            return text;
        });
        return new Rule(
                v.id(),
                taken(v),
                with,
                v.one(
                        "route",
                        Optional.of(Optional.empty()),
                        Optional.empty(),
                        t -> Optional.of(SectionValues.named(t, Rule.Route.class))),
                v.constant("level", Rule.Level.class),
                v.one("apart", Optional.of(Optional.empty()), Optional.empty(), t -> Optional.of(hours(t))),
                v.text("says"),
                v.text("source"));
    }

    private List<Substance> taken(SectionValues v) {
        List<Substance> taken = new ArrayList<>();
        v.each("taken", text -> {
            for (String word : text.split(" +")) {
                taken.add(substance(word));
            }
            return text;
        });
        if (taken.isEmpty()) {
            v.fault(v.line(), "[" + v.id() + "] is about nothing.");
        }
        return taken;
    }

    private static Duration hours(String text) {
        if (!text.matches("\\d{1,3}h")) {
            throw new IllegalArgumentException("“" + text + "” is not a number of hours like 4h.");
        }
        return Duration.ofHours(Long.parseLong(text.substring(0, text.length() - 1)));
    }

    private With with(String word) {
        if (word.equals("everybody")) {
            return new With.Everybody();
        }
        int colon = word.indexOf(':');
        String value = word.substring(colon + 1);
        return switch (colon < 0 ? "" : word.substring(0, colon)) {
            case "", "class" -> new With.Taking(substance(word));
            case "condition" -> new With.Having(SectionValues.named(value, Condition.class));
            case "allergy" -> new With.ReactingTo(SectionValues.named(value, Allergy.class));
            case "under" -> new With.YoungerThan(new Age(BandLine.months(value)));
            case "over" -> new With.OlderThan(Integer.parseInt(value));
            case "lighter" -> new With.LighterThan(Integer.parseInt(value));
            default -> throw new IllegalArgumentException("“" + word + "” is nothing a caution can go with.");
        };
    }

    private Substance substance(String text) {
        if (text.startsWith("class:")) {
            return new Substance.OfClass(SectionValues.named(text.substring("class:".length()), DrugClass.class));
        }
        if (text.startsWith("product:")) {
            String product = text.substring("product:".length());
            if (!productIds.contains(product)) {
                throw new IllegalArgumentException("“" + product + "” is no product of products.txt.");
            }
            return new Substance.OfProduct(product);
        }
        return new Substance.Named(known(text));
    }

    private String known(String ingredient) {
        if (!ingredientIds.contains(ingredient)) {
            throw new IllegalArgumentException("“" + ingredient + "” is no ingredient of ingredients.txt.");
        }
        return ingredient;
    }

    private static Dose milligrams(String text) {
        Dose dose = Dose.ofMilligrams(new BigDecimal(text));
        if (dose.micrograms() == 0) {
            throw new IllegalArgumentException("0 mg is nothing.");
        }
        return dose;
    }

    private List<SectionValues> sections(String name, String text, String... keys) {
        SectionFile file = new SectionFile(name, faults);
        return file.read(text, Set.of(keys)).stream()
                .map(s -> new SectionValues(file, s))
                .toList();
    }

    private static String file(String name) {
        return SectionFile.shipped(FormularyReader.class, name);
    }
}
