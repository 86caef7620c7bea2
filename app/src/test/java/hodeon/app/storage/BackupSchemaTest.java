package hodeon.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.WebTest;
import hodeon.app.check.Answer;
import hodeon.app.stock.place.Place;
import hodeon.app.storage.BackupRows.Column;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.party.Training;
import hodeon.core.stock.Movement;
import hodeon.core.stock.Rhythm;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Types;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The published schema says what the tables are; whoever adds a column is told here to publish it. */
class BackupSchemaTest extends WebTest {

    private static final Map<String, Class<? extends Enum<?>>> CONSTANTS = Map.of(
            "trip.season", Season.class,
            "trip.stance", Stance.class,
            "trip_leg.activity", Activity.class,
            "trip_leg.environment", Environment.class,
            "trip_person.training", Training.class,
            "stock_place.kind", Place.Kind.class,
            "stock_movement.kind", Movement.Kind.class,
            "check_round.rhythm", Rhythm.class,
            "check_line.answer", Answer.class);

    @Autowired
    BackupRows rows;

    @Test
    void theSchemaIsThatOfTheTables() throws Exception {
        String text = JsonMapper.builder()
                .enable(SerializationFeature.INDENT_OUTPUT)
                .build()
                .writeValueAsString(schema());
        Path fresh = Path.of("target/backup.schema.json");
        Files.writeString(fresh, text + "\n");
        assertThat(Files.readString(Path.of("src/main/resources/hodeon/app/storage/backup.schema.json")))
                .as("Copy app/target/backup.schema.json there, and raise Backup.VERSION if older files no longer fit.")
                .isEqualTo(text + "\n");
    }

    private Map<String, Object> schema() {
        Map<String, Object> tables = new LinkedHashMap<>();
        for (BackupTables.Table table : BackupTables.ALL) {
            Map<String, Object> columns = new LinkedHashMap<>();
            List<Column> of = rows.columns(table).stream()
                    .filter(c -> !c.name().equals("household_id"))
                    .toList();
            of.forEach(c -> columns.put(c.name(), column(table.name(), c)));
            Map<String, Object> row = object(
                    columns,
                    of.stream().filter(c -> !c.mayBeMissing()).map(Column::name).toList());
            tables.put(table.name(), Map.of("type", "array", "items", row));
        }
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("format", Map.of("const", Backup.FORMAT));
        file.put(
                "version",
                Map.of("enum", IntStream.rangeClosed(1, Backup.VERSION).boxed().toList()));
        file.put("household", Map.of("type", "string", "minLength", 1, "maxLength", 80));
        file.put("checksum", Map.of("type", "string", "pattern", "^[0-9a-f]{64}$"));
        file.put(
                "tables",
                object(
                        tables,
                        tables.keySet().stream()
                                .filter(t -> !BackupTables.SINCE_VERSION_2.contains(t))
                                .toList()));
        Map<String, Object> schema = new LinkedHashMap<>();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "A household of Hodeon, version " + Backup.VERSION);
        schema.putAll(object(file, List.of("format", "version", "household", "tables")));
        return sorted(schema);
    }

    private static Map<String, Object> object(Map<String, Object> properties, List<String> required) {
        Map<String, Object> object = new LinkedHashMap<>();
        object.put("type", "object");
        object.put("properties", properties);
        object.put("required", required);
        object.put("additionalProperties", false);
        return object;
    }

    private static Map<String, Object> column(String table, Column column) {
        Class<? extends Enum<?>> constants = CONSTANTS.get(table + "." + column.name());
        if (constants != null) {
            return Map.of(
                    "enum",
                    Arrays.stream(constants.getEnumConstants()).map(Enum::name).toList());
        }
        return switch (column.type()) {
            case Types.OTHER -> Map.of("type", "string", "pattern", "^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$");
            case Types.DATE -> Map.of("type", "string", "pattern", "^\\d{4}-\\d{2}-\\d{2}$");
            case Types.TIMESTAMP ->
                Map.of("type", "string", "pattern", "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}(:\\d{2}(\\.\\d+)?)?$");
            case Types.BIGINT -> Map.of("type", "integer");
            case Types.INTEGER -> Map.of("type", "integer", "minimum", Integer.MIN_VALUE, "maximum", Integer.MAX_VALUE);
            case Types.DOUBLE -> Map.of("type", "number");
            case Types.BOOLEAN -> Map.of("type", "boolean");
            default -> Map.of("type", "string", "maxLength", column.size());
        };
    }

    /** Small maps have no order of their own; the file must. */
    @SuppressWarnings("unchecked")
    private static Map<String, Object> sorted(Map<String, Object> map) {
        Map<String, Object> sorted = map instanceof LinkedHashMap ? new LinkedHashMap<>() : new TreeMap<>();
        map.forEach((key, value) ->
                sorted.put(key, value instanceof Map<?, ?> m ? sorted((Map<String, Object>) m) : value));
        return sorted;
    }
}
