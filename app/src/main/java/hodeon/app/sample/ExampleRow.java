package hodeon.app.sample;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** What of a household's own things is the example. */
@Entity
@Table(name = "example")
class ExampleRow {

    @Id
    UUID householdId = new UUID(0, 0);

    UUID tripId = new UUID(0, 0);
    UUID kitId = new UUID(0, 0);
    UUID listId = new UUID(0, 0);
}
