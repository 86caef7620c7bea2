package hodeon.core.catalogue.words;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Which column of somebody's table is what, and its rows as lines that a {@link LineReader} understands.
 *
 * <p>Worked example, a test: under “Item, Size, Qty, Expiry, Kit” the row “plasters, large, 12, 03/2028, car” is the line
 * “12 x plasters large exp 2028-03” at the place “car”. Without headings the columns are told apart by what stands in them.
 *
 * @param first row that is no heading, from 0; nothing before it is read
 * @param meanings one for each column
 */
public record Columns(int first, List<Meaning> meanings) {

    /** What a column says. */
    public enum Meaning {
        /** What the thing is; of several such columns one after another. */
        WHAT,
        /** How many there are, of packs if there is such a column. */
        COUNT,
        /** What is counted: pair, box, strip. */
        UNIT,
        /** How many pieces one pack holds. */
        EACH,
        UNTIL,
        LOT,
        PLACE,
        NOTHING
    }

    /**
     * A row as it may be read.
     *
     * @param text what, how many and until when; empty if the row names nothing
     * @param place where it lies; empty if no column says so
     */
    public record Line(String text, String place) {}

    /** A heading stands among the first rows, above it at most a title and such. */
    private static final int HEADINGS_WITHIN = 12;

    private static final Pattern WHOLE = Pattern.compile("\\d{1,5}(?:[.,]0+)?");
    private static final Pattern LETTERS = Pattern.compile(".*\\p{L}{3}.*");

    public Columns {
        meanings = List.copyOf(meanings);
    }

    /** As the headings say, else what stands below. */
    public static Columns of(List<List<String>> rows) {
        int width = rows.stream().mapToInt(List::size).max().orElse(0);
        int head = -1;
        int most = 0;
        List<Meaning> meanings = List.of();
        for (int r = 0; r < Math.min(rows.size(), HEADINGS_WITHIN); r++) {
            List<Meaning> said = headings(rows.get(r), width);
            long known = said.stream().filter(m -> m != Meaning.NOTHING).count();
            if (said.contains(Meaning.WHAT) && known > most && (known > 1 || width == 1)) {
                head = r;
                most = (int) known;
                meanings = said;
            }
        }
        return head < 0 ? byContents(rows, width) : new Columns(head + 1, meanings);
    }

    /** The headings as one text, by which the same table is known again; empty if it has none. */
    public String head(List<List<String>> rows) {
        return first == 0
                ? ""
                : String.join("|", rows.get(first - 1)).toLowerCase(Locale.ROOT).strip();
    }

    private static List<Meaning> headings(List<String> row, int width) {
        List<Heading> said = IntStream.range(0, width)
                .mapToObj(c -> Heading.of(cell(row, c)))
                .toList();
        boolean named = said.contains(Heading.WHAT);
        Set<Meaning> once = EnumSet.noneOf(Meaning.class);
        return said.stream()
                .map(h -> meaning(h, named))
                .map(m -> m == Meaning.WHAT || m == Meaning.NOTHING || once.add(m) ? m : Meaning.NOTHING)
                .toList();
    }

    /** @param named whether a column says what the thing is; a size alone does not */
    private static Meaning meaning(Heading heading, boolean named) {
        return switch (heading) {
            case LOT -> Meaning.LOT;
            case UNTIL -> Meaning.UNTIL;
            case EACH -> Meaning.EACH;
            case COUNT -> Meaning.COUNT;
            case UNIT -> Meaning.UNIT;
            case PLACE -> Meaning.PLACE;
            case WHAT -> Meaning.WHAT;
            case MORE -> named ? Meaning.WHAT : Meaning.NOTHING;
            case NOTHING -> Meaning.NOTHING;
        };
    }

    private static Columns byContents(List<List<String>> rows, int width) {
        List<Meaning> meanings = new ArrayList<>(Collections.nCopies(width, Meaning.NOTHING));
        mostly(rows, width, meanings, Meaning.UNTIL, DateColumn::isDate);
        mostly(rows, width, meanings, Meaning.COUNT, WHOLE.asMatchPredicate());
        mostly(rows, width, meanings, Meaning.WHAT, LETTERS.asMatchPredicate());
        return new Columns(0, meanings);
    }

    /** The column of which most is so; of a column of words the one with the longest. */
    private static void mostly(
            List<List<String>> rows, int width, List<Meaning> meanings, Meaning meaning, Predicate<String> so) {
        int best = -1;
        double most = 0;
        for (int c = 0; c < width; c++) {
            int column = c;
            List<String> cells = rows.stream()
                    .map(r -> cell(r, column))
                    .filter(t -> !t.isEmpty())
                    .toList();
            long those = cells.stream().filter(so).count();
            double length = cells.stream().mapToInt(String::length).average().orElse(0);
            double much = meaning == Meaning.WHAT ? those * length : those;
            boolean counts = meaning != Meaning.COUNT || !numbered(cells);
            if (meanings.get(c) == Meaning.NOTHING && counts && those * 2 > cells.size() && much > most) {
                best = c;
                most = much;
            }
        }
        if (best >= 0) {
            meanings.set(best, meaning);
        }
    }

    /** 1, 2, 3 … down the column are the numbers of its rows. */
    private static boolean numbered(List<String> cells) {
        return cells.size() > 2
                && IntStream.range(0, cells.size()).allMatch(i -> cells.get(i).equals(String.valueOf(i + 1)));
    }

    /** Every row below the headings that names something. */
    public List<Line> lines(List<List<String>> rows) {
        DateColumn dates = DateColumn.of(rows.stream()
                .skip(first)
                .flatMap(r -> cells(r, Meaning.UNTIL).stream())
                .toList());
        return rows.stream()
                .skip(first)
                .map(r -> new Line(text(r, dates), String.join(" ", cells(r, Meaning.PLACE))))
                .filter(l -> !l.text().isEmpty())
                .toList();
    }

    private String text(List<String> row, DateColumn dates) {
        String what = String.join(" ", cells(row, Meaning.WHAT));
        if (what.isBlank()) {
            return "";
        }
        String count = String.join(" ", cells(row, Meaning.COUNT));
        String unit = String.join(" ", cells(row, Meaning.UNIT));
        String each = String.join(" ", cells(row, Meaning.EACH));
        StringBuilder line = new StringBuilder();
        if (WHOLE.matcher(each).matches()) {
            line.append(count.isEmpty() ? "1" : whole(count))
                    .append(" packs of ")
                    .append(whole(each))
                    .append(' ');
        } else if (!count.isEmpty()) {
            line.append(whole(count)).append(WHOLE.matcher(count).matches() && unit.isEmpty() ? " x " : " ");
            line.append(unit.isEmpty() ? "" : unit + " ");
        }
        line.append(what);
        cells(row, Meaning.UNTIL).stream()
                .map(dates::until)
                .filter(t -> !t.isEmpty())
                .forEach(t -> line.append(" exp ").append(t));
        cells(row, Meaning.LOT).stream().filter(t -> t.matches("\\S*\\w\\S*")).forEach(t -> line.append(" lot ")
                .append(t));
        return line.toString().replaceAll("\\s+", " ").strip();
    }

    private static String whole(String count) {
        return WHOLE.matcher(count).matches() ? count.replaceFirst("[.,]0+$", "") : count;
    }

    private List<String> cells(List<String> row, Meaning meaning) {
        return IntStream.range(0, meanings.size())
                .filter(c -> meanings.get(c) == meaning)
                .mapToObj(c -> cell(row, c))
                .filter(t -> !t.isEmpty())
                .toList();
    }

    private static String cell(List<String> row, int column) {
        return column < row.size() ? row.get(column).strip() : "";
    }
}
