package hodeon.app.kits.list;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A list as it was from some moment on; the latest is the list itself. */
@Entity
@Table(name = "list_version")
class ListVersionRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID kitId = new UUID(0, 0);

    int number;

    LocalDateTime madeAt = LocalDateTime.MIN;

    String madeBy = "";

    String why = "";

    @ElementCollection
    @CollectionTable(name = "list_version_line", joinColumns = @JoinColumn(name = "version_id"))
    @OrderColumn(name = "position")
    List<ListRow.Line> lines = new ArrayList<>();
}
