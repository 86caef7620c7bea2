package hodeon.app.paper.pouch;

import hodeon.app.paper.Card.LabelsOnGrid;
import hodeon.app.paper.Card.SheetPage;
import hodeon.app.paper.Card.Spot;
import hodeon.app.paper.Card.Sticker;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.shell.style.PrinterPaper;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How the labels stand on a sheet that the household has; all in millimetres.
 *
 * @param left edge of the sheet to the first label, {@code top} likewise
 * @param across between two labels side by side, {@code down} one below the other
 */
public record LabelGrid(
        int columns, int rows, double width, double height, double left, double top, double across, double down) {

    private static final LabelGrid ON_A4 = new LabelGrid(3, 7, 63.5, 38.1, 7.2, 15.1, 2.5, 0);
    private static final LabelGrid ON_LETTER = new LabelGrid(3, 10, 66.7, 25.4, 4.8, 12.7, 3.2, 0);

    /** As many sheets have it: three by seven on A4, three by ten on letter. */
    public static LabelGrid usual() {
        return HouseStyle.here().paper() == PrinterPaper.A4 ? ON_A4 : ON_LETTER;
    }

    /** Whether all of it stands on a sheet of the household's paper. */
    public boolean fits() {
        PrinterPaper sheet = HouseStyle.here().paper();
        return left + columns * width + (columns - 1) * across <= sheet.width() + 0.05
                && top + rows * height + (rows - 1) * down <= sheet.height() + 0.05;
    }

    public int perSheet() {
        return columns * rows;
    }

    private static String mm(double length) {
        return String.format(Locale.ROOT, "%.1fmm", length);
    }

    /** What stands on a label. @param blanks what is written by hand */
    public record Text(String head, List<String> lines, List<String> blanks) {}

    /** Row by row from the upper left, on as many sheets as it takes. */
    LabelsOnGrid lay(String title, List<Text> labels) {
        List<SheetPage> pages = new ArrayList<>();
        for (int from = 0; from < labels.size(); from += perSheet()) {
            List<Sticker> stickers = new ArrayList<>();
            for (int i = from; i < Math.min(labels.size(), from + perSheet()); i++) {
                int at = i - from;
                double x = left + at % columns * (width + across);
                double y = top + at / columns * (height + down);
                Text text = labels.get(i);
                stickers.add(new Sticker(
                        new Spot(mm(x), mm(y), mm(width), mm(height)), text.head(), text.lines(), text.blanks()));
            }
            pages.add(new SheetPage(stickers));
        }
        return new LabelsOnGrid(title, pages);
    }
}
