package hodeon.app.journal;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** A trip whose log is complete and from which the household learns. */
@Entity
@Table(name = "logged_trip")
class LoggedTripRow {

    @Id
    UUID tripId = new UUID(0, 0);

    UUID householdId = new UUID(0, 0);

    protected LoggedTripRow() {}

    LoggedTripRow(UUID tripId, UUID householdId) {
        this.tripId = tripId;
        this.householdId = householdId;
    }
}
