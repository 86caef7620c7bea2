package hodeon.app.paper.pouch;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDateTime;
import java.util.UUID;

/** What stood on a card when it was last printed. */
@Entity
@Table(name = "printed_card")
@IdClass(PrintedRow.Key.class)
class PrintedRow {

    record Key(UUID scopeId, String card) implements Serializable {}

    /** Of the kit or the outing whose card it is. */
    @Id
    UUID scopeId = new UUID(0, 0);

    @Id
    String card = "";

    UUID householdId = new UUID(0, 0);

    /** SHA-256 of all that stands on it. */
    String digest = "";

    LocalDateTime printedAt = LocalDateTime.MIN;

    protected PrintedRow() {}

    PrintedRow(UUID householdId, UUID scopeId, String card, String digest, LocalDateTime printedAt) {
        this.householdId = householdId;
        this.scopeId = scopeId;
        this.card = card;
        this.digest = digest;
        this.printedAt = printedAt;
    }
}
