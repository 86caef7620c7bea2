package hodeon.app.shell.style;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What German bends by the words around a figure: “in 4 Jahren”, “1 Art liegt”. Sentences take a figure with its word as it comes, “4 Jahre”,
 * and are set right here.
 */
public final class Inflection {

    /** Prepositions with the dative; after “bis unter” and “über” a span stays as it is. */
    private static final Pattern DATIVE = Pattern.compile(
            "((?<!\\p{L})(?i:in|vor|seit|nach|mit|von|aus|bei|binnen|ab)(?: etwa| mindestens| höchstens| genau)?"
                    + " [\\d.,½]+(?: bis [\\d.,½]+)? (?:Tage|Monate|Jahre))(?!\\p{L})");

    private static final Map<String, String> OF_ONE = Map.of(
            "fehlen", "fehlt", "liegen", "liegt", "bleiben", "bleibt", "kommen", "kommt", "sind", "ist", "wurden",
            "wurde");

    private static final Pattern ONE = Pattern.compile(
            "(?<![\\d.,\\p{L}]|\\p{L} )(1 \\p{Lu}\\p{L}+ )(" + String.join("|", OF_ONE.keySet()) + ")(?!\\p{L})");

    private Inflection() {}

    /** A sentence of ours in the language, set right. */
    public static String in(String sentence, Locale language) {
        if (!language.getLanguage().equals("de") || sentence.chars().noneMatch(Character::isDigit)) {
            return sentence;
        }
        return ONE.matcher(DATIVE.matcher(sentence).replaceAll("$1n"))
                .replaceAll(one -> Matcher.quoteReplacement(one.group(1) + OF_ONE.get(one.group(2))));
    }
}
