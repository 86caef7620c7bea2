package hodeon.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "person_view")
class ViewRow implements Persistable<UUID> {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    UUID personId = new UUID(0, 0);
    String seenBy = "";
    String what = "";
    LocalDateTime seenAt = LocalDateTime.MIN;

    @Override
    public UUID getId() {
        return id;
    }

    /** Views are only ever added: nobody has to look whether there is one. */
    @Override
    public boolean isNew() {
        return true;
    }
}
