package hodeon.app.catalogue;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A supply as a household describes it: a section in the format of supplies.txt. */
@Entity
@Table(name = "own_supply")
@IdClass(OwnSupply.Key.class)
class OwnSupply {

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    String supplyId = "";

    String text = "";

    protected OwnSupply() {}

    OwnSupply(UUID householdId, String supplyId, String text) {
        this.householdId = householdId;
        this.supplyId = supplyId;
        this.text = text;
    }

    static class Key implements Serializable {

        private static final long serialVersionUID = 1;

        UUID householdId = new UUID(0, 0);
        String supplyId = "";

        protected Key() {}

        Key(UUID householdId, String supplyId) {
            this.householdId = householdId;
            this.supplyId = supplyId;
        }

        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Key key && key.householdId.equals(householdId) && key.supplyId.equals(supplyId);
        }

        @Override
        public int hashCode() {
            return Objects.hash(householdId, supplyId);
        }
    }
}
