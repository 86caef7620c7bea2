package hodeon.app.api;

import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Reads one JSON object field by field. What does not fit becomes a fault at its path, such as
 * {@code supplies[3].massGrams}, and a stand-in is used, so that everything wrong is told at once.
 */
final class JsonFields {

    private final String path;

    @Nullable
    private final JsonNode object;

    private final Faults faults;

    JsonFields(String path, @Nullable JsonNode object, Faults faults) {
        this.path = path;
        this.object = object;
        this.faults = faults;
    }

    static JsonFields of(JsonNode body, Faults faults) {
        if (!body.isObject()) {
            faults.add("(body)", body.toString(), "the body is a JSON object", "Send an object in braces");
        }
        return new JsonFields("", body, faults);
    }

    String at(String field) {
        return path.isEmpty() ? field : path + "." + field;
    }

    Faults faults() {
        return faults;
    }

    boolean has(String field) {
        return find(field).isPresent();
    }

    String text(String field, int longest) {
        return find(field)
                .filter(n ->
                        n.isString() && !n.asString().isBlank() && n.asString().length() <= longest)
                .map(JsonNode::asString)
                .orElseGet(() -> {
                    fault(field, "is text of 1 to " + longest + " characters", "Send it in quotes");
                    return "";
                });
    }

    Optional<String> optionalText(String field, int longest) {
        return has(field) ? Optional.of(text(field, longest)) : Optional.empty();
    }

    /** Texts of an array that may be missing. */
    List<String> texts(String field, int longest, int longestText) {
        List<String> texts = new ArrayList<>();
        List<JsonNode> nodes = array(field, longest, true);
        for (int i = 0; i < nodes.size(); i++) {
            JsonNode node = nodes.get(i);
            if (node.isString() && !node.asString().isBlank() && node.asString().length() <= longestText) {
                texts.add(node.asString());
            } else {
                String at = at(field) + "[" + i + "]";
                faults.add(
                        at,
                        node.toString(),
                        at + " is text of 1 to " + longestText + " characters",
                        "Send it in quotes");
            }
        }
        return texts;
    }

    /** A text read by something that answers nothing where it does not fit; the stand-in is used then. */
    <T> T read(String field, T standIn, Function<String, Optional<T>> read, String limit, String remedy) {
        return find(field)
                .filter(JsonNode::isString)
                .flatMap(n -> read.apply(n.asString()))
                .orElseGet(() -> {
                    fault(field, limit, remedy);
                    return standIn;
                });
    }

    /** An exact decimal; empty if it is missing. */
    Optional<BigDecimal> decimal(String field, BigDecimal least, BigDecimal most, int decimals) {
        if (!has(field)) {
            return Optional.empty();
        }
        Optional<BigDecimal> read = find(field)
                .filter(JsonNode::isNumber)
                .map(JsonNode::decimalValue)
                .filter(n -> n.compareTo(least) >= 0
                        && n.compareTo(most) <= 0
                        && n.stripTrailingZeros().scale() <= decimals);
        if (read.isEmpty()) {
            fault(
                    field,
                    "is a number from " + least.toPlainString() + " to " + most.toPlainString() + " with at most "
                            + decimals + " decimals",
                    "Correct it");
        }
        return read;
    }

    double number(String field, double least, double most) {
        return number(field, least, most, Optional.empty());
    }

    double number(String field, double least, double most, Optional<Double> ifMissing) {
        Optional<JsonNode> node = find(field);
        if (node.isEmpty() && ifMissing.isPresent()) {
            return ifMissing.get();
        }
        return node.filter(n -> n.isNumber() && n.asDouble() >= least && n.asDouble() <= most)
                .map(JsonNode::asDouble)
                .orElseGet(() -> {
                    fault(field, "is a number from " + plain(least) + " to " + plain(most), "Correct it");
                    return least;
                });
    }

    int whole(String field, int least, int most, Optional<Integer> ifMissing) {
        Optional<JsonNode> node = find(field);
        if (node.isEmpty() && ifMissing.isPresent()) {
            return ifMissing.get();
        }
        return node.filter(n -> n.isNumber()
                        && n.asDouble() == Math.rint(n.asDouble())
                        && n.asDouble() >= least
                        && n.asDouble() <= most)
                .map(n -> (int) n.asDouble())
                .orElseGet(() -> {
                    fault(field, "is a whole number from " + least + " to " + most, "Correct it");
                    return least;
                });
    }

    Optional<Double> optionalNumber(String field, double least, double most) {
        return has(field) ? Optional.of(number(field, least, most)) : Optional.empty();
    }

    boolean yes(String field, boolean ifMissing) {
        Optional<JsonNode> node = find(field);
        if (node.isPresent() && !node.get().isBoolean()) {
            fault(field, "is true or false", "Send it without quotes");
        }
        return node.filter(JsonNode::isBoolean).map(JsonNode::asBoolean).orElse(ifMissing);
    }

    /** Numbers of an array that must be there. */
    List<Double> numbers(String field, double least, double most, int longest) {
        List<Double> numbers = new ArrayList<>();
        List<JsonNode> nodes = array(field, longest, false);
        for (int i = 0; i < nodes.size(); i++) {
            JsonNode node = nodes.get(i);
            if (node.isNumber() && node.asDouble() >= least && node.asDouble() <= most) {
                numbers.add(node.asDouble());
            } else {
                faults.add(
                        at(field) + "[" + i + "]",
                        node.toString(),
                        at(field) + " holds numbers from " + plain(least) + " to " + plain(most),
                        "Correct it");
                numbers.add(least);
            }
        }
        return numbers;
    }

    /** Objects of an array; a missing one is empty if it may be. */
    List<JsonFields> objects(String field, int longest, boolean mayBeMissing) {
        List<JsonFields> objects = new ArrayList<>();
        List<JsonNode> nodes = array(field, longest, mayBeMissing);
        for (int i = 0; i < nodes.size(); i++) {
            String at = at(field) + "[" + i + "]";
            if (!nodes.get(i).isObject()) {
                faults.add(at, nodes.get(i).toString(), at + " is an object", "Send it in braces");
            }
            objects.add(new JsonFields(at, nodes.get(i), faults));
        }
        return objects;
    }

    /** An object that may be missing; then every field of it is. */
    JsonFields object(String field) {
        Optional<JsonNode> node = find(field);
        if (node.isPresent() && !node.get().isObject()) {
            fault(field, "is an object", "Send it in braces");
        }
        return new JsonFields(at(field), node.orElse(null), faults);
    }

    void fault(String field, String limit, String remedy) {
        faults.add(at(field), find(field).map(JsonNode::toString).orElse(""), at(field) + " " + limit, remedy);
    }

    private List<JsonNode> array(String field, int longest, boolean mayBeMissing) {
        Optional<JsonNode> node = find(field);
        if (node.isEmpty() && mayBeMissing) {
            return List.of();
        }
        if (node.isEmpty() || !node.get().isArray() || node.get().size() > longest) {
            faults.add(
                    at(field),
                    node.map(n -> n.isArray() ? n.size() + " entries" : n.toString())
                            .orElse(""),
                    at(field) + " is an array of at most " + longest + " entries",
                    node.isPresent() && node.get().isArray() ? "Send fewer" : "Send it in brackets");
            return List.of();
        }
        return List.copyOf(node.get().values());
    }

    private Optional<JsonNode> find(String field) {
        return Optional.ofNullable(object).map(o -> o.get(field)).filter(n -> !n.isNull() && !n.isMissingNode());
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }
}
