package hodeon.app.catalogue;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A rate a household entered for a problem, in place of the shipped one. */
@Entity
@Table(name = "own_rate")
@IdClass(OwnRate.Key.class)
class OwnRate {

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    String problemId = "";

    double perThousand;
    double strength;

    protected OwnRate() {}

    OwnRate(UUID householdId, String problemId, double perThousand, double strength) {
        this.householdId = householdId;
        this.problemId = problemId;
        this.perThousand = perThousand;
        this.strength = strength;
    }

    static class Key implements Serializable {

        private static final long serialVersionUID = 1;

        UUID householdId = new UUID(0, 0);
        String problemId = "";

        protected Key() {}

        Key(UUID householdId, String problemId) {
            this.householdId = householdId;
            this.problemId = problemId;
        }

        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Key key && key.householdId.equals(householdId) && key.problemId.equals(problemId);
        }

        @Override
        public int hashCode() {
            return Objects.hash(householdId, problemId);
        }
    }
}
