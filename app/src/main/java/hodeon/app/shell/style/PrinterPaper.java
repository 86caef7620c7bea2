package hodeon.app.shell.style;

/** The sheet a printer holds, in millimetres; letter is 8.5 by 11 inches. */
public enum PrinterPaper {
    A4("A4", 210, 297),
    LETTER("Letter", 215.9, 279.4);

    private final String label;
    private final double width;
    private final double height;

    PrinterPaper(String label, double width, double height) {
        this.label = label;
        this.width = width;
        this.height = height;
    }

    public String label() {
        return label;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }
}
