package hodeon.app.readiness;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDateTime;
import java.util.UUID;

/** A line of the shopping list that is in the basket. */
@Entity
@IdClass(TickRow.Key.class)
@Table(name = "shopping_tick")
class TickRow {

    record Key(UUID householdId, String supplyId) implements Serializable {}

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    String supplyId = "";

    LocalDateTime tickedAt = LocalDateTime.MIN;

    protected TickRow() {}

    TickRow(UUID householdId, String supplyId, LocalDateTime tickedAt) {
        this.householdId = householdId;
        this.supplyId = supplyId;
        this.tickedAt = tickedAt;
    }
}
