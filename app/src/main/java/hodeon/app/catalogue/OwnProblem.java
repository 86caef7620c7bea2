package hodeon.app.catalogue;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.time.LocalDateTime;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

/**
 * A problem as a household describes it: a section as {@code CatalogueReader.problems} reads it, and what to do about it as
 * {@code GuidanceReader.own} reads it.
 */
@Entity
@Table(name = "own_problem")
@SQLRestriction("deleted_at is null")
@IdClass(OwnKey.class)
class OwnProblem {

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    @Column(name = "problem_id")
    String id = "";

    String name = "";

    String text = "";

    String words = "";

    /** When it was put in the bin; rows with a day here are seen by the bin alone. */
    @Nullable
    LocalDateTime deletedAt;

    protected OwnProblem() {}

    OwnProblem(UUID householdId, String id, String name, String text, String words) {
        this.householdId = householdId;
        this.id = id;
        this.name = name;
        this.text = text;
        this.words = words;
    }
}
