package hodeon.app.stock.place;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

/** Only what was changed is written, so that who knows where it stands may stay sealed while people are locked. */
@Entity
@DynamicUpdate
@Table(name = "stock_place")
public class PlaceRow {

    @Id
    public UUID id = UUID.randomUUID();

    public UUID householdId = new UUID(0, 0);
    public String name = "";

    @Enumerated(EnumType.STRING)
    public Place.Kind kind = Place.Kind.SHELF;

    /** The kit or module that it lies in. */
    @Nullable
    public UUID inside;

    /** The list that says what belongs here. */
    @Nullable
    public UUID kitId;

    /** Where a module belongs, also while it lies somewhere else or stands for itself. */
    @Nullable
    public UUID belongsIn;

    /** What it is refilled from before anything is bought. */
    @Nullable
    public UUID filledFrom;

    /** Where it stands: “boathouse, left locker”. */
    public String stands = "";

    /** Who knows that. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'STOCK_PLACE.KNOWN_BY:' || {@}.id || ' ' || known_by")
    public String knownBy = "";

    public String condition = "";

    /** Since when it is out of use. */
    @Nullable
    public LocalDate retiredOn;

    /** When it was put in the bin, with what lies in it. */
    @Nullable
    public LocalDateTime deletedAt;

    public LocalDate madeOn = LocalDate.EPOCH;
    public int position;
}
