package hodeon.app.shell.style;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names of the craft in other languages: what the catalogue and the choices of the core are called, from {@code terms_de.txt}, one a line,
 * “English | Deutsch”. The core speaks English and knows no page; a name is said in the reader's language where it is shown, alone or within
 * a sentence, also behind a number: “8 tablets”. Sentences that the core puts together stand there with numbers in braces for what it
 * puts in, which is said in the language too: “{0} weighed; their masses are yours now. | {0} gewogen; …”. What is not on the list stays as it is.
 */
public final class Terms {

    private static final Pattern COUNTED = Pattern.compile("([−-]?[\\d.,½]+) (\\D.*)", Pattern.DOTALL);
    private static final Pattern JOINED = Pattern.compile("[,;:]\\s+");

    /** A row of names that is longer was written by somebody. */
    private static final int LONGEST_ROW = 2_000;

    private static final Map<Locale, Terms> BY_LANGUAGE = new ConcurrentHashMap<>();

    private final Map<String, String> names;
    private final Set<String> said;
    private final List<Sentence> sentences;

    private Terms(Map<String, String> names) {
        this.names = Map.copyOf(names);
        this.said = Set.copyOf(names.values());
        this.sentences = names.entrySet().stream()
                .filter(e -> Sentence.isOne(e.getKey()))
                .map(e -> Sentence.of(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt(Sentence::fixed).reversed().thenComparing(Sentence::german))
                .toList();
    }

    /** In the language of the style that holds here. */
    public static String said(String english) {
        Locale language = HouseStyle.here().language();
        return language.equals(Locale.ENGLISH) || english.isEmpty()
                ? english
                : in(language)
                        .found(english)
                        .map(said -> Inflection.in(said, language))
                        .orElse(english);
    }

    /** Every name and sentence of a language by its English; none where the language has no such file. */
    static Map<String, String> of(Locale language) {
        return in(language).names;
    }

    private static Terms in(Locale language) {
        return BY_LANGUAGE.computeIfAbsent(language, l -> new Terms(read(l)));
    }

    private Optional<String> found(String english) {
        return named(english).or(() -> composed(english)).or(() -> listed(english, true));
    }

    /** The same where every word of it is known: nothing that somebody typed is in it. */
    private Optional<String> whole(String english) {
        return named(english).or(() -> composed(english)).or(() -> listed(english, false));
    }

    private Optional<String> composed(String english) {
        return sentence(english).or(() -> sentence(small(english)).map(Terms::capital));
    }

    /** A name, however its first letter is written; German nouns keep theirs. */
    private Optional<String> named(String english) {
        Matcher counted = COUNTED.matcher(english);
        return Optional.ofNullable(names.get(english))
                .or(() -> Optional.ofNullable(names.get(small(english))).map(Terms::capital))
                .or(() -> Optional.ofNullable(names.get(capital(english))))
                .or(() -> counted.matches() ? counted(counted.group(1), counted.group(2)) : Optional.empty());
    }

    /** “3 modules”; “3 Module” is German already, and no “Module” as a page is called. */
    private Optional<String> counted(String figure, String what) {
        return (said.contains(what) ? Optional.of(what) : named(what)).map(name -> figure + " " + name);
    }

    private Optional<String> sentence(String english) {
        return sentences.stream()
                .flatMap(s -> s.said(english, s.isShort() ? this::whole : this::found).stream())
                .findFirst();
    }

    /**
     * Names in a row, “2 gloves, 1 card”: the first is known, what is not stays as it is; or the first is counted, “4 Beutel, gloves”, and
     * the others are known.
     *
     * @param lenient whether one that is not known may stand behind one that is
     */
    private Optional<String> listed(String english, boolean lenient) {
        if (english.length() > LONGEST_ROW) {
            return Optional.empty();
        }
        List<String> parts = List.of(JOINED.splitWithDelimiters(english, 0));
        StringBuilder said = new StringBuilder();
        boolean all = !lenient;
        int at = 0;
        while (at < parts.size()) {
            int end = parts.size();
            Optional<String> name = Optional.empty();
            while (end > at && name.isEmpty()) {
                String part = String.join("", parts.subList(at, end));
                name = named(part)
                        .or(() -> parts.size() > 1 && !JOINED.matcher(part).find() ? sentence(part) : Optional.empty());
                end -= name.isEmpty() ? 1 : 0;
            }
            boolean separator = at % 2 == 1;
            if (name.isEmpty() && !separator) {
                boolean counted = at == 0 && Character.isDigit(english.charAt(0));
                if (!counted && (all || at == 0)) {
                    return Optional.empty();
                }
                all |= counted;
            }
            said.append(name.orElse(parts.get(at)));
            at = Math.max(end, at + 1);
        }
        return Optional.of(said.toString());
    }

    private static String small(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1);
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    private static Map<String, String> read(Locale language) {
        Map<String, String> terms = new HashMap<>();
        try (InputStream file = Terms.class.getResourceAsStream("/terms_" + language.toLanguageTag() + ".txt")) {
            if (file != null) {
                new BufferedReader(new InputStreamReader(file, StandardCharsets.UTF_8))
                        .lines()
                        .filter(line -> line.contains(" | "))
                        .map(line -> line.split(" \\| ", 2))
                        .forEach(pair -> terms.put(pair[0].strip(), pair[1].strip()));
            }
            return terms;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
