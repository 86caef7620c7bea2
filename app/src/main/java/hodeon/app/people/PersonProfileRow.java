package hodeon.app.people;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "person")
class PersonProfileRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    @Version
    @Nullable
    Long version;

    /** A {@link Profile} as JSON. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'PERSON.PROFILE:' || {@}.id || ' ' || profile")
    String profile = "";
}
