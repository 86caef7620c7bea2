package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.finding.WhyNot;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordingTest {

    private static final List<String> BUNDLES = List.of("words", "pages", "views");

    private static final Set<String> WORDS = BUNDLES.stream()
            .flatMap(b -> ResourceBundle.getBundle(b, Locale.ROOT).keySet().stream())
            .collect(Collectors.toSet());

    private static final Pattern ASKED =
            Pattern.compile("Wording\\s*\\.says\\((?:[^\"()]*\\? )?\\s*\"([\\w.]+)\"|#\\{([\\w.]+)[({}]");

    private static final Pattern OF_TABLES = Pattern.compile("changed\\.(?:lines\\.|column\\.)?(\\w+)");

    private static final Pattern OTHER_WORDS = Pattern.compile(
            "(?i)\\b(trips?|items?|inventor(y|ies)|containers?|medications?|drugs?|users?|expeditions?|hikes?|luggage|gear list"
                    + "|colors?|centers?|liters?|milliliters?|favorite|gray|organiz\\w+|recogniz\\w+|customiz\\w+)\\b");

    /** “3 line” + (n == 1 ? "" : "s"): the bundle chooses, or the library. */
    private static final Pattern BY_HAND = Pattern.compile("[!=]= 1 \\? *\\(?[\"'][^\"']|: [\"']s[\"']\\)");

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        lots.past     | 1  | 1 lot is past its date
        lots.past     | 3  | 3 lots are past their dates
        lots.fail     | 0  | No outing finds anything too old
        faults.title  | 1  | One thing to correct
        faults.title  | 1200 | 1,200 things to correct
        party         | 1  | 1 person
        party         | 5  | 5 people
        day.away      | 0  | under way
        day.away      | 1  | tomorrow
        day.last      | -1 | yesterday
        """)
    void theNumberChoosesTheWords(String key, int number, String words) {
        assertThat(Wording.says(key, number, "")).isEqualTo(words);
    }

    @Test
    void everyKeyThatIsAskedIsInTheBundleAndNoneIsLeftOver() throws IOException {
        Set<String> asked = new TreeSet<>();
        for (String text : sources()) {
            ASKED.matcher(text)
                    .results()
                    .map((MatchResult m) -> m.group(1) == null ? m.group(2) : m.group(1))
                    .forEach(asked::add);
        }
        FindingWordsTest.kinds().map(FindingWords::key).forEach(asked::add);
        Stream.of(WhyNot.class.getPermittedSubclasses())
                .map(FindingWords::remedyKey)
                .forEach(asked::add);
        Set<String> said = new TreeSet<>(WORDS);
        String tables = String.join("", texts(List.of("src/main/resources/db/migration")));
        said.stream().filter(key -> names(key, tables)).forEach(asked::add);
        assertThat(asked).isEqualTo(said);
    }

    /** Words for columns and tables whose changes are told: there are such. */
    private static boolean names(String key, String tables) {
        Matcher name = OF_TABLES.matcher(key);
        return name.matches()
                && Pattern.compile("\\b" + name.group(1) + "\\b")
                        .matcher(tables)
                        .find();
    }

    /** One word for one thing, as docs/glossary.md has it, in British spelling: outing, thing or supply, medicine, kit. */
    @Test
    void pagesKeepToTheWordsOfTheGlossary() throws IOException {
        List<String> found = new ArrayList<>();
        for (Path page : files("src/main/resources/templates")) {
            String shown = Files.readString(page).replaceAll("(?s)<[^>]*>|\\[\\[.*?]]", " ");
            OTHER_WORDS.matcher(shown).results().forEach(m -> found.add(page.getFileName() + ": " + m.group()));
        }
        for (String bundle : BUNDLES) {
            ResourceBundle words = ResourceBundle.getBundle(bundle, Locale.ROOT);
            for (String key : words.keySet()) {
                OTHER_WORDS.matcher(words.getString(key)).results().forEach(m -> found.add(key + ": " + m.group()));
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void nobodyChoosesBetweenOneAndManyByHand() throws IOException {
        List<String> found = new ArrayList<>();
        for (String text : sources()) {
            text.lines().filter(l -> BY_HAND.matcher(l).find()).forEach(found::add);
        }
        assertThat(found).isEmpty();
    }

    private static List<String> sources() throws IOException {
        return texts(List.of("src/main/java", "src/main/resources/templates", "../core/src/main/java"));
    }

    private static List<String> texts(List<String> roots) throws IOException {
        List<String> texts = new ArrayList<>();
        for (String root : roots) {
            for (Path file : files(root)) {
                texts.add(Files.readString(file));
            }
        }
        return texts;
    }

    private static List<Path> files(String root) throws IOException {
        try (Stream<Path> files = Files.walk(Path.of(root))) {
            return files.filter(Files::isRegularFile).toList();
        }
    }
}
