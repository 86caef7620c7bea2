package hodeon.app.dose.dispense;

import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.ColumnTransformer;
import org.hibernate.annotations.DynamicUpdate;
import org.jspecify.annotations.Nullable;

@Entity
@DynamicUpdate
@Table(name = "dispensed")
class DispensedRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    /** Counts the household's entries from 1, without gaps. */
    int number;

    /** Null once they are erased. */
    @Nullable
    UUID personId;

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'DISPENSED.WHO:' || {@}.id || ' ' || who")
    String who = "";

    String product = "";
    String quantity = "";

    /** What the label says, a line each. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'DISPENSED.DIRECTIONS:' || {@}.id || ' ' || directions")
    String directions = "";

    String lots = "";

    @Nullable
    LocalDate goodUntil;

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'DISPENSED.GIVEN_BY:' || {@}.id || ' ' || given_by")
    String givenBy = "";

    LocalDateTime givenAt = LocalDateTime.MIN;
}
