package hodeon.core.catalogue.procedure;

import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.catalogue.file.SectionValues;
import hodeon.core.catalogue.procedure.Procedure.Held;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads the files of words; everything wrong in them is reported at once, with file and line. */
public final class GuidanceReader {

    /** The five files as text. */
    public record Texts(String procedures, String schools, String handling, String guides, String firstMinutes) {}

    /** What was read, and everything that was wrong with it. Use the guidance only when there are no faults. */
    public record Reading(Guidance guidance, List<CatalogueFault> faults) {}

    private static final Set<String> PROCEDURE_KEYS =
            Set.of("do", "timer", "topic", "watch", "by-hand", "call", "source", "reviewed");
    private static final Set<String> OWN_KEYS = Set.of("do", "watch", "by-hand", "call", "written");
    private static final Set<String> SCHOOL_KEYS = Set.of("name", "choice", "source", "reviewed");
    private static final Set<String> HANDLING_KEYS = Set.of("do", "never", "source", "reviewed");
    private static final Set<String> GUIDE_KEYS = Set.of("name", "lead", "point", "never", "source", "reviewed");
    private static final Set<String> FIRST_MINUTE_KEYS = Set.of("name", "do", "source", "reviewed");
    private static final int MOST_PARTS = 4;

    private final Catalogue catalogue;
    private final Set<String> capabilities;
    private final List<CatalogueFault> faults = new ArrayList<>();
    private final Map<String, School> schools = new LinkedHashMap<>();

    private GuidanceReader(Catalogue catalogue) {
        this.catalogue = catalogue;
        this.capabilities =
                catalogue.capabilities().stream().map(Capability::id).collect(Collectors.toSet());
    }

    /** The words that ship with the product; throws {@link IllegalStateException} if they are damaged. */
    public static Guidance shipped(Catalogue catalogue) {
        Reading reading = read(
                catalogue,
                new Texts(
                        shipped("procedures.txt"),
                        shipped("schools.txt"),
                        shipped("handling.txt"),
                        shipped("guides.txt"),
                        shipped("first-minutes.txt")));
        if (!reading.faults().isEmpty()) {
            throw new IllegalStateException("Reference data:\n"
                    + reading.faults().stream().map(CatalogueFault::toString).collect(Collectors.joining("\n")));
        }
        return reading.guidance();
    }

    private static String shipped(String name) {
        return SectionFile.shipped(Catalogue.class, name);
    }

    public static Reading read(Catalogue catalogue, Texts texts) {
        return new GuidanceReader(catalogue).readAll(texts);
    }

    /**
     * What somebody wrote to do about problems of their own, by problem id; nothing of it is checked by anybody else. All but the
     * lines to do may be missing.
     */
    public static Map<String, Procedure> own(Catalogue catalogue, String text, List<CatalogueFault> faults) {
        GuidanceReader reader = new GuidanceReader(catalogue);
        Map<String, Procedure> procedures = new LinkedHashMap<>();
        for (SectionValues v : reader.sections("your own words", text, OWN_KEYS)) {
            List<Held<DoLine>> lines = some(v, "do").stream()
                    .map(words -> new Held<>(When.ALWAYS, new DoLine(words, Optional.empty(), Optional.empty())))
                    .toList();
            procedures.put(
                    v.id(),
                    new Procedure(
                            v.id(),
                            lines,
                            List.of(),
                            Set.of(),
                            maybe(v, "watch"),
                            maybe(v, "by-hand"),
                            maybe(v, "call"),
                            new Reviewed(Teaching.OWN, v.day("written"))));
        }
        faults.addAll(reader.faults);
        return procedures;
    }

    private static String maybe(SectionValues v, String key) {
        return v.one(key, Optional.of(""), "", text -> text);
    }

    private Reading readAll(Texts texts) {
        sections("schools.txt", texts.schools(), SCHOOL_KEYS).forEach(v -> schools.put(v.id(), school(v)));
        Map<String, Procedure> procedures = new LinkedHashMap<>();
        Set<String> problems = catalogue.problems().stream().map(Problem::id).collect(Collectors.toSet());
        for (SectionValues v : sections("procedures.txt", texts.procedures(), PROCEDURE_KEYS)) {
            known(v, problems, "problem", "problems.txt");
            procedures.put(v.id(), procedure(v));
        }
        Set<String> wordless = new HashSet<>(problems);
        wordless.removeAll(procedures.keySet());
        wordless.stream()
                .sorted()
                .forEach(id -> faults.add(
                        new CatalogueFault("procedures.txt", 1, "The problem [" + id + "] has no section here.")));
        Map<String, Handling> handlings = new LinkedHashMap<>();
        Set<String> supplies = catalogue.supplies().stream().map(Supply::id).collect(Collectors.toSet());
        for (SectionValues v : sections("handling.txt", texts.handling(), HANDLING_KEYS)) {
            known(v, supplies, "supply", "supplies.txt");
            handlings.put(v.id(), new Handling(v.id(), some(v, "do"), v.text("never"), reviewed(v)));
        }
        List<Guide> guides = sections("guides.txt", texts.guides(), GUIDE_KEYS).stream()
                .map(v -> new Guide(
                        v.id(), v.text("name"), v.text("lead"), some(v, "point"), v.text("never"), reviewed(v)))
                .toList();
        List<FirstMinute> firstMinutes = sections("first-minutes.txt", texts.firstMinutes(), FIRST_MINUTE_KEYS).stream()
                .map(this::firstMinute)
                .toList();
        return new Reading(
                new Guidance(procedures, List.copyOf(schools.values()), handlings, guides, firstMinutes),
                List.copyOf(faults));
    }

    private static void known(SectionValues v, Set<String> ids, String what, String file) {
        if (!ids.contains(v.id())) {
            v.fault(v.line(), "[" + v.id() + "] is no " + what + " of " + file + ".");
        }
    }

    private School school(SectionValues v) {
        List<School.Choice> choices = v.each("choice", text -> {
            String[] parts = parts(text, "id | name | what is taught | where");
            return new School.Choice(
                    parts[0],
                    parts[1],
                    parts[2],
                    parts[3].isEmpty() ? Optional.empty() : Optional.of(Tag.parse(parts[3])));
        });
        if (choices.size() < 2) {
            v.fault(v.line(), "[" + v.id() + "] has fewer than two choices.");
        }
        return new School(v.id(), v.text("name"), choices, reviewed(v));
    }

    private Procedure procedure(SectionValues v) {
        List<Held<DoLine>> lines = v.each("do", text -> {
            String[] parts = parts(text, "words | capability | when | without");
            if (!parts[1].isEmpty() && !capabilities.contains(parts[1])) {
                throw new IllegalArgumentException("“" + parts[1] + "” is no capability of capabilities.txt.");
            }
            return new Held<>(when(parts[2]), new DoLine(parts[0], given(parts[1]), given(parts[3])));
        });
        if (lines.isEmpty()) {
            v.fault(v.line(), "[" + v.id() + "] says nothing to do.");
        }
        List<Held<Timer>> timers = v.each("timer", text -> {
            String[] parts = parts(text, "words | up, down N min or beat N | when");
            return new Held<>(when(parts[2]), Timer.parse(parts[0], parts[1]));
        });
        Set<String> topics = Set.copyOf(v.each("topic", topic -> {
            if (!schools.containsKey(topic)) {
                throw new IllegalArgumentException("“" + topic + "” is no topic of schools.txt.");
            }
            return topic;
        }));
        return new Procedure(
                v.id(), lines, timers, topics, v.text("watch"), v.text("by-hand"), v.text("call"), reviewed(v));
    }

    private FirstMinute firstMinute(SectionValues v) {
        List<Held<String>> all = v.each("do", text -> {
            String[] parts = parts(text, "words | when");
            return new Held<>(when(parts[1]), parts[0]);
        });
        if (all.isEmpty()) {
            v.fault(v.line(), "[" + v.id() + "] says nothing to do.");
        }
        return new FirstMinute(v.id(), v.text("name"), all, reviewed(v));
    }

    private When when(String text) {
        When when = When.parse(text);
        when.schools()
                .forEach((topic, choices) -> choices.forEach(choice -> {
                    if (!schools.containsKey(topic)
                            || schools.get(topic).choice(choice).isEmpty()) {
                        throw new IllegalArgumentException(
                                "“" + topic + "=" + choice + "” is no choice of schools.txt.");
                    }
                }));
        return when;
    }

    private static Optional<String> given(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(text);
    }

    /** What stands between bars, always four parts, missing ones empty. */
    private static String[] parts(String text, String meant) {
        String[] found = text.split("\\|", -1);
        if (found.length > MOST_PARTS || found[0].isBlank()) {
            throw new IllegalArgumentException("“" + text + "” is not “" + meant + "”.");
        }
        String[] parts = new String[MOST_PARTS];
        for (int i = 0; i < MOST_PARTS; i++) {
            parts[i] = i < found.length ? found[i].strip() : "";
        }
        return parts;
    }

    private static List<String> some(SectionValues v, String key) {
        List<String> found = v.each(key, text -> text);
        if (found.isEmpty()) {
            v.fault(v.line(), "[" + v.id() + "] has no “" + key + "”.");
        }
        return found;
    }

    private static Reviewed reviewed(SectionValues v) {
        return new Reviewed(v.constant("source", Teaching.class), v.day("reviewed"));
    }

    private List<SectionValues> sections(String name, String text, Set<String> keys) {
        SectionFile file = new SectionFile(name, faults);
        return file.read(text, keys).stream()
                .map(s -> new SectionValues(file, s))
                .toList();
    }
}
