package hodeon.app.aid;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.UUID;

/** Which school a household follows on a topic. */
@Entity
@Table(name = "followed_school")
@IdClass(FollowedSchool.Key.class)
class FollowedSchool {

    /** Names the row. */
    record Key(UUID householdId, String topic) implements Serializable {}

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    String topic = "";

    String choice = "";

    protected FollowedSchool() {}

    FollowedSchool(UUID householdId, String topic, String choice) {
        this.householdId = householdId;
        this.topic = topic;
        this.choice = choice;
    }
}
