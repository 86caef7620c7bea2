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

/** A supply as a household describes it: a section in the format of supplies.txt. */
@Entity
@Table(name = "own_supply")
@SQLRestriction("deleted_at is null")
@IdClass(OwnKey.class)
class OwnSupply {

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    @Column(name = "supply_id")
    String id = "";

    String text = "";

    /** When it was put in the bin; rows with a day here are seen by the bin alone. */
    @Nullable
    LocalDateTime deletedAt;

    protected OwnSupply() {}

    OwnSupply(UUID householdId, String id, String text) {
        this.householdId = householdId;
        this.id = id;
        this.text = text;
    }
}
