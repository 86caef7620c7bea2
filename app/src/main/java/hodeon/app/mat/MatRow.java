package hodeon.app.mat;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "mat")
class MatRow {

    @Id
    UUID tripId = new UUID(0, 0);

    UUID householdId = new UUID(0, 0);

    /** Null until first saved, so that a row whose id is already given is known to be new. */
    @Version
    @Nullable
    Long version;

    /** The version of the trip this mat was last laid out for. */
    long tripVersion;

    /** The number of the last step that is done; steps beyond it were taken back. */
    int done;

    /** Which better kit was offered and not wanted; empty if none. */
    String declined = "";

    @ElementCollection
    @CollectionTable(name = "mat_line", joinColumns = @JoinColumn(name = "trip_id"))
    @MapKeyColumn(name = "supply_id")
    Map<String, Line> lines = new TreeMap<>();

    Map<String, Mat.Line> read() {
        Map<String, Mat.Line> read = new HashMap<>();
        lines.forEach((supply, line) -> read.put(supply, new Mat.Line(line.pieces, line.hold, line.learn)));
        return read;
    }

    void write(Map<String, Mat.Line> laid) {
        laid.forEach((supply, line) -> lines.put(supply, new Line(line.pieces(), line.hold(), line.learn())));
        lines.keySet().retainAll(laid.keySet());
    }

    /** How many pieces of a supply, whether the user insists, and whether its use is to be learnt first. */
    @Embeddable
    static class Line {

        @Column(name = "pieces")
        int pieces;

        @Enumerated(EnumType.STRING)
        @Column(name = "hold")
        Hold hold = Hold.NONE;

        @Column(name = "learn")
        boolean learn;

        protected Line() {}

        Line(int pieces, Hold hold, boolean learn) {
            this.pieces = pieces;
            this.hold = hold;
            this.learn = learn;
        }
    }
}
