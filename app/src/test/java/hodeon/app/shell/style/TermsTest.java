package hodeon.app.shell.style;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.Problem;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.catalogue.procedure.Guidance;
import hodeon.core.catalogue.procedure.GuidanceReader;
import hodeon.core.catalogue.procedure.School;
import hodeon.core.need.Drivers;
import hodeon.core.packing.BoxShapes;
import hodeon.core.packing.Compartment;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Names of the craft in German. */
class TermsTest {

    private static final Map<String, String> GERMAN = Terms.of(Locale.GERMAN);

    private static final Pattern FIGURE = Pattern.compile("\\d+(?:[.,]\\d+)*");

    private static String german(String english) {
        return HouseStyle.METRIC.in(Locale.GERMAN).in(() -> Terms.said(english));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            Blister              | Blase
            8 tablets            | 8 Tabletten
            1.5 days             | 1.5 Tage
            Tidewrack Paddlers   | Tidewrack Paddlers
            7 of 12              | 7 von 12
            2 tablets, 1 sachet  | 2 Tabletten, 1 Beutel
            keep a wound's edges of Lumi's boat | keep a wound's edges of Lumi's boat
            at least 8 h apart; at most 3 times and 2 tablets in 24 h; ask after 3 days | mindestens 8 h Abstand; höchstens 3 Mal und 2 Tabletten in 24 h; länger als 3 Tage: nachfragen
            A photo has at most 8 MB; “12 MB” was given. Take a smaller one. | Ein Foto hat höchstens 8 MB; angegeben wurde „12 MB“. Nimm ein kleineres.
            6 years to under 12 years | 6 Jahre bis unter 12 Jahre
            4 Beutel, Oral rehydration salts, for half a litre | 4 Beutel, Trinklösung aus Salzen, für einen halben Liter
            4 Oral rehydration salts, for half a litre, 1 glucose gel | 4 Trinklösung aus Salzen, für einen halben Liter, 1 Traubenzuckergel
            Oral rehydration salts, for half a litre: 4 sachets | Trinklösung aus Salzen, für einen halben Liter: 4 Beutel
            8 Arten, 3 Module    | 8 Arten, 3 Module
            8 kinds, 1 module    | 8 Arten, 1 Modul
            Lid, Tray, Under the tray, left | Deckel, Einsatz, Unter dem Einsatz, links
            tablets, and half a day | Tabletten, and half a day
            """)
    void aNameOrSentenceIsSaidInGermanAlsoBehindANumber(String english, String german) {
        assertThat(german(english)).isEqualTo(german);
        assertThat(Terms.said(english)).isEqualTo(english);
    }

    @Test
    void everythingThatCanHappenAndEverythingThatIsDoneHasAName() {
        Catalogue catalogue = CatalogueReader.shipped(Drivers.vocabulary());
        assertThat(Stream.of(
                                catalogue.problems().stream().map(Problem::name),
                                catalogue.capabilities().stream().map(Capability::name),
                                BoxShapes.shipped().stream()
                                        .flatMap(box -> Stream.concat(
                                                Stream.of(box.name()),
                                                box.compartments().stream().map(Compartment::name))))
                        .flatMap(names -> names)
                        .filter(name -> !GERMAN.containsKey(name)))
                .isEmpty();
    }

    @Test
    void eachNameStandsOnceAndTheFileSaysThatItIsToBeConfirmed() throws IOException {
        List<String> lines = Files.readAllLines(Path.of("src/main/resources/terms_de.txt"));
        assertThat(lines.getFirst()).contains("translation to be confirmed");
        assertThat(lines.stream().filter(l -> l.contains(" | ")).map(l -> l.split(" \\| ")[0]))
                .doesNotHaveDuplicates()
                .hasSize(GERMAN.size());
    }

    @Test
    void everyWordOfFirstAidIsSaidInGermanToo() {
        Guidance guidance = GuidanceReader.shipped(CatalogueReader.shipped(Drivers.vocabulary()));
        Map<String, String> schools = School.followed(guidance.schools(), Map.of(), Set.of());
        Stream<String> procedures = guidance.procedures().values().stream()
                .flatMap(p -> Stream.concat(
                        Stream.of(p.watch(), p.byHand(), p.call()),
                        p.together(schools).stream()
                                .flatMap(f -> Stream.of(
                                        f.line().words(), f.line().without().orElse("")))));
        Stream<String> handling = guidance.handlings().values().stream()
                .flatMap(h -> Stream.concat(h.lines().stream(), Stream.of(h.never())));
        Stream<String> guides = guidance.guides().stream()
                .flatMap(g -> Stream.concat(g.points().stream(), Stream.of(g.name(), g.lead(), g.never())));
        Stream<String> taught = guidance.schools().stream()
                .flatMap(s -> s.choices().stream())
                .flatMap(c -> Stream.of(c.name(), c.teaches()));
        assertThat(Stream.of(procedures, handling, guides, taught)
                        .flatMap(words -> words)
                        .filter(words -> !words.isEmpty() && !GERMAN.containsKey(words)))
                .isEmpty();
    }

    @Test
    void aNameThatIsEscapedForAPageIsKnownToo() {
        HouseStyle german = HouseStyle.METRIC.in(Locale.GERMAN);
        assertThat(german.in(() -> german.written(" A hand&#39;s breadth above the wound, never on a joint. ")))
                .isEqualTo(" Eine Handbreit über der Wunde, nie auf einem Gelenk. ");
    }

    /** What somebody typed stands in a sentence escaped, as it came. */
    @Test
    void whatIsPutIntoASentenceStaysEscaped() {
        HouseStyle german = HouseStyle.METRIC.in(Locale.GERMAN);
        assertThat(german.in(() -> german.written("“&lt;b&gt;” is back."))).isEqualTo("„&lt;b&gt;“ ist wieder da.");
        assertThat(german.in(() -> german.written("next: Thu 14:05, Europe/Oslo")))
                .isEqualTo("next: Do 14:05, Europe/Oslo");
    }

    /** A long note is let be, whatever stands in it: trying every sentence on it in every way would take for ever. */
    @Test
    void aLongTextIsNoSentenceOfOurs() {
        String note = "1 a b and c, gloves; ".repeat(20_000);
        assertThat(german(note)).isEqualTo(note);
        assertThat(german("“{0} and {1}” is back.")).isEqualTo("„{0} and {1}“ ist wieder da.");
    }

    /** A figure or a “never” that is lost on the way into another language is the kind of slip that hurts. */
    @Test
    void noFigureAndNoNeverIsLostInTranslation() {
        assertThat(GERMAN).allSatisfy((english, german) -> {
            assertThat(figures(german)).as(english).isEqualTo(figures(english));
            assertThat(german).as("goes on a page as it is").doesNotContainPattern("[<>&\"']");
            if (english.startsWith("Never ") || english.contains(" never ")) {
                assertThat(german).as(english).containsPattern("(?i)\\b(nie|nicht|kein\\w*|nur)\\b");
            }
        });
    }

    private static List<String> figures(String text) {
        return FIGURE.matcher(text)
                .results()
                .map(f -> f.group().replace(",", ""))
                .sorted()
                .toList();
    }
}
