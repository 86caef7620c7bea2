package hodeon.app.shell.chart;

/** Words in a drawing, as many letters as there is room for. */
public final class Fitting {

    /** Of the house's font at the size of a drawing's labels, in its units. */
    private static final double LETTER = 6.2;

    private Fitting() {}

    public static String within(double width, String words) {
        int letters = (int) (width / LETTER);
        return words.length() <= letters
                ? words
                : words.substring(0, Math.max(1, letters - 1)).strip() + "…";
    }
}
