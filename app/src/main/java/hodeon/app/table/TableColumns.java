package hodeon.app.table;

import hodeon.core.catalogue.words.Columns.Meaning;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;

/** What a household said the columns under some headings are. */
@Entity
@Table(name = "table_columns")
@IdClass(TableColumns.Key.class)
class TableColumns {

    /** A row is named by its household and the headings. */
    record Key(UUID householdId, String head) implements Serializable {}

    static final int LONGEST = 400;

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    String head = "";

    String meanings = "";

    protected TableColumns() {}

    TableColumns(Key key, List<Meaning> said) {
        this.householdId = key.householdId();
        this.head = key.head();
        this.meanings = said.stream().map(Meaning::name).collect(Collectors.joining(" "));
    }

    List<Meaning> said() {
        return Arrays.stream(meanings.split(" ")).map(Meaning::valueOf).toList();
    }
}
