package hodeon.app.storage.seal;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Counts what is sealed, so that whoever lost the key knows exactly what they cannot read. */
@Component
class SealedSum {

    private static final Map<String, String> SEALED = new LinkedHashMap<>();

    static {
        SEALED.put("people", "select count(*) from person");
        SEALED.put("noted doses", "select count(*) from dose_taken");
        SEALED.put("rows of people in trips (their names, allergies, conditions)", "select count(*) from trip_person");
        SEALED.put(
                "notes of the log",
                "select count(*) from log_entry where note <> '' or who <> '' or at_place <> '' or body_place <> ''");
        SEALED.put("unsaved briefs", "select count(*) from brief_draft");
    }

    private final JdbcTemplate database;

    SealedSum(JdbcTemplate database) {
        this.database = database;
    }

    String says() {
        return SEALED.entrySet().stream()
                .map(e -> Optional.ofNullable(database.queryForObject(e.getValue(), Long.class))
                                .orElse(0L) + " " + e.getKey())
                .collect(Collectors.joining(", "));
    }
}
