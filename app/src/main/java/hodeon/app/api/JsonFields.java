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
 * Reads one JSON object field by field, after {@link BodySchemas} has looked at the whole. What a schema cannot say becomes a fault
 * at its path, such as {@code supplies[3].massGrams}. A field that is missing, or told as a fault already, takes its stand-in.
 */
final class JsonFields {

    /** The path of the body itself. */
    static final String BODY = "(body)";

    private final String path;

    @Nullable
    private final JsonNode object;

    private final Faults faults;

    private JsonFields(String path, @Nullable JsonNode object, Faults faults) {
        this.path = path;
        this.object = object;
        this.faults = faults;
    }

    static JsonFields of(JsonNode body, Faults faults) {
        return new JsonFields("", body, faults);
    }

    Faults faults() {
        return faults;
    }

    boolean has(String field) {
        return find(field).isPresent();
    }

    /** Whether a field is told as a fault. */
    boolean told(String field) {
        return told(faults, at(field));
    }

    String text(String field) {
        return optionalText(field).orElse("");
    }

    /** A text or number as somebody would type it into the field of a form; empty if it is missing. */
    String typed(String field) {
        return find(field)
                .map(n -> n.isNumber() ? n.decimalValue().stripTrailingZeros().toPlainString() : n.asString())
                .orElse("");
    }

    Optional<String> optionalText(String field) {
        return find(field).map(JsonNode::asString);
    }

    /** Texts of an array that may be missing. */
    List<String> texts(String field) {
        return array(field).stream().map(JsonNode::asString).toList();
    }

    /** A text read by something that answers nothing where it does not fit; the stand-in is used then, and where it is missing. */
    <T> T read(String field, T standIn, Function<String, Optional<T>> read, String limit, String remedy) {
        return find(field)
                .map(n -> read.apply(n.asString()).orElseGet(() -> {
                    fault(field, limit, remedy);
                    return standIn;
                }))
                .orElse(standIn);
    }

    /** An exact decimal. */
    Optional<BigDecimal> decimal(String field) {
        return find(field).map(JsonNode::decimalValue);
    }

    double number(String field, double ifMissing) {
        return optionalNumber(field).orElse(ifMissing);
    }

    Optional<Double> optionalNumber(String field) {
        return find(field).map(JsonNode::asDouble);
    }

    int whole(String field, int ifMissing) {
        return find(field).map(n -> (int) n.asDouble()).orElse(ifMissing);
    }

    boolean yes(String field, boolean ifMissing) {
        return find(field).map(JsonNode::asBoolean).orElse(ifMissing);
    }

    /** Numbers of an array that may be missing. */
    List<Double> numbers(String field) {
        return array(field).stream().map(JsonNode::asDouble).toList();
    }

    /** Objects of an array that may be missing. */
    List<JsonFields> objects(String field) {
        List<JsonFields> objects = new ArrayList<>();
        List<JsonNode> nodes = array(field);
        for (int i = 0; i < nodes.size(); i++) {
            objects.add(new JsonFields(at(field) + "[" + i + "]", nodes.get(i), faults));
        }
        return objects;
    }

    /** An object that may be missing; then every field of it is. */
    JsonFields object(String field) {
        return new JsonFields(at(field), find(field).orElse(null), faults);
    }

    /** Something wrong with a field that its schema could not know; nothing if it is told already. */
    void fault(String field, String limit, String remedy) {
        if (!told(field)) {
            faults.add(at(field), find(field).map(JsonNode::toString).orElse(""), at(field) + " " + limit, remedy);
        }
    }

    /** Entries up to the first that is told as a fault: what follows would stand at another place. */
    private List<JsonNode> array(String field) {
        List<JsonNode> entries = new ArrayList<>();
        for (JsonNode entry : find(field).map(JsonNode::values).orElse(List.of())) {
            if (told(faults, at(field) + "[" + entries.size() + "]")) {
                break;
            }
            entries.add(entry);
        }
        return entries;
    }

    private String at(String field) {
        return path.isEmpty() ? field : path + "." + field;
    }

    private Optional<JsonNode> find(String field) {
        return told(field) || object == null ? Optional.empty() : Optional.ofNullable(object.get(field));
    }

    private static boolean told(Faults faults, String path) {
        return faults.all().stream()
                .anyMatch(f -> f.field().equals(path) || f.field().equals(BODY));
    }
}
