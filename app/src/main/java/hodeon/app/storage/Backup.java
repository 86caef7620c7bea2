package hodeon.app.storage;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hodeon.app.storage.BackupRows.Reference;
import hodeon.app.storage.BackupTables.Table;
import hodeon.core.notice.Faults;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * A household in one file: versioned JSON with a published schema (docs/formats/backup.md). The same household always
 * makes the same file, and restoring it into an empty household makes that household write the same file again.
 */
@Service
@Transactional
public class Backup {

    public static final String FORMAT = "hodeon-household";
    public static final int VERSION = 7;
    private static final int SINCE_SINGLE_PIECES = 5;
    private static final int SINCE_LISTS = 6;
    private static final int MOST_FAULTS = 10;
    private static final String SCHEMA = "hodeon/app/storage/backup.schema.json";

    private final BackupRows rows;
    private final JsonMapper json =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private final JsonMapper plain = JsonMapper.builder().build();
    private final Schema schema;

    Backup(BackupRows rows) {
        this.rows = rows;
        try (InputStream text = new ClassPathResource(SCHEMA).getInputStream()) {
            this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Transactional(readOnly = true)
    public byte[] write(UUID household) {
        Map<String, Object> tables = new LinkedHashMap<>();
        BackupTables.ALL.forEach(t -> tables.put(t.name(), rows.read(t, household)));
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("format", FORMAT);
        file.put("version", VERSION);
        file.put("household", rows.householdName(household));
        file.put("checksum", checksum(plain.valueToTree(tables)));
        file.put("tables", tables);
        return json.writeValueAsBytes(file);
    }

    /**
     * Restores a file into a household that has nothing yet: everything in it, or nothing and what is wrong in
     * {@code faults}. Within the caller's transaction, which must be given up when something is wrong.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void restore(UUID household, byte[] file, Faults faults) {
        JsonNode read = parsed(file, faults);
        if (!faults.none()) {
            return;
        }
        if (BackupTables.ALL.stream()
                .filter(t -> !t.name().equals("stock_head"))
                .anyMatch(t -> !rows.isEmpty(t, household))) {
            faults.add(
                    "household",
                    rows.householdName(household),
                    "a backup is restored into a household that has no outings, kits or stock yet",
                    "Start an empty Hodeon (./hodeon run --data with a new folder) and restore it there");
            return;
        }
        Map<String, List<Map<String, Object>>> tables = tables(read.get("tables"));
        strayReferences(tables, faults);
        if (faults.none()) {
            Table head = BackupTables.table("stock_head");
            if (!rows.isEmpty(head, household)) {
                faults.add("household", "", "a backup is restored into a household without stock", "Use an empty one");
                return;
            }
            BackupTables.ALL.forEach(t -> rows.write(t, household, tables.getOrDefault(t.name(), List.of())));
            if (read.path("version").asInt(0) < SINCE_SINGLE_PIECES) {
                rows.countSinglePieces(household);
            }
            if (read.path("version").asInt(0) < SINCE_LISTS) {
                rows.beginLists(household);
            }
            rows.writeBalances(household);
            rows.nameHousehold(household, read.get("household").asString());
        }
    }

    private JsonNode parsed(byte[] file, Faults faults) {
        JsonNode read;
        try {
            read = plain.readTree(file);
        } catch (JacksonException e) {
            faults.add(
                    "file",
                    file.length + " bytes",
                    "a backup is JSON as Hodeon writes it, and this stops being so at line "
                            + (e.getLocation() == null ? "?" : e.getLocation().getLineNr()),
                    "It seems cut off or damaged; take another copy");
            return plain.nullNode();
        }
        if (!read.path("format").asString("").equals(FORMAT)) {
            faults.add(
                    "format",
                    read.path("format").asString(""),
                    "a backup says it is of the format " + FORMAT,
                    "Choose the right file");
        } else if (read.path("version").asInt(0) > VERSION) {
            faults.add(
                    "version",
                    read.path("version").asString(""),
                    "this Hodeon reads backups up to version " + VERSION + ", and this one is newer",
                    "Restore it with the Hodeon that wrote it, or a newer one");
        } else {
            conform(read, faults);
        }
        return read;
    }

    private void conform(JsonNode read, Faults faults) {
        schema.validate(read.toString(), InputFormat.JSON).stream()
                .limit(MOST_FAULTS)
                .forEach(e -> faults.add(
                        "file",
                        String.valueOf(e.getInstanceLocation()),
                        "the file keeps to its schema, and here it does not: " + e.getMessage(),
                        "It seems damaged; take another copy"));
        String given = read.path("checksum").asString("");
        if (faults.none() && !given.isEmpty() && !given.equals(checksum(read.get("tables")))) {
            faults.add(
                    "checksum",
                    given,
                    "the checksum is that of the contents, and these have changed since they were written",
                    "Take another copy; or, if you changed it on purpose, remove the line with the checksum");
        }
    }

    private Map<String, List<Map<String, Object>>> tables(JsonNode tables) {
        Map<String, List<Map<String, Object>>> read = new HashMap<>();
        BackupTables.ALL.forEach(t -> {
            JsonNode of = tables.get(t.name());
            if (of != null) {
                read.put(t.name(), plain.convertValue(of, new TypeReference<List<Map<String, Object>>>() {}));
            }
        });
        return read;
    }

    /** A reference out of the file could point into another household. */
    private void strayReferences(Map<String, List<Map<String, Object>>> tables, Faults faults) {
        for (Reference reference : rows.references()) {
            Set<Object> there = new HashSet<>();
            tables.getOrDefault(reference.parent(), List.of()).forEach(r -> {
                Object id = r.get(reference.parentColumn());
                if (id != null) {
                    there.add(id);
                }
            });
            for (Map<String, Object> row : tables.getOrDefault(reference.table(), List.of())) {
                Object id = row.get(reference.column());
                if (id != null && !there.contains(id) && faults.all().size() < MOST_FAULTS) {
                    faults.add(
                            reference.table() + "." + reference.column(),
                            id.toString(),
                            "what a row refers to is in the same file, and this is not",
                            "It seems damaged; take another copy");
                }
            }
        }
    }

    private static String checksum(JsonNode tables) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256")
                    .digest(tables.toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }

    /** Something sealed is damaged and cannot be copied. */
    public static final class Damaged extends RuntimeException {

        private static final long serialVersionUID = 1;

        Damaged(String table, String column, String row) {
            super("In " + table.replace('_', ' ') + ", row " + row + ", “" + column.replace('_', ' ')
                    + "” is damaged and cannot be read.");
        }
    }
}
