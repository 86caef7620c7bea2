package hodeon.app.household;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "household")
class Household {

    @Id
    private UUID id = UUID.randomUUID();

    private String name = "";

    protected Household() {}

    Household(String name) {
        this.name = name;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }
}
