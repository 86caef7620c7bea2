package hodeon.core.medication.formulary;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Finds an ingredient by what a pack calls it: without case, accents, strengths, what stands in brackets, and the salt it comes
 * as; by the name of either tradition. “Paracetamol (acetaminophen) 500 mg” and “CHLORPHENAMINE MALEATE” are found.
 */
final class IngredientNames {

    /** What a substance is bound to; it does not change what it does. */
    private static final Set<String> SALTS = Set.of(
            "hydrochloride",
            "hcl",
            "dihydrochloride",
            "hydrobromide",
            "sodium",
            "potassium",
            "calcium",
            "magnesium",
            "maleate",
            "hydrogen",
            "fumarate",
            "tartrate",
            "bitartrate",
            "succinate",
            "sulfate",
            "sulphate",
            "phosphate",
            "besilate",
            "besylate",
            "mesilate",
            "mesylate",
            "citrate",
            "acetate",
            "bromide",
            "nitrate",
            "lysine",
            "lysinate",
            "arginine",
            "diethylamine",
            "epolamine",
            "monohydrate",
            "dihydrate",
            "trihydrate",
            "hemihydrate",
            "anhydrous",
            "gluconate",
            "lactate",
            "disodium",
            "trometamol",
            "medoxomil",
            "cilexetil",
            "erbumine",
            "oxalate",
            "pamoate",
            "embonate",
            "stearate",
            "valerate",
            "propionate",
            "etexilate",
            "mofetil");

    private static final Pattern BRACKETS = Pattern.compile("[(\\[]([^)\\]]*)[)\\]]");
    private static final Pattern STRENGTH =
            Pattern.compile("\\b\\d+([.,]\\d+)?\\s*(mg|g|mcg|µg|ug|ml|%|iu|units?)?\\b|%");
    private static final int SHORTEST_FOR_A_SLIP = 6;

    private final Map<String, Ingredient> whole = new HashMap<>();
    private final Map<String, Optional<Ingredient>> withoutSalt = new HashMap<>();

    IngredientNames(List<Ingredient> ingredients) {
        for (Ingredient ingredient : ingredients) {
            namesOf(ingredient).forEach(name -> whole.putIfAbsent(name, ingredient));
        }
        for (Ingredient ingredient : ingredients) {
            // Where two substances differ by their salt alone, the salt decides and has to be named.
            namesOf(ingredient)
                    .map(IngredientNames::bare)
                    .filter(name -> !name.isEmpty())
                    .forEach(name -> withoutSalt.merge(
                            name, Optional.of(ingredient), (a, b) -> a.equals(b) ? a : Optional.empty()));
        }
    }

    private static Stream<String> namesOf(Ingredient ingredient) {
        return Stream.concat(
                        Stream.of(ingredient.id().replace('-', ' '), ingredient.name()),
                        ingredient.otherNames().stream())
                .map(IngredientNames::plain)
                .distinct();
    }

    Optional<Ingredient> find(String typed) {
        for (String name : readings(typed)) {
            Optional<Ingredient> found = Optional.ofNullable(whole.get(name))
                    .or(() -> withoutSalt.getOrDefault(bare(name), Optional.empty()));
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** A known name that is hardly different from what was typed, for asking “did you mean”. */
    Optional<Ingredient> nearest(String typed) {
        String name = bare(plain(typed));
        return name.length() < SHORTEST_FOR_A_SLIP
                ? Optional.empty()
                : withoutSalt.entrySet().stream()
                        .filter(e -> e.getValue().isPresent() && differsLittle(e.getKey(), name))
                        .findFirst()
                        .flatMap(Map.Entry::getValue);
    }

    /** Without what stands in brackets, then what stands in them. */
    private static Set<String> readings(String typed) {
        Set<String> readings = new LinkedHashSet<>();
        readings.add(plain(typed));
        readings.add(plain(BRACKETS.matcher(typed).replaceAll(" ")));
        Matcher inside = BRACKETS.matcher(typed);
        while (inside.find()) {
            readings.add(plain(inside.group(1)));
        }
        readings.remove("");
        return readings;
    }

    private static String plain(String typed) {
        String folded = Normalizer.normalize(typed, Normalizer.Form.NFKD).replaceAll("\\p{M}", "");
        String lower = STRENGTH.matcher(folded.toLowerCase(Locale.ROOT)).replaceAll(" ");
        return lower.replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }

    /** Without salts and “as”; nothing if only a salt is named. */
    private static String bare(String plain) {
        return Arrays.stream(plain.split(" "))
                .filter(word -> !SALTS.contains(word) && !word.equals("as"))
                .collect(Collectors.joining(" "));
    }

    /** One letter more, less, other, or two that changed places. */
    static boolean differsLittle(String a, String b) {
        if (Math.abs(a.length() - b.length()) > 1 || a.equals(b)) {
            return a.equals(b);
        }
        int from = 0;
        while (from < Math.min(a.length(), b.length()) && a.charAt(from) == b.charAt(from)) {
            from++;
        }
        int endA = a.length();
        int endB = b.length();
        while (endA > from && endB > from && a.charAt(endA - 1) == b.charAt(endB - 1)) {
            endA--;
            endB--;
        }
        String midA = a.substring(from, endA);
        String midB = b.substring(from, endB);
        return midA.length() <= 1 && midB.length() <= 1
                || midA.length() == 2
                        && new StringBuilder(midA).reverse().toString().equals(midB);
    }
}
