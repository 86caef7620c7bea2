package hodeon.core.panel;

import hodeon.core.catalogue.Catalogue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** The panel's rules: what of a case's expectations a kit keeps. Tablets of the two common pain killers count as doses of two. */
final class Expectations {

    private static final List<String> IN_DOSES = List.of("paracetamol", "ibuprofen");

    private final Map<String, Double> pieces = new HashMap<>();
    private final Map<String, Integer> kit;
    private final double grams;
    private final List<String> missed = new ArrayList<>();
    private int asked;

    private Expectations(Map<String, Integer> kit, Catalogue catalogue) {
        this.kit = kit;
        this.grams = kit.entrySet().stream()
                .mapToDouble(e -> e.getValue()
                        * catalogue.supply(e.getKey()).orElseThrow().mass().grams())
                .sum();
        kit.forEach((id, n) -> pieces.put(id, IN_DOSES.contains(id) ? n / 2.0 : n));
    }

    /** @param missed in words; @param asked how many expectations there are */
    record Result(List<String> missed, int asked) {}

    static Result of(JsonNode expected, Map<String, Integer> kit, Catalogue catalogue) {
        Expectations e = new Expectations(kit, catalogue);
        e.check(expected);
        return new Result(List.copyOf(e.missed), e.asked);
    }

    private void check(JsonNode c) {
        c.path("has").forEach(entry -> {
            List<String> ids = strings(entry);
            int least = 1;
            List<String> orOneOf = List.of();
            for (JsonNode part : entry) {
                if (part.isObject()) {
                    least = part.path("pieces").asInt(1);
                    orOneOf = strings(part.path("orOneOf"));
                }
            }
            expect(total(ids) >= least || total(orOneOf) > 0, "has only " + total(ids) + " of " + least + " x " + ids);
        });
        c.path("absent").forEach(id -> expect(total(List.of(id.asString())) == 0, "holds " + id.asString()));
        c.path("atMost")
                .properties()
                .forEach(e -> expect(
                        total(List.of(e.getKey())) <= e.getValue().asDouble(),
                        total(List.of(e.getKey())) + " x " + e.getKey() + ", at most " + e.getValue()));
        c.path("groupAtMost").forEach(g -> {
            List<String> ids = strings(g.path("ids"));
            expect(total(ids) <= g.path("pieces").asInt(), total(ids) + " of " + ids + ", at most " + g.path("pieces"));
        });
        c.path("noneOrAtLeast").forEach(g -> {
            double n = total(strings(g.path("ids")));
            expect(n == 0 || n >= g.path("pieces").asInt(), "only " + n + " of " + strings(g.path("ids")));
        });
        c.path("oneKindOf").forEach(g -> expect(there(strings(g)).size() <= 1, "kinds: " + there(strings(g))));
        c.path("onlyWith")
                .properties()
                .forEach(e -> expect(
                        total(List.of(e.getKey())) == 0 || total(strings(e.getValue())) > 0,
                        e.getKey() + " without " + e.getValue()));
        c.path("tablets")
                .properties()
                .forEach(e -> expect(
                        kit.getOrDefault(e.getKey(), 0) <= e.getValue().asInt(),
                        kit.get(e.getKey()) + " tablets of " + e.getKey() + ", at most " + e.getValue()));
        range("g", grams, c.path("grams"));
        range("kinds", kit.size(), c.path("kinds"));
    }

    private void range(String what, double is, JsonNode range) {
        if (range.isArray()) {
            expect(
                    range.get(0).asDouble() <= is && is <= range.get(1).asDouble(),
                    is + " " + what + ", expected " + range);
        }
    }

    private void expect(boolean holds, String miss) {
        asked++;
        if (!holds) {
            missed.add(miss);
        }
    }

    private List<String> there(List<String> patterns) {
        return pieces.keySet().stream()
                .filter(id -> patterns.stream().anyMatch(p -> matches(p, id)))
                .sorted()
                .toList();
    }

    private double total(List<String> patterns) {
        return there(patterns).stream().mapToDouble(pieces::get).sum();
    }

    private static boolean matches(String pattern, String id) {
        String regex = Pattern.compile("\\*")
                .splitAsStream(pattern + " ")
                .map(Pattern::quote)
                .collect(Collectors.joining(".*"));
        return Pattern.matches(regex, id + " ");
    }

    private static List<String> strings(JsonNode array) {
        return array.valueStream()
                .filter(JsonNode::isString)
                .map(JsonNode::asString)
                .toList();
    }
}
