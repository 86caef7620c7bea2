package hodeon.app.shell.style;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names of the craft in other languages: what the catalogue and the choices of the core are called, from {@code terms_de.txt}, one a line,
 * “English | Deutsch”. The core speaks English and knows no page; a name is said in the reader's language where it is shown, alone or within
 * a sentence, also behind a number: “8 tablets”. What is no name of the list stays as it is.
 */
public final class Terms {

    private static final Pattern COUNTED = Pattern.compile("([−-]?[\\d.,½]+) (\\D.*)", Pattern.DOTALL);
    private static final Map<Locale, Map<String, String>> BY_LANGUAGE = new ConcurrentHashMap<>();

    private Terms() {}

    /** In the language of the style that holds here. */
    public static String said(String english) {
        Locale language = HouseStyle.here().language();
        return language.equals(Locale.ENGLISH) || english.isEmpty() ? english : in(english, of(language));
    }

    private static String in(String english, Map<String, String> terms) {
        String known = terms.get(english);
        if (known != null) {
            return known;
        }
        Matcher counted = COUNTED.matcher(english);
        return counted.matches()
                ? counted.group(1) + " " + terms.getOrDefault(counted.group(2), counted.group(2))
                : english;
    }

    /** Every name of a language by its English one; none where the language has no such file. */
    static Map<String, String> of(Locale language) {
        return BY_LANGUAGE.computeIfAbsent(language, Terms::read);
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
            return Map.copyOf(terms);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
