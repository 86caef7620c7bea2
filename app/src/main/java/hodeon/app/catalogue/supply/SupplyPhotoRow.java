package hodeon.app.catalogue.supply;

import hodeon.app.catalogue.OwnKey;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** What a thing looks like at a household's. */
@Entity
@Table(name = "supply_photo")
@IdClass(OwnKey.class)
class SupplyPhotoRow {

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    @Column(name = "supply_id")
    String id = "";

    /** Base 64, so that a backup is text throughout. */
    String jpeg = "";

    protected SupplyPhotoRow() {}

    SupplyPhotoRow(UUID householdId, String id, String jpeg) {
        this.householdId = householdId;
        this.id = id;
        this.jpeg = jpeg;
    }
}
