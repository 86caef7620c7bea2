package hodeon.app.catalogue;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.util.UUID;

/** A rate a household entered for a problem, in place of the shipped one. */
@Entity
@Table(name = "own_rate")
@IdClass(OwnKey.class)
class OwnRate {

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    @Column(name = "problem_id")
    String id = "";

    double perThousand;
    double strength;

    protected OwnRate() {}

    OwnRate(UUID householdId, String id, double perThousand, double strength) {
        this.householdId = householdId;
        this.id = id;
        this.perThousand = perThousand;
        this.strength = strength;
    }
}
