package hodeon.app.api;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SchemaRegistryConfig;
import com.networknt.schema.SpecificationVersion;
import hodeon.core.notice.Faults;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.yaml.snakeyaml.Yaml;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * What the bodies of the API keep to: the request schemas of {@code openapi.yaml}, the very document that callers read. Everything
 * that breaks them is told at once; the readers then see only values of the right kind within their limits.
 */
@Component
class BodySchemas {

    /** So many faults of one body are told; whoever sends more has sent something else. */
    private static final int MOST_FAULTS = 200;

    private final JsonNode document;
    private final Map<String, Schema> byPath = new HashMap<>();

    BodySchemas() {
        try (InputStream text = new ClassPathResource("openapi.yaml", BodySchemas.class).getInputStream()) {
            document = JsonMapper.shared().valueToTree(new Yaml().load(text));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        SchemaRegistry registry = SchemaRegistry.withDefaultDialect(
                SpecificationVersion.DRAFT_2020_12,
                b -> b.schemaRegistryConfig(SchemaRegistryConfig.builder()
                        .formatAssertionsEnabled(true)
                        .build()));
        document.path("paths").properties().forEach(path -> {
            if (path.getValue().path("post").has("requestBody")) {
                String pointer = "#/paths/" + path.getKey().replace("/", "~1")
                        + "/post/requestBody/content/application~1json/schema";
                // The whole document stands beside the reference, so that what it refers to is found.
                ObjectNode schema = ((ObjectNode) document).deepCopy().put("$ref", pointer);
                byPath.put(path.getKey(), registry.getSchema(schema));
            }
        });
    }

    /**
     * The fields of a body, with everything in it that breaks its schema as faults. Such a value is taken for missing, and so is
     * {@code null}.
     *
     * @param path of the call as the document writes it, such as {@code /api/v1/forecast}
     * @throws NotValid if more is wrong than is told, so that nothing of it should be read
     */
    JsonFields check(String path, JsonNode body) {
        Schema schema = byPath.get(path);
        if (schema == null) {
            throw new IllegalArgumentException("openapi.yaml describes no body for " + path + ".");
        }
        JsonNode given = withoutNulls(body);
        Faults faults = new Faults();
        endless("", given, faults);
        NotValid.unlessNone(faults);
        for (Error error : schema.validate(given)) {
            if (faults.all().size() < MOST_FAULTS) {
                new BodyFault(document, error).tell(faults);
            }
        }
        if (faults.all().size() >= MOST_FAULTS) {
            throw new NotValid(faults.all()); // What is not told could not be told from what is right.
        }
        return JsonFields.of(given, faults);
    }

    JsonNode document() {
        return document;
    }

    /** A number such as 1e999, of which only that it is too large can be said. */
    private static void endless(String path, JsonNode node, Faults faults) {
        if (node.isDouble() && !Double.isFinite(node.doubleValue())) {
            faults.add(path, node.toString(), path + " is a number that can be reckoned with", "Send a smaller one");
        }
        node.properties()
                .forEach(p -> endless(path.isEmpty() ? p.getKey() : path + "." + p.getKey(), p.getValue(), faults));
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                endless(path + "[" + i + "]", node.get(i), faults);
            }
        }
    }

    private static JsonNode withoutNulls(JsonNode body) {
        JsonNode copy = body.deepCopy();
        prune(copy);
        return copy;
    }

    private static void prune(JsonNode node) {
        if (node instanceof ObjectNode object) {
            object.removeNulls();
        }
        node.values().forEach(BodySchemas::prune);
    }
}
