package hodeon.app.stock.ledger;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** Pieces of a lot at a place: what the movements come to. */
@Entity
@IdClass(BalanceRow.Key.class)
@Table(name = "stock_balance")
class BalanceRow {

    record Key(UUID lotId, UUID placeId) implements Serializable {}

    @Id
    UUID lotId = new UUID(0, 0);

    @Id
    UUID placeId = new UUID(0, 0);

    UUID householdId = new UUID(0, 0);
    int pieces;

    protected BalanceRow() {}

    BalanceRow(UUID householdId, Key key, int pieces) {
        this.householdId = householdId;
        this.lotId = key.lotId();
        this.placeId = key.placeId();
        this.pieces = pieces;
    }
}
