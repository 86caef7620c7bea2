package hodeon.app.paper.pouch;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;

/** A household's label sheet as it is typed; lengths in millimetres. */
record GridForm(
        String columns, String rows, String width, String height, String left, String top, String across, String down) {

    private static final int MOST = 20;
    private static final BigDecimal LEAST_LABEL = BigDecimal.TEN;
    private static final BigDecimal LONGEST = BigDecimal.valueOf(297);

    static GridForm of(LabelGrid grid) {
        return new GridForm(
                String.valueOf(grid.columns()),
                String.valueOf(grid.rows()),
                plain(grid.width()),
                plain(grid.height()),
                plain(grid.left()),
                plain(grid.top()),
                plain(grid.across()),
                plain(grid.down()));
    }

    private static String plain(double millimetres) {
        return millimetres == Math.rint(millimetres)
                ? String.valueOf((long) millimetres)
                : String.format(Locale.ROOT, "%.1f", millimetres);
    }

    GridForm {
        columns = Texts.given(columns);
        rows = Texts.given(rows);
        width = Texts.given(width);
        height = Texts.given(height);
        left = Texts.given(left);
        top = Texts.given(top);
        across = Texts.given(across);
        down = Texts.given(down);
    }

    /** Empty with the faults where it cannot be read, or does not stand on a sheet. */
    Optional<LabelGrid> read(Faults faults) {
        FieldReader fields = new FieldReader(faults);
        LabelGrid grid = new LabelGrid(
                fields.whole("columns", columns, 1, MOST, Wording.says("gridForm.theNumberOfLabelsSideBySide")),
                fields.whole("rows", rows, 1, MOST, Wording.says("gridForm.theNumberOfLabelsOneBelowThe")),
                length(fields, "width", width, LEAST_LABEL, Wording.says("gridForm.theWidthOfALabel")),
                length(fields, "height", height, LEAST_LABEL, Wording.says("gridForm.theHeightOfALabel")),
                length(fields, "left", left, BigDecimal.ZERO, Wording.says("gridForm.theEdgeOnTheLeft")),
                length(fields, "top", top, BigDecimal.ZERO, Wording.says("gridForm.theEdgeAtTheTop")),
                length(fields, "across", across, BigDecimal.ZERO, Wording.says("gridForm.theGapBetweenTwoSideBySide")),
                length(fields, "down", down, BigDecimal.ZERO, Wording.says("gridForm.theGapBetweenTwoRows")));
        if (faults.none() && !grid.fits()) {
            faults.add(
                    "columns",
                    columns + " × " + rows,
                    Wording.says(
                            "gridForm.theLabelsWithTheirEdgesAndGaps",
                            plain(HouseStyle.here().paper().width()),
                            plain(HouseStyle.here().paper().height())),
                    Wording.says("gridForm.measureTheSheetAgain"));
        }
        return faults.none() ? Optional.of(grid) : Optional.empty();
    }

    private static double length(FieldReader fields, String field, String typed, BigDecimal least, String what) {
        return fields.decimal(field, typed, least, LONGEST, what, 1, "mm").doubleValue();
    }
}
