package hodeon.app.api;

import com.networknt.schema.Error;
import com.networknt.schema.path.NodePath;
import hodeon.core.notice.Faults;
import hodeon.core.units.Plural;
import java.math.BigDecimal;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** One breach of a schema told as a fault: at its path, such as {@code supplies[3].massGrams}, with what would fit there. */
record BodyFault(JsonNode document, Error error) {

    void tell(Faults faults) {
        String at = path(error.getInstanceLocation());
        switch (error.getKeyword()) {
            case "required" -> {
                String field = within(at, error.getProperty());
                JsonNode asked = resolved(schema().path("properties").path(error.getProperty()));
                add(faults, field, "", asked, "Send it");
            }
            case "additionalProperties", "unevaluatedProperties" -> {
                Set<String> known = names(schema());
                // A schema that is broken elsewhere vouches for none of its names; those are no breach.
                if (!known.contains(error.getProperty())) {
                    String field = within(at, error.getProperty());
                    faults.add(
                            field,
                            shortly(error.getInstanceNode().path(error.getProperty())),
                            field + " is not known here: there is " + String.join(", ", known),
                            "Correct the name, or leave it out");
                }
            }
            default -> add(faults, at, shortly(error.getInstanceNode()), resolved(schema()), "");
        }
    }

    /** One field is told once, with all that is asked of it, however much of it is broken. */
    private static void add(Faults faults, String field, String value, JsonNode asked, String remedy) {
        if (faults.all().stream().noneMatch(f -> f.field().equals(field))) {
            faults.add(field, value, field + " " + limit(asked), remedy.isEmpty() ? remedy(asked) : remedy);
        }
    }

    /** The schema that a broken keyword stands in. */
    private JsonNode schema() {
        NodePath keyword = error.getSchemaLocation().getFragment();
        JsonNode schema = document;
        for (int i = 0; i < keyword.getNameCount() - 1; i++) {
            Object name = keyword.getElement(i);
            schema = name instanceof Integer index ? schema.path(index) : schema.path(String.valueOf(name));
        }
        return schema;
    }

    private JsonNode resolved(JsonNode schema) {
        String reference = schema.path("$ref").asString("");
        return reference.isEmpty() ? schema : resolved(document.at(reference.substring(1)));
    }

    private Set<String> names(JsonNode schema) {
        Set<String> names =
                new LinkedHashSet<>(resolved(schema).path("properties").propertyNames());
        resolved(schema).path("allOf").forEach(part -> names.addAll(names(part)));
        return names;
    }

    private static String limit(JsonNode asked) {
        if (asked.has("enum")) {
            return "is one of "
                    + asked.path("enum").valueStream().map(JsonNode::asString).collect(Collectors.joining(", "));
        }
        if (asked.has("const")) {
            return "is " + asked.path("const").asString();
        }
        return switch (asked.path("type").asString("")) {
            case "number" ->
                "is a number from " + plain(asked.path("minimum")) + " to " + plain(asked.path("maximum"))
                        + (asked.has("multipleOf") ? " in steps of " + plain(asked.path("multipleOf")) : "");
            case "integer" ->
                "is a whole number from " + plain(asked.path("minimum")) + " to " + plain(asked.path("maximum"));
            case "boolean" -> "is true or false";
            case "array" ->
                "is an array of " + (asked.has("minItems") ? plain(asked.path("minItems")) + " to " : "at most ")
                        + plain(asked.path("maxItems")) + " entries";
            case "string" ->
                switch (asked.path("format").asString("")) {
                    case "date" -> "is a day like 2026-05-01";
                    case "date-time" -> "is a moment with its offset, like 2026-11-27T14:05:00+01:00";
                    default ->
                        "is text of " + asked.path("minLength").asInt(0) + " to " + plain(asked.path("maxLength"))
                                + " characters";
                };
            default -> "is a JSON object";
        };
    }

    private static String remedy(JsonNode asked) {
        return switch (asked.path("type").asString("")) {
            case "boolean" -> "Send it without quotes";
            case "array" -> "Send it in brackets, not longer than that";
            case "string" -> "Send it in quotes";
            case "object" -> "Send it in braces";
            default -> "Correct it";
        };
    }

    /** Of a long value its size is enough to know which is meant. */
    private static String shortly(JsonNode value) {
        return value.isArray() ? Plural.counted(value.size(), "entry") : value.toString();
    }

    private static String plain(JsonNode number) {
        return new BigDecimal(number.asString()).toPlainString();
    }

    private static String within(String object, String name) {
        return object.isEmpty() || object.equals(JsonFields.BODY) ? name : object + "." + name;
    }

    private static String path(NodePath location) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < location.getNameCount(); i++) {
            switch (location.getElement(i)) {
                case Integer index -> path.append('[').append(index).append(']');
                case Object name -> path.append(path.isEmpty() ? "" : ".").append(name);
            }
        }
        return path.isEmpty() ? JsonFields.BODY : path.toString();
    }
}
