package hodeon.app.shell.style;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A sentence with places in it, in English and another language: “{0} apart; {1}”.
 *
 * @param anchor its longest run of fixed letters: without that a text is not this sentence, which is quick to see
 * @param fixed how many of its letters are fixed; of two that fit, the one with more says it
 * @param places which place each gap is, in the order of the English
 */
record Sentence(Pattern english, String german, String anchor, int fixed, List<Integer> places) {

    private static final Pattern PLACE = Pattern.compile("\\{(\\d)}");

    /** Fewer fixed letters, such as those of “{0} of {1}”, stand in what anybody types: then what is put in must be known. */
    private static final int FEW = 10;

    /** “08:00”, “12 drops”; not a row of things of which the first is counted. */
    private static final Pattern FIGURE = Pattern.compile("\\d(?:(?![,;:]\\s).)*", Pattern.DOTALL);

    /** What is longer was written by somebody, and could be tried in very many ways. */
    private static final int LONGEST = 400;

    static boolean isOne(String english) {
        return PLACE.matcher(english).find();
    }

    boolean isShort() {
        return fixed < FEW;
    }

    static Sentence of(String english, String german) {
        StringBuilder pattern = new StringBuilder();
        List<Integer> places = new ArrayList<>();
        String anchor = "";
        int fixed = 0;
        int from = 0;
        Matcher place = PLACE.matcher(english);
        while (place.find()) {
            String run = english.substring(from, place.start());
            anchor = run.length() > anchor.length() ? run : anchor;
            fixed += run.length();
            pattern.append(Pattern.quote(run)).append("(.+?)");
            places.add(Integer.valueOf(place.group(1)));
            from = place.end();
        }
        String run = english.substring(from);
        anchor = run.length() > anchor.length() ? run : anchor;
        return new Sentence(
                Pattern.compile(pattern.append(Pattern.quote(run)).toString(), Pattern.DOTALL),
                german,
                anchor,
                fixed + run.length(),
                List.copyOf(places));
    }

    /** The text in the other language; empty where it is another sentence. @param known what is known of a text in its places */
    Optional<String> said(String text, Function<String, Optional<String>> known) {
        if (text.length() > LONGEST || !text.contains(anchor)) {
            return Optional.empty();
        }
        Matcher found = english.matcher(text);
        if (!found.matches()) {
            return Optional.empty();
        }
        Map<String, String> said = new HashMap<>();
        for (int gap = 0; gap < places.size(); gap++) {
            String put = found.group(gap + 1);
            Optional<String> within = known.apply(put);
            if (isShort() && within.isEmpty() && !FIGURE.matcher(put).matches()) {
                return Optional.empty();
            }
            said.put(String.valueOf(places.get(gap)), within.orElse(put));
        }
        return Optional.of(PLACE.matcher(german)
                .replaceAll(place -> Matcher.quoteReplacement(said.getOrDefault(place.group(1), place.group()))));
    }
}
