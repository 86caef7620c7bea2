package hodeon.app.paper;

import hodeon.app.shell.style.HouseStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Paper a card is printed on, in millimetres. */
public enum PaperSize {
    A4(210, 297, 14, 9, "A4, for the folder"),
    LETTER(215.9, 279.4, 14, 9, "Letter, for the folder"),
    A6(105, 148, 7, 12, "A6, for the pocket"),
    POUCH(85, 120, 5, 14, "pouch, 85 × 120 mm"),
    STRIP(74, 210, 6, 14, "strip to fold, 74 × 210 mm"),
    SHEET(210, 297, 0, 0, "sheet of labels");

    private final double width;
    private final double height;
    private final int margin;
    private final int holder;
    private final String label;

    PaperSize(double width, double height, int margin, int holder, String label) {
        this.width = width;
        this.height = height;
        this.margin = margin;
        this.holder = holder;
        this.label = label;
    }

    /** What a card may be printed on; labels have their sheets. */
    public static List<PaperSize> ofCards() {
        return List.of(full(), A6, POUCH, STRIP);
    }

    /** The full sheet that the household's printer holds. */
    public static PaperSize full() {
        return switch (HouseStyle.here().paper()) {
            case A4 -> A4;
            case LETTER -> LETTER;
        };
    }

    /** By its name in any case, “full” for the printer's; A6 for anything else. */
    public static PaperSize of(String name) {
        if (name.equalsIgnoreCase("full")) {
            return full();
        }
        return Arrays.stream(values())
                .filter(s -> s.name().equalsIgnoreCase(name))
                .findFirst()
                .orElse(A6);
    }

    public double width() {
        return this == SHEET ? full().width : width;
    }

    public double height() {
        return this == SHEET ? full().height : height;
    }

    public int margin() {
        return margin;
    }

    /** Room at the head of every page of a card for whose it is. */
    public int holder() {
        return holder;
    }

    public String label() {
        return label;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
