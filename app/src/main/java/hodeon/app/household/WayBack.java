package hodeon.app.household;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A way back into an account that opens once. */
@Entity
@Table(name = "way_back")
class WayBack {

    /** How somebody came by it. */
    enum Kind {
        /** Written down beforehand: stands in for the password, or for the second factor. */
        CODE,
        /** By mail: for a new password; the second factor still asks. */
        MAIL,
        /** From a keeper who knows who it is: for a new password, and the second factor is gone. */
        KEEPER
    }

    @Id
    UUID id = UUID.randomUUID();

    UUID accountId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Kind kind = Kind.CODE;

    String hash = "";

    /** Nothing for one that does not lapse. */
    @Nullable
    LocalDateTime until;

    @Nullable
    LocalDateTime usedAt;
}
