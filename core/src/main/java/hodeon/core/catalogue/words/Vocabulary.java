package hodeon.core.catalogue.words;

import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.catalogue.file.SectionValues;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The words for every supply: its name, and what else people call it, from a commented file. A phrase that belongs to several supplies
 * names none of them alone.
 */
final class Vocabulary {

    /** How a phrase speaks for its supply. */
    enum Force {
        /** It means the supply, or one of those that share the phrase. */
        MEANS,
        /** It means the supply only together with its size. */
        WITH_ITS_SIZE,
        /** The supply may do; it is offered and never chosen. */
        MAY_BE
    }

    /**
     * Words that mean a supply where all of them stand in a line, in whatever order.
     *
     * @param said as the file or the catalogue has it
     */
    record Phrase(String supply, Set<String> words, String said, Force force) {}

    private static final String PLAIN = "*";
    private static final Set<String> KEYS = Set.of("also", "sized", "may-be");

    private final List<Phrase> phrases = new ArrayList<>();
    /** By supply, every word that it is ever called by. */
    private final Map<String, Set<String>> own = new HashMap<>();

    /** By supply, the words of its name. */
    private final Map<String, Set<String>> names = new HashMap<>();

    private final Map<String, List<Size>> sizes = new HashMap<>();
    private final Set<String> plain = new HashSet<>();
    private final Set<String> all = new HashSet<>();
    private final Map<String, Supply> supplies = new LinkedHashMap<>();

    private Vocabulary() {}

    /** The words that ship with the product; throws {@link IllegalStateException} if they are damaged. */
    static Vocabulary shipped(Collection<Supply> supplies) {
        List<CatalogueFault> faults = new ArrayList<>();
        Vocabulary words = of(supplies, SectionFile.shipped(Vocabulary.class, "words.txt"), faults);
        if (!faults.isEmpty()) {
            throw new IllegalStateException(
                    "Words:\n" + faults.stream().map(CatalogueFault::toString).collect(Collectors.joining("\n")));
        }
        return words;
    }

    /** @param text sections by supply id, or by several with a bar between; see the head of the file */
    static Vocabulary of(Collection<Supply> supplies, String text, List<CatalogueFault> faults) {
        Vocabulary words = new Vocabulary();
        supplies.forEach(words::named);
        SectionFile file = new SectionFile("words.txt", faults);
        for (SectionFile.Section section : file.read(text, KEYS)) {
            SectionValues values = new SectionValues(file, section);
            if (values.id().equals(PLAIN)) {
                words.plain.addAll(values.each("also", Spelling::words).stream()
                        .flatMap(List::stream)
                        .toList());
            } else {
                words.section(values);
            }
        }
        words.heads(supplies);
        words.all.addAll(words.plain);
        words.own.values().forEach(words.all::addAll);
        return words;
    }

    private void named(Supply supply) {
        supplies.put(supply.id(), supply);
        List<Size> sized = new ArrayList<>();
        String name = Size.taken(supply.name(), sized);
        sizes.put(supply.id(), sized);
        names.put(supply.id(), Set.copyOf(Spelling.words(LineReader.withPeople(name))));
        own.put(supply.id(), new HashSet<>(name(supply.id())));
        add(supply.id(), name, Force.MEANS);
    }

    /** What stands before the comma of a name is enough where no other supply begins so or is called so. */
    private void heads(Collection<Supply> supplies) {
        Map<Set<String>, List<Supply>> heads =
                supplies.stream().collect(Collectors.groupingBy(s -> Set.copyOf(Spelling.words(head(s)))));
        Map<Set<String>, Set<String>> called = phrases.stream()
                .collect(Collectors.groupingBy(Phrase::words, Collectors.mapping(Phrase::supply, Collectors.toSet())));
        heads.forEach((head, same) -> {
            Supply one = same.getFirst();
            if (same.size() == 1 && Set.of(one.id()).containsAll(called.getOrDefault(head, Set.of()))) {
                add(one.id(), head(one), Force.MEANS);
            }
        });
    }

    private static String head(Supply supply) {
        return Size.taken(supply.name(), new ArrayList<>()).split("[,:(]")[0];
    }

    private void section(SectionValues values) {
        for (String id : values.id().split("\\s*\\|\\s*")) {
            if (!own.containsKey(id)) {
                // A household may have taken a supply out; the shipped file names only shipped ones, which its test
                // sees to.
                continue;
            }
            each(values, "also").forEach(p -> add(id, p, Force.MEANS));
            each(values, "sized").forEach(p -> add(id, p, Force.WITH_ITS_SIZE));
            each(values, "may-be").forEach(p -> add(id, p, Force.MAY_BE));
        }
    }

    private static List<String> each(SectionValues values, String key) {
        return values.each(key, text -> List.of(text.split("\\s*,\\s*"))).stream()
                .flatMap(List::stream)
                .toList();
    }

    private void add(String supply, String said, Force force) {
        Set<String> words = Set.copyOf(Spelling.words(LineReader.withPeople(said)));
        if (words.isEmpty()) {
            return;
        }
        phrases.add(new Phrase(supply, words, said.strip(), force));
        if (force != Force.MAY_BE) {
            own.computeIfAbsent(supply, s -> new HashSet<>()).addAll(words);
        } else {
            all.addAll(words);
        }
    }

    List<Phrase> phrases() {
        return phrases;
    }

    Set<String> name(String supply) {
        return names.getOrDefault(supply, Set.of());
    }

    Set<String> own(String supply) {
        return own.getOrDefault(supply, Set.of());
    }

    List<Size> sizes(String supply) {
        return sizes.getOrDefault(supply, List.of());
    }

    /** Words that say nothing about which thing it is. */
    boolean plain(String word) {
        return plain.contains(word);
    }

    Set<String> all() {
        return all;
    }

    Map<String, Supply> supplies() {
        return supplies;
    }
}
