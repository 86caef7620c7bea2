package hodeon.app.paper;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Paper a card is printed on, in millimetres. */
public enum PaperSize {
    A4(210, 297, 14, 9, "A4, for the folder"),
    A6(105, 148, 7, 12, "A6, for the pocket"),
    POUCH(85, 120, 5, 14, "pouch, 85 × 120 mm"),
    STRIP(74, 210, 6, 14, "strip to fold, 74 × 210 mm"),
    SHEET(210, 297, 0, 0, "sheet of labels, A4");

    private final int width;
    private final int height;
    private final int margin;
    private final int holder;
    private final String label;

    PaperSize(int width, int height, int margin, int holder, String label) {
        this.width = width;
        this.height = height;
        this.margin = margin;
        this.holder = holder;
        this.label = label;
    }

    /** What a card may be printed on; labels have their sheets. */
    public static List<PaperSize> ofCards() {
        return List.of(A4, A6, POUCH, STRIP);
    }

    /** By its name in any case; A6 for anything else. */
    public static PaperSize of(String name) {
        return Arrays.stream(values())
                .filter(s -> s.name().equalsIgnoreCase(name))
                .findFirst()
                .orElse(A6);
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
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
