package hodeon.app.paper.pouch;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** The label sheets that a household has; lengths in tenths of a millimetre. */
@Entity
@Table(name = "label_grid")
class GridRow {

    private static final double TENTHS = 10;

    @Id
    UUID householdId = new UUID(0, 0);

    int acrossCount;
    int downCount;
    int labelWidth;
    int labelHeight;
    int marginLeft;
    int marginTop;
    int gapAcross;
    int gapDown;

    LabelGrid grid() {
        return new LabelGrid(
                acrossCount,
                downCount,
                labelWidth / TENTHS,
                labelHeight / TENTHS,
                marginLeft / TENTHS,
                marginTop / TENTHS,
                gapAcross / TENTHS,
                gapDown / TENTHS);
    }

    static GridRow of(UUID household, LabelGrid grid) {
        GridRow row = new GridRow();
        row.householdId = household;
        row.acrossCount = grid.columns();
        row.downCount = grid.rows();
        row.labelWidth = tenths(grid.width());
        row.labelHeight = tenths(grid.height());
        row.marginLeft = tenths(grid.left());
        row.marginTop = tenths(grid.top());
        row.gapAcross = tenths(grid.across());
        row.gapDown = tenths(grid.down());
        return row;
    }

    private static int tenths(double millimetres) {
        return (int) Math.round(millimetres * TENTHS);
    }
}
