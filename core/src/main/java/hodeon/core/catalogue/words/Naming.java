package hodeon.core.catalogue.words;

import hodeon.core.catalogue.words.Named.Likely;
import hodeon.core.catalogue.words.Size.Kind;
import hodeon.core.catalogue.words.Vocabulary.Force;
import hodeon.core.catalogue.words.Vocabulary.Phrase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Which supply a text names. Every phrase whose words all stand in it is found; where one supply's words take in another's and more, the
 * other is left out; what then is left alone, with no word in the text that speaks against it, is meant. Where several are left, or a
 * word is left over that says something unknown, it is asked: another medicine, another kind of glove is never taken for one there is.
 */
final class Naming {

    /** What follows says what it is for or what comes with it: it helps to find, and speaks against nothing. */
    private static final Pattern TAIL =
            Pattern.compile("(?i)\\b(?:for|with|without|against|after|from|in|on|to|incl\\w*|w/o?)\\b|[(\\[]|\\bw/");

    private static final double PLAIN = 0.5;

    /** Parts of a word that was written as two are at least so long. */
    private static final int SHORTEST_PART = 3;

    private final Vocabulary words;

    Naming(Vocabulary words) {
        this.words = words;
    }

    /** A supply that the text may mean. */
    private static final class Found {

        private final String supply;
        private final Set<String> matched = new LinkedHashSet<>();
        private String said = "";
        private boolean means;

        private Found(String supply) {
            this.supply = supply;
        }
    }

    Named of(String text, List<Size> sizes) {
        Set<String> there = heard(Spelling.words(text));
        String thing = TAIL.split(text, 2)[0];
        Set<String> head = heard(Spelling.words(thing));
        if (head.stream().allMatch(words::plain)) {
            head = there;
        }
        Set<String> joined = withJoined(text, there);
        List<Found> found = namedFirst(found(joined, sizes), withJoined(thing, head));
        List<Found> exact =
                found.stream().filter(f -> isItsName(f.supply, there, sizes)).toList();
        List<Found> best = exact.size() == 1 ? exact : fitting(undominated(found, there), sizes);
        List<Likely> likely = new ArrayList<>(
                best.stream().map(f -> new Likely(f.supply, f.said)).toList());
        if (best.isEmpty()) {
            likely.addAll(alike(there));
        }
        Optional<String> one = best.size() == 1 && best.getFirst().means && nothingAgainst(best.getFirst(), head, sizes)
                ? Optional.of(best.getFirst().supply)
                : Optional.empty();
        return new Named(one, likely.stream().limit(Named.MOST_LIKELY).toList());
    }

    /** The same for every line that calls a thing the same, whatever its number and date. */
    String called(String text, List<Size> sizes) {
        return Stream.concat(
                        heard(Spelling.words(text)).stream().sorted(),
                        sizes.stream().map(Size::toString).sorted())
                .collect(Collectors.joining(" "));
    }

    /** Misspelt words as they were meant; what nobody knows stays as it is. */
    private Set<String> heard(List<String> given) {
        Set<String> heard = new LinkedHashSet<>();
        given.forEach(w -> heard.add(Spelling.meant(w, words.all()).orElse(w)));
        return heard;
    }

    /** Words that stand side by side may be written as one, and the other way round. */
    private Set<String> withJoined(String text, Set<String> there) {
        Set<String> joined = new LinkedHashSet<>(there);
        List<String> given = Spelling.words(text);
        for (int i = 0; i + 1 < given.size(); i++) {
            Spelling.meant(given.get(i) + given.get(i + 1), words.all()).ifPresent(joined::add);
        }
        for (String word : given) {
            for (int cut = SHORTEST_PART; cut <= word.length() - SHORTEST_PART; cut++) {
                if (words.all().contains(word.substring(0, cut)) && words.all().contains(word.substring(cut))) {
                    joined.add(word.substring(0, cut));
                    joined.add(word.substring(cut));
                }
            }
        }
        return joined;
    }

    private List<Found> found(Set<String> there, List<Size> sizes) {
        Map<String, Found> found = new LinkedHashMap<>();
        for (Phrase phrase : words.phrases()) {
            boolean sized = phrase.force() == Force.WITH_ITS_SIZE;
            if (!there.containsAll(phrase.words()) || (sized && !fits(phrase.supply(), sizes))) {
                continue;
            }
            Found one = found.computeIfAbsent(phrase.supply(), Found::new);
            one.matched.addAll(phrase.words());
            one.means |= phrase.force() != Force.MAY_BE;
            if (phrase.said().length() > one.said.length()) {
                one.said = phrase.said();
            }
        }
        return new ArrayList<>(found.values());
    }

    /** “Headlamp with batteries” is no battery: where the thing itself is named, what is named only behind “with” or “for” is left out. */
    private static List<Found> namedFirst(List<Found> found, Set<String> head) {
        List<Found> named = found.stream()
                .filter(f -> f.matched.stream().anyMatch(head::contains))
                .toList();
        return named.isEmpty() ? found : named;
    }

    /** Whether a text has the words of a supply's own name and no other, and its size. */
    private boolean isItsName(String supply, Set<String> there, List<Size> sizes) {
        return words.name(supply).equals(there)
                && (words.sizes(supply).isEmpty() ? sizes.isEmpty() : fits(supply, sizes));
    }

    private boolean fits(String supply, List<Size> sizes) {
        return sizes.stream().anyMatch(s -> s.fits(words.sizes(supply)));
    }

    private List<Found> undominated(List<Found> found, Set<String> there) {
        return found.stream()
                .filter(f -> found.stream().noneMatch(g -> dominates(g, f, there)))
                .toList();
    }

    private boolean dominates(Found one, Found other, Set<String> there) {
        if (one == other || !one.means) {
            return false;
        }
        Set<String> explained = new HashSet<>(words.own(one.supply));
        explained.retainAll(there);
        explained.addAll(one.matched);
        if (!other.matched.stream().allMatch(w -> explained.contains(w) || words.plain(w))) {
            return false;
        }
        double more = weight(one) - weight(other);
        return more > 0 || (more == 0 && one.means && !other.means);
    }

    /** A word that says little counts half: a large plaster is no other plaster, but a roll of something is that. */
    private double weight(Found found) {
        return found.matched.stream()
                .mapToDouble(w -> words.plain(w) ? PLAIN : 1)
                .sum();
    }

    /** Where a size is said and one of them has it, those of another size are not meant. */
    private List<Found> fitting(List<Found> found, List<Size> sizes) {
        if (found.stream().noneMatch(f -> fits(f.supply, sizes))) {
            return found;
        }
        return found.stream()
                .filter(f -> fits(f.supply, sizes)
                        || words.sizes(f.supply).stream()
                                .noneMatch(own -> sizes.stream().anyMatch(s -> s.kind() == own.kind())))
                .toList();
    }

    private boolean nothingAgainst(Found found, Set<String> head, List<Size> sizes) {
        boolean otherStrength = sizes.stream()
                .anyMatch(s -> s.kind() == Kind.MILLIGRAMS
                        && words.sizes(found.supply).stream().anyMatch(own -> own.kind() == Kind.MILLIGRAMS)
                        && !s.fits(words.sizes(found.supply)));
        Set<String> own = words.own(found.supply);
        return !otherStrength
                && head.stream()
                        .allMatch(w -> found.matched.contains(w)
                                || own.contains(w)
                                || words.plain(w)
                                || isJoined(w, found.matched));
    }

    private static boolean isJoined(String word, Set<String> matched) {
        return matched.stream().anyMatch(a -> word.startsWith(a) && matched.contains(word.substring(a.length())))
                || matched.stream()
                        .anyMatch(m -> word.length() >= SHORTEST_PART
                                && m.length() > word.length()
                                && (m.startsWith(word) || m.endsWith(word)));
    }

    /** What shares some of its words, the rarer the better; only offered. */
    private List<Likely> alike(Set<String> there) {
        Map<String, Double> worth = new LinkedHashMap<>();
        Map<String, String> said = new LinkedHashMap<>();
        for (String word : there) {
            if (words.plain(word)) {
                continue;
            }
            List<String> with = words.supplies().keySet().stream()
                    .filter(s -> words.own(s).contains(word))
                    .toList();
            with.forEach(s -> {
                worth.merge(s, 1.0 / with.size(), Double::sum);
                said.merge(s, word, (a, b) -> a + " " + b);
            });
        }
        return worth.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder()))
                .limit(3)
                .map(e -> new Likely(e.getKey(), said.getOrDefault(e.getKey(), "")))
                .toList();
    }
}
