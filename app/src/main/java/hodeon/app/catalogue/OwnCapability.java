package hodeon.app.catalogue;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

/** Something a kit can do, as a household describes it: a section in the format of capabilities.txt. */
@Entity
@Table(name = "own_capability")
@SQLRestriction("deleted_at is null")
@IdClass(OwnKey.class)
class OwnCapability {

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    @Column(name = "capability_id")
    String id = "";

    String name = "";

    String text = "";

    /** When it was put in the bin; rows with a day here are seen by the bin alone. */
    @Nullable
    LocalDateTime deletedAt;

    protected OwnCapability() {}

    /** @param unit what one use is counted in, singular */
    OwnCapability(UUID householdId, String id, String name, String unit) {
        this.householdId = householdId;
        this.id = id;
        this.name = name;
        this.text = "[" + id + "]\nname = " + name + "\nunit = " + unit + "\n";
    }
}
