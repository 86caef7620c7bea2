package hodeon.core.catalogue.words;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Words as they are compared: small, without accents, in the singular; and which known word a misspelt one was meant to be. */
final class Spelling {

    private static final Pattern WORD = Pattern.compile("\\p{L}+|\\d+people");
    private static final Pattern ACCENT = Pattern.compile("\\p{M}+");

    /** Shorter words differ in a letter and mean another thing: tape and tap, knee and knife. */
    private static final int SHORTEST_GUESSED = 5;

    /** From this length on two letters may be wrong. */
    private static final int LONG = 8;

    private static final LevenshteinDistance WRONG_LETTERS = new LevenshteinDistance(2);

    private Spelling() {}

    static List<String> words(String text) {
        String plain = ACCENT.matcher(Normalizer.normalize(text, Normalizer.Form.NFD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT)
                .replaceAll("['’]s?\\b", "");
        List<String> words = new ArrayList<>();
        Matcher found = WORD.matcher(plain);
        while (found.find()) {
            words.add(singular(found.group()));
        }
        return words;
    }

    /** Cut alike on both sides of a comparison, so that it need not be the true singular. */
    private static String singular(String word) {
        if (word.length() < 4 || word.endsWith("ss") || word.endsWith("us") || word.endsWith("is")) {
            return word;
        }
        if (word.endsWith("ies")) {
            return word.substring(0, word.length() - 3) + "y";
        }
        return word.matches(".*(?:ss|sh|ch|x)es")
                ? word.substring(0, word.length() - 2)
                : word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
    }

    /** The word among the known ones that this was most likely meant to be; itself if it is one of them. */
    static Optional<String> meant(String word, Collection<String> known) {
        if (known.contains(word)) {
            return Optional.of(word);
        }
        if (word.length() < SHORTEST_GUESSED) {
            return Optional.empty();
        }
        return known.stream()
                .filter(k -> k.length() >= SHORTEST_GUESSED && k.charAt(0) == word.charAt(0))
                .filter(k -> isMeant(word, k))
                .min(Comparator.<String>comparingInt(k -> wrong(word, k)).thenComparing(Comparator.naturalOrder()));
    }

    /** A letter wrong, missing or too many, two in a long word, or two that changed places. */
    private static boolean isMeant(String word, String known) {
        int wrong = wrong(word, known);
        boolean isLong = Math.min(word.length(), known.length()) >= LONG;
        return wrong <= 1 || (wrong == 2 && (isLong || sorted(word).equals(sorted(known))));
    }

    private static int wrong(String word, String known) {
        int distance = WRONG_LETTERS.apply(word, known);
        return distance < 0 ? Integer.MAX_VALUE : distance;
    }

    private static String sorted(String word) {
        return word.chars().sorted().mapToObj(Character::toString).collect(Collectors.joining());
    }
}
