package hodeon.app.stock.place;

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
public class PlaceRow {

    @Id
    public UUID id = UUID.randomUUID();

    public UUID householdId = new UUID(0, 0);
    public String name = "";

    @Enumerated(EnumType.STRING)
    public Place.Kind kind = Place.Kind.SHELF;

    /** The kit a module lies in. */
    @Nullable
    public UUID inside;

    /** The saved kit that says what is to lie here. */
    @Nullable
    public UUID kitId;

    public LocalDate madeOn = LocalDate.EPOCH;
    public int position;
}
