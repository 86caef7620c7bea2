package hodeon.app.packing.carrier;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** Pieces that somebody gave to a carrier by hand. */
@Entity
@Table(name = "carrier_given")
@IdClass(GivenRow.Key.class)
class GivenRow {

    record Key(UUID carrierId, String supplyId) implements Serializable {}

    @Id
    UUID carrierId = new UUID(0, 0);

    @Id
    String supplyId = "";

    UUID householdId = new UUID(0, 0);
    int pieces;

    protected GivenRow() {}

    GivenRow(UUID householdId, UUID carrierId, String supplyId, int pieces) {
        this.householdId = householdId;
        this.carrierId = carrierId;
        this.supplyId = supplyId;
        this.pieces = pieces;
    }
}
