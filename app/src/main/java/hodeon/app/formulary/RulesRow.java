package hodeon.app.formulary;

import hodeon.core.medication.formulary.Tradition;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "medicine_rules")
class RulesRow {

    @Id
    UUID householdId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    Tradition tradition = Tradition.BRITISH;

    /** Days of regular medicine kept for delay; null is as many as is usual for the trip's length. */
    @Nullable
    Integer reserveDays;

    /** Whom to ask when one too many was given; empty where nobody wrote it down. */
    String poisonAdvice = "";
}
