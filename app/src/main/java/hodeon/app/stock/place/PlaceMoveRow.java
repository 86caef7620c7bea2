package hodeon.app.stock.place;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A module that was lifted out of something or put into something, with all that lies in it. */
@Entity
@Table(name = "place_move")
class PlaceMoveRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    UUID placeId = new UUID(0, 0);

    @Nullable
    UUID outOf;

    @Nullable
    UUID putInto;

    LocalDateTime madeAt = LocalDateTime.MIN;

    String madeBy = "";
}
