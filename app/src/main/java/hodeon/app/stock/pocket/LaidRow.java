package hodeon.app.stock.pocket;

import jakarta.persistence.Column;
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

    record Key(UUID kitId, String thing, UUID partId) implements Serializable {}

    @Id
    UUID kitId = new UUID(0, 0);

    /** Id of a supply, or of a module. */
    @Id
    @Column(name = "supply_id")
    String thing = "";

    @Id
    UUID partId = new UUID(0, 0);

    UUID householdId = new UUID(0, 0);

    /** 0 for all that lie in no other compartment. */
    int pieces;

    /** Whether somebody put it there by hand, so that arranging leaves it. */
    boolean pinned;

    protected LaidRow() {}

    LaidRow(UUID householdId, UUID kitId, String thing, UUID partId, int pieces, boolean pinned) {
        this.householdId = householdId;
        this.kitId = kitId;
        this.thing = thing;
        this.partId = partId;
        this.pieces = pieces;
        this.pinned = pinned;
    }
}
