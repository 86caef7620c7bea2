package hodeon.app.kits.list;

import hodeon.core.readiness.KitList;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

/** What belongs in a kit. The table keeps its first name, so that every earlier backup can be read. */
@Entity
@Table(name = "kit")
@SQLRestriction("deleted_at is null")
class ListRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    /** The trip it was balanced for, as long as that exists. */
    @Nullable
    UUID tripId;

    /** Null until first saved, so that a row whose id is already given is known to be new. */
    @Version
    @Nullable
    Long version;

    String name = "";

    LocalDateTime savedAt = LocalDateTime.MIN;

    /** When it was put in the bin; rows with a day here are seen by the bin alone. */
    @Nullable
    LocalDateTime deletedAt;

    /** The trip it was for, while it or the trip lies in the bin. */
    @Nullable
    UUID binnedTrip;

    /** The kit that its outing takes along, and the module with what that lacks. */
    @Nullable
    UUID basePlace;

    @Nullable
    UUID baseModule;

    @ElementCollection
    @CollectionTable(name = "kit_line", joinColumns = @JoinColumn(name = "kit_id"))
    @OrderColumn(name = "position")
    List<Line> lines = new ArrayList<>();

    @Embeddable
    static class Line {

        @Column(name = "supply_id")
        String supplyId = "";

        @Column(name = "pieces")
        int pieces;

        @Column(name = "least")
        int least;

        @Column(name = "module")
        String module = "";

        @Column(name = "why")
        String why = "";

        protected Line() {}

        Line(KitList.Line line) {
            this.supplyId = line.supply();
            this.pieces = line.target();
            this.least = line.least();
            this.module = line.module();
            this.why = line.why();
        }

        KitList.Line line() {
            return new KitList.Line(supplyId, pieces, least, module, why);
        }
    }
}
