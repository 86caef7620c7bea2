package hodeon.app.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "stock_place")
class PlaceRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    String name = "";

    @Enumerated(EnumType.STRING)
    Place.Kind kind = Place.Kind.SHELF;

    /** The kit a module lies in. */
    @Nullable
    UUID inside;

    /** The saved kit that says what is to lie here. */
    @Nullable
    UUID kitId;

    LocalDate madeOn = LocalDate.EPOCH;
    int position;
}
