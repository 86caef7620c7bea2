package hodeon.app.kits.photo;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "kit_photo")
class PhotoRow {

    @Id
    UUID kitId = new UUID(0, 0);

    UUID householdId = new UUID(0, 0);

    /** Base 64, so that a backup is text throughout. */
    String jpeg = "";
}
