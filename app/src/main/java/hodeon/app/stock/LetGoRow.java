package hodeon.app.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** What was found missing at a place and no longer belongs there. */
@Entity
@IdClass(LetGoRow.Key.class)
@Table(name = "stock_let_go")
class LetGoRow {

    record Key(UUID householdId, UUID placeId, String supplyId) implements Serializable {}

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    UUID placeId = new UUID(0, 0);

    @Id
    String supplyId = "";

    /** Of the movement that found it missing. */
    long number;

    protected LetGoRow() {}

    LetGoRow(UUID householdId, UUID placeId, String supplyId, long number) {
        this.householdId = householdId;
        this.placeId = placeId;
        this.supplyId = supplyId;
        this.number = number;
    }
}
