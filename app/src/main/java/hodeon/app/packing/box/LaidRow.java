package hodeon.app.packing.box;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** In which compartment a thing of a kit lies. */
@Entity
@Table(name = "kit_laid")
@IdClass(LaidRow.Key.class)
class LaidRow {

    record Key(UUID kitId, String supplyId) implements Serializable {}

    @Id
    UUID kitId = new UUID(0, 0);

    @Id
    String supplyId = "";

    UUID householdId = new UUID(0, 0);
    UUID partId = new UUID(0, 0);

    /** Whether somebody put it there by hand, so that arranging leaves it. */
    boolean pinned;

    protected LaidRow() {}

    LaidRow(UUID householdId, UUID kitId, String supplyId, UUID partId, boolean pinned) {
        this.householdId = householdId;
        this.kitId = kitId;
        this.supplyId = supplyId;
        this.partId = partId;
        this.pinned = pinned;
    }
}
