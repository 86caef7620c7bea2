package hodeon.app.shell;

import java.util.regex.Pattern;

/**
 * Cells of tables that leave the house. A spreadsheet takes a cell that starts with =, +, −, @, a tab or a return for a
 * formula and runs it; an apostrophe in front keeps it text, and is taken off again when such a cell is read.
 */
public final class Cells {

    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\\t\\r].*", Pattern.DOTALL);
    private static final Pattern KEPT = Pattern.compile("'+[=+\\-@\\t\\r].*", Pattern.DOTALL);

    private Cells() {}

    public static String write(String text) {
        return FORMULA.matcher(text).matches() ? "'" + text : text;
    }

    public static String read(String cell) {
        return KEPT.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
