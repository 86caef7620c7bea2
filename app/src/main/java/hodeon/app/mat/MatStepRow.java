package hodeon.app.mat;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One change of a mat that can be taken back and done again. */
@Entity
@Table(name = "mat_step")
class MatStepRow {

    @Id
    @GeneratedValue
    @Nullable
    UUID id;

    UUID tripId = new UUID(0, 0);

    /** From 1 on. */
    int number;

    String words = "";

    long tripVersionBefore;

    long tripVersionAfter;

    @ElementCollection
    @CollectionTable(name = "mat_step_line", joinColumns = @JoinColumn(name = "step_id"))
    @MapKeyColumn(name = "supply_id")
    Map<String, Turn> lines = new TreeMap<>();

    /** A line before and after; pieces are null where there was or is none. */
    @Embeddable
    static class Turn {

        @Column(name = "pieces_before")
        @Nullable
        Integer piecesBefore;

        @Enumerated(EnumType.STRING)
        @Column(name = "hold_before")
        Hold holdBefore = Hold.NONE;

        @Column(name = "learn_before")
        boolean learnBefore;

        @Column(name = "pieces_after")
        @Nullable
        Integer piecesAfter;

        @Enumerated(EnumType.STRING)
        @Column(name = "hold_after")
        Hold holdAfter = Hold.NONE;

        @Column(name = "learn_after")
        boolean learnAfter;

        protected Turn() {}

        Turn(Mat.@Nullable Line before, Mat.@Nullable Line after) {
            if (before != null) {
                piecesBefore = before.pieces();
                holdBefore = before.hold();
                learnBefore = before.learn();
            }
            if (after != null) {
                piecesAfter = after.pieces();
                holdAfter = after.hold();
                learnAfter = after.learn();
            }
        }

        Mat.@Nullable Line before() {
            return piecesBefore == null ? null : new Mat.Line(piecesBefore, holdBefore, learnBefore);
        }

        Mat.@Nullable Line after() {
            return piecesAfter == null ? null : new Mat.Line(piecesAfter, holdAfter, learnAfter);
        }
    }
}
