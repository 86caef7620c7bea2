package hodeon.app.packing.carrier;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.Nullable;

/** Somebody or something that carries a part of an outing's kit. */
@Entity
@Table(name = "carrier")
class CarrierRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    UUID tripId = new UUID(0, 0);
    int position;

    /** Mostly that of one of the party. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'CARRIER.NAME:' || {@}.id || ' ' || name")
    String name = "";

    /** Boat, pack, vehicle; empty if it needs no saying. */
    String place = "";

    /** Carriers of the same number stay together. */
    int groupNo;

    @Nullable
    Integer mostGrams;

    /** Whether modules stay whole; the same for all carriers of an outing. */
    boolean whole;
}
