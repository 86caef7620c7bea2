package hodeon.core.catalogue.words;

import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.catalogue.file.SectionFile;
import hodeon.core.catalogue.file.SectionValues;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** What the words above a column say it is, by the commented file {@code columns.txt}. */
enum Heading {
    WHAT,
    COUNT,
    UNIT,
    EACH,
    UNTIL,
    LOT,
    PLACE,
    /** More of what the thing is, such as its size. */
    MORE,
    NOTHING;

    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}]+");

    /** In the order of the file; a phrase is the words that must all stand in a heading. */
    private static final Map<Heading, List<List<String>>> PHRASES = shipped();

    /** {@link #NOTHING} too for words that nobody wrote down. */
    static Heading of(String cell) {
        List<String> words = Arrays.asList(BETWEEN_WORDS.split(cell.toLowerCase(Locale.ROOT)));
        return PHRASES.entrySet().stream()
                .filter(e -> e.getValue().stream().anyMatch(words::containsAll))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(NOTHING);
    }

    private static Map<Heading, List<List<String>>> shipped() {
        List<CatalogueFault> faults = new ArrayList<>();
        SectionFile file = new SectionFile("columns.txt", faults);
        Map<Heading, List<List<String>>> phrases = new LinkedHashMap<>();
        for (SectionFile.Section section :
                file.read(SectionFile.shipped(Heading.class, "columns.txt"), Set.of("also"))) {
            SectionValues values = new SectionValues(file, section);
            phrases.put(
                    valueOf(values.id().toUpperCase(Locale.ROOT)),
                    values.each("also", line -> List.of(line.split(",\\s*"))).stream()
                            .flatMap(List::stream)
                            .map(phrase -> List.of(phrase.split("\\+")))
                            .toList());
        }
        if (!faults.isEmpty()) {
            throw new IllegalStateException("Column headings: " + faults);
        }
        return phrases;
    }
}
