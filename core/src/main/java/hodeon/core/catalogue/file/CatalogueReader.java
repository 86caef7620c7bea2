package hodeon.core.catalogue.file;

import hodeon.core.catalogue.AtHand;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Step;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.Tier;
import hodeon.core.evidence.Basis;
import hodeon.core.evidence.PlanningAssumption;
import hodeon.core.evidence.Rate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads the three reference files; everything wrong in them is reported at once, with file and line. */
public final class CatalogueReader {

    /** What was read, and everything that was wrong with it. Use the catalogue only when there are no faults. */
    public record Reading(Catalogue catalogue, List<CatalogueFault> faults) {}

    private static final Pattern AT_HAND = Pattern.compile("(\\S+) +(\\S+): *(.+)");
    private static final Set<String> CAPABILITY_KEYS =
            Set.of("name", "unit", "least-chance", "at-hand", "asked-about", "of-the-kit");
    private static final Set<String> PROBLEM_KEYS =
            Set.of("name", "severity", "rate", "strength", "basis", "needs", "factor", "step", "of", "at-once");
    private static final Set<String> OWN_PROBLEM_KEYS =
            Set.of("name", "severity", "counted", "needs", "factor", "step", "of", "at-once");
    private static final Pattern COUNTED =
            Pattern.compile("(\\d{1,6}(?:\\.\\d{1,4})?) times to (\\d{1,6}) people in (\\d{1,6}) days");
    private static final Map<String, Double> STRENGTHS = Map.of(
            "weak", PlanningAssumption.WEAK_PRIOR.value(),
            "fair", PlanningAssumption.FAIR_PRIOR.value(),
            "strong", PlanningAssumption.STRONG_PRIOR.value());

    /** Rates are told per so many person-days. */
    private static final double PER = 1000;

    private final Set<Tag> vocabulary;
    private final List<CatalogueFault> faults = new ArrayList<>();

    private CatalogueReader(Set<Tag> vocabulary) {
        this.vocabulary = vocabulary;
    }

    /** The reference data that ship with the product; throws {@link IllegalStateException} if they are damaged. */
    public static Catalogue shipped(Set<Tag> vocabulary) {
        Reading reading =
                read(vocabulary, shipped("capabilities.txt"), shipped("supplies.txt"), shipped("problems.txt"));
        if (!reading.faults().isEmpty()) {
            throw new IllegalStateException("Reference data:\n"
                    + String.join(
                            "\n",
                            reading.faults().stream()
                                    .map(CatalogueFault::toString)
                                    .toList()));
        }
        return reading.catalogue();
    }

    private static String shipped(String name) {
        return SectionFile.shipped(Catalogue.class, name);
    }

    public static Reading read(Set<Tag> vocabulary, String capabilities, String supplies, String problems) {
        CatalogueReader reader = new CatalogueReader(vocabulary);
        return reader.readAll(capabilities, supplies, problems);
    }

    /** Reads supplies that somebody adds to a catalogue; the catalogue that is answered holds only these. */
    public static Reading supplies(Set<Tag> vocabulary, Catalogue known, String text) {
        CatalogueReader reader = new CatalogueReader(vocabulary);
        Set<String> capabilities =
                new HashSet<>(known.capabilities().stream().map(Capability::id).toList());
        SupplyReader supplyReader = new SupplyReader(vocabulary);
        List<Supply> supplies = new ArrayList<>();
        for (SectionValues values : reader.sections("your supplies", text, SupplyReader.KEYS)) {
            Supply supply = supplyReader.read(values);
            supply.serves().keySet().forEach(c -> mention(values, c, capabilities, new HashMap<>()));
            supply.fit().needs().forEach(n -> mention(values, n.capability(), capabilities, new HashMap<>()));
            supplies.add(supply);
        }
        return new Reading(new Catalogue(List.of(), List.of(), supplies), List.copyOf(reader.faults));
    }

    /** Reads capabilities that somebody adds; the catalogue that is answered holds only these. */
    public static Reading capabilities(Set<Tag> vocabulary, String text) {
        CatalogueReader reader = new CatalogueReader(vocabulary);
        List<Capability> own = reader.sections("your own words", text, CAPABILITY_KEYS).stream()
                .map(reader::capability)
                .toList();
        return new Reading(new Catalogue(List.of(), own, List.of()), List.copyOf(reader.faults));
    }

    /**
     * Reads problems that somebody adds to a catalogue; the catalogue that is answered holds only these. In place of rate, strength
     * and basis they have one line {@code counted = 2 times to 8 people in 60 days}: 2 events in 480 person-days, so 4.17 per 1,000.
     */
    public static Reading problems(Set<Tag> vocabulary, Catalogue known, String text) {
        CatalogueReader reader = new CatalogueReader(vocabulary);
        Set<String> capabilities =
                known.capabilities().stream().map(Capability::id).collect(Collectors.toSet());
        List<Problem> own = new ArrayList<>();
        for (SectionValues values : reader.sections("your own problems", text, OWN_PROBLEM_KEYS)) {
            Problem problem = reader.problem(values, counted(values));
            problem.steps().forEach(s -> mention(values, s.capability(), capabilities, new HashMap<>()));
            own.add(problem);
        }
        return new Reading(new Catalogue(own, List.of(), List.of()), List.copyOf(reader.faults));
    }

    private static Rate counted(SectionValues v) {
        return v.one("counted", Optional.empty(), new Rate(0, 1, new Basis.Own()), text -> {
            Matcher parts = COUNTED.matcher(text);
            if (!parts.matches()) {
                throw new IllegalArgumentException("“" + text + "” is not “2 times to 8 people in 60 days”.");
            }
            double personDays = Double.parseDouble(parts.group(2)) * Double.parseDouble(parts.group(3));
            double times = Double.parseDouble(parts.group(1));
            if (!(times > 0 && personDays > 0)) {
                throw new IllegalArgumentException("“" + text + "” holds a 0; each number is above 0.");
            }
            return new Rate(PER * times / personDays, personDays, new Basis.Own());
        });
    }

    private Capability capability(SectionValues v) {
        return new Capability(
                v.id(),
                v.text("name"),
                v.text("unit"),
                v.one("least-chance", Optional.of(0.0), 0.0, t -> {
                    double chance = Double.parseDouble(t);
                    if (!(chance >= 0 && chance <= 1)) {
                        throw new IllegalArgumentException(t + " is outside 0 to 1.");
                    }
                    return chance;
                }),
                v.each("at-hand", text -> atHand(v, text)),
                v.one("asked-about", Optional.of(Optional.empty()), Optional.empty(), Optional::of),
                v.yes("of-the-kit"));
    }

    private Reading readAll(String capabilityText, String supplyText, String problemText) {
        Map<String, Integer> served = new HashMap<>();
        Map<String, Integer> asked = new HashMap<>();
        List<SectionValues> capabilitySections = sections("capabilities.txt", capabilityText, CAPABILITY_KEYS);
        List<Capability> capabilities =
                capabilitySections.stream().map(this::capability).toList();
        Set<String> known =
                new HashSet<>(capabilities.stream().map(Capability::id).toList());
        SupplyReader supplyReader = new SupplyReader(vocabulary);
        List<Supply> supplies = new ArrayList<>();
        for (SectionValues values : sections("supplies.txt", supplyText, SupplyReader.KEYS)) {
            Supply supply = supplyReader.read(values);
            supply.serves().keySet().forEach(c -> mention(values, c, known, served));
            supply.fit().needs().forEach(n -> mention(values, n.capability(), known, new HashMap<>()));
            supplies.add(supply);
        }
        List<Problem> problems = new ArrayList<>();
        for (SectionValues values : sections("problems.txt", problemText, PROBLEM_KEYS)) {
            Problem problem = problem(values, rate(values));
            problem.steps().forEach(s -> mention(values, s.capability(), known, asked));
            problems.add(problem);
        }
        for (SectionValues values : capabilitySections) {
            if (!served.containsKey(values.id())) {
                values.fault(values.line(), "No supply serves [" + values.id() + "].");
            }
            if (!asked.containsKey(values.id())) {
                values.fault(values.line(), "No problem's step asks for [" + values.id() + "].");
            }
        }
        return new Reading(new Catalogue(problems, capabilities, supplies), List.copyOf(faults));
    }

    private static void mention(SectionValues in, String capability, Set<String> known, Map<String, Integer> mentions) {
        mentions.merge(capability, 1, Integer::sum);
        if (!known.contains(capability)) {
            in.fault(
                    in.line(),
                    "[" + in.id() + "] names the capability “" + capability + "”, which capabilities.txt lacks.");
        }
    }

    private AtHand atHand(SectionValues v, String text) {
        Matcher parts = AT_HAND.matcher(text);
        if (!parts.matches()) {
            throw new IllegalArgumentException("“" + text + "” is not “tag tier: with what”.");
        }
        return new AtHand(
                v.known(parts.group(1), vocabulary), SectionValues.named(parts.group(2), Tier.class), parts.group(3));
    }

    private Problem problem(SectionValues v, Rate rate) {
        Map<Tag, Double> factors = new HashMap<>();
        v.each("factor", text -> {
            for (String pair : text.split(",")) {
                String[] words = pair.strip().split(" +");
                if (words.length != 2) {
                    throw new IllegalArgumentException("“" + pair.strip() + "” is not “tag multiplier”.");
                }
                double multiplier = Double.parseDouble(words[1]);
                if (!(multiplier >= 0 && multiplier <= 1000)) {
                    throw new IllegalArgumentException("A multiplier of " + words[1] + " is outside 0 to 1,000.");
                }
                if (factors.put(v.known(words[0], vocabulary), multiplier) != null) {
                    throw new IllegalArgumentException("“" + words[0] + "” is given twice.");
                }
            }
            return text;
        });
        List<Step> steps = v.each("step", StepLine::parse);
        if (steps.isEmpty()) {
            v.fault(v.line(), "[" + v.id() + "] has no step.");
        }
        List<Set<Tag>> needs = v.each("needs", text -> {
            Set<Tag> any = new HashSet<>();
            for (String word : text.split(" +")) {
                any.add(v.known(word, vocabulary));
            }
            return Set.copyOf(any);
        });
        return new Problem(
                v.id(),
                v.text("name"),
                v.whole("severity", Optional.empty(), 1, 5),
                rate,
                needs,
                factors,
                steps,
                v.one("of", Optional.of(false), false, text -> switch (text) {
                    case "people" -> false;
                    case "dogs" -> true;
                    default -> throw new IllegalArgumentException("“" + text + "” is neither people nor dogs.");
                }),
                atOnce(v, steps));
    }

    /** Of what its steps ask for, that on which seconds decide. */
    private static Set<String> atOnce(SectionValues v, List<Step> steps) {
        return Set.copyOf(v.one("at-once", Optional.of(List.of()), List.of(), text -> {
            List<String> capabilities = List.of(text.split(" +"));
            capabilities.stream()
                    .filter(c -> steps.stream().noneMatch(s -> s.capability().equals(c)))
                    .forEach(c -> {
                        throw new IllegalArgumentException("No step asks for “" + c + "”.");
                    });
            return capabilities;
        }));
    }

    private static Rate rate(SectionValues v) {
        double strength = v.one("strength", Optional.empty(), 500.0, word -> {
            Double worth = STRENGTHS.get(word);
            if (worth == null) {
                throw new IllegalArgumentException("“" + word + "” is none of weak, fair, strong.");
            }
            return worth;
        });
        Basis basis = v.one("basis", Optional.empty(), new Basis.Assumption(), text -> {
            if (text.equals("assumption")) {
                return new Basis.Assumption();
            } else if (text.startsWith("published ")) {
                return new Basis.Published(text.substring("published ".length()).strip());
            }
            throw new IllegalArgumentException("“" + text + "” is neither “assumption” nor “published <citation>”.");
        });
        Rate none = new Rate(0, strength, basis);
        return v.one("rate", Optional.empty(), none, text -> new Rate(Double.parseDouble(text), strength, basis));
    }

    private List<SectionValues> sections(String name, String text, Set<String> keys) {
        SectionFile file = new SectionFile(name, faults);
        return file.read(text, keys).stream()
                .map(s -> new SectionValues(file, s))
                .toList();
    }
}
