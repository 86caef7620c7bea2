package hodeon.core.catalogue.words;

import hodeon.core.catalogue.Supply;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Reads lines of lists as people write them: what, how many, until when. Sizes, strengths, dates and lot codes are taken out first, so
 * that none of them is taken for a count.
 *
 * <p>Worked example, a test: “2 packs of 10 ibuprofen 200 mg, exp 06/27” are 20 tablets of ibuprofen until June 2027; “tweezers” may be
 * two things and is asked for; “vinyl gloves 5 pairs” are none of those known, and the gloves there are are offered.
 */
public final class LineReader {

    private static final Pattern PEOPLE = Pattern.compile(
            "(?i)\\b(?:for\\s+)?(\\d+|two|three|four|six|eight|ten)[-\\s]*(?:people|persons?|pers|men|man|adults)\\b|\\bfor\\s+(\\d+)\\b");

    private final Vocabulary words;
    private final Naming naming;

    private LineReader(Vocabulary words) {
        this.words = words;
        this.naming = new Naming(words);
    }

    /** With the words that ship with the product, for these supplies. */
    public static LineReader of(Collection<Supply> supplies) {
        return new LineReader(Vocabulary.shipped(supplies));
    }

    public WrittenLine read(String line) {
        UntilWords until = UntilWords.of(line);
        List<Size> sizes = new ArrayList<>();
        String unmeasured = Size.taken(withPeople(until.rest()), sizes);
        Count count = Count.of(unmeasured);
        Named name = naming.of(count.rest(), sizes);
        int pack = count.packs().isEmpty() ? 1 : pack(name, count.packs());
        int pieces = count.pieces().orElse(1) * pack;
        WrittenLine.Doubt doubt =
                until.unclear() ? WrittenLine.Doubt.DATE : pack > 1 ? WrittenLine.Doubt.PACK : WrittenLine.Doubt.NONE;
        return new WrittenLine(
                line,
                naming.called(count.rest(), sizes),
                name,
                Math.min(pieces, Count.MOST),
                until.until(),
                doubt,
                until.lot());
    }

    /** What a usual pack of it holds; a packet of what comes in sachets is one of these. */
    private int pack(Named name, String packs) {
        return name.supply()
                .map(id -> words.supplies().get(id))
                .filter(s -> !s.piece().equals("sachet") || packs.startsWith("box"))
                .filter(s -> !packs.startsWith(s.piece()))
                .map(s -> s.purchase().piecesPerPack())
                .orElse(1);
    }

    /** How many people it is for is written as one word, so that it is part of the name and no count. */
    static String withPeople(String text) {
        return PEOPLE.matcher(text).replaceAll(m -> {
            String number = m.group(1) == null ? m.group(2) : m.group(1).toLowerCase(Locale.ROOT);
            return " "
                    + switch (number) {
                        case "two" -> "2";
                        case "three" -> "3";
                        case "four" -> "4";
                        case "six" -> "6";
                        case "eight" -> "8";
                        case "ten" -> "10";
                        default -> number;
                    }
                    + "people ";
        });
    }
}
