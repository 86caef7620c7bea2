package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import com.ibm.icu.text.MessageFormat;
import hodeon.app.shell.style.HouseStyle;
import hodeon.app.shell.style.Languages;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Every language that ships says everything that English says, with the same figures in it. */
class LanguagesTest {

    private static final Path RESOURCES = Path.of("src/main/resources");
    private static final Pattern ARGUMENT = Pattern.compile("\\{(\\d)");

    /** “_de”, “pages”. */
    static Stream<Object[]> bundles() {
        return Languages.ALL.stream()
                .filter(l -> !l.equals(Locale.ENGLISH))
                .flatMap(l -> Stream.of("words", "pages", "views").map(b -> new Object[] {l, b}));
    }

    private static ResourceBundle bundle(String name, Locale language) {
        return ResourceBundle.getBundle(
                name, language, ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
    }

    private static TreeSet<String> arguments(String pattern) {
        return new TreeSet<>(ARGUMENT.matcher(pattern)
                .results()
                .map((MatchResult m) -> m.group(1))
                .toList());
    }

    @ParameterizedTest
    @MethodSource("bundles")
    void noKeyIsMissingAndNoFigureIsLost(Locale language, String name) throws IOException {
        ResourceBundle english = bundle(name, Locale.ROOT);
        ResourceBundle other = bundle(name, language);
        List<String> own = Files.readAllLines(RESOURCES.resolve(name + "_" + language.toLanguageTag() + ".properties"));
        List<String> wrong = new ArrayList<>();
        for (String key : english.keySet()) {
            String said = other.getString(key);
            if (own.stream().noneMatch(line -> line.startsWith(key + "="))) {
                wrong.add(key + " is missing");
            } else if (!arguments(said).equals(arguments(english.getString(key))) && !key.equals("kit.knowWhere")) {
                wrong.add(key + ": other arguments");
            }
            assertThatCode(() -> new MessageFormat(said, language)).as(key).doesNotThrowAnyException();
        }
        assertThat(wrong).isEmpty();
        assertThat(own.stream()
                        .filter(line -> line.contains("=") && !line.startsWith("#"))
                        .map(line -> line.substring(0, line.indexOf('='))))
                .allMatch(english::containsKey);
        assertThat(own.getFirst()).contains("translation to be confirmed");
    }

    @Test
    void aSentenceIsSaidInTheLanguageOfTheHouse() {
        assertThat(Wording.says("kinds.missing", 3)).isEqualTo("3 kinds are missing");
        String german = HouseStyle.METRIC.in(Locale.GERMAN).in(() -> Wording.says("kinds.missing", 1));
        assertThat(german).isEqualTo("1 Art fehlt");
    }

    private static Map<String, String> ofScripts(Locale language) throws IOException {
        String file = Files.readString(RESOURCES.resolve("static/wording/" + language.toLanguageTag() + ".js"));
        return JsonMapper.builder()
                .build()
                .readValue(file.substring(file.indexOf('{'), file.lastIndexOf('}') + 1), new TypeReference<>() {});
    }

    /** A key that no script says is left over, and one that is missing shows as itself; a device says of a dose what the server says. */
    @Test
    void scriptsSayWhatStandsInTheirFile() throws IOException {
        TreeSet<String> said = new TreeSet<>();
        try (Stream<Path> scripts = Files.list(RESOURCES.resolve("static/js"))) {
            for (Path script : scripts.toList()) {
                Pattern.compile("'([a-z][A-Za-z]+\\.[a-z][A-Za-z]+)'")
                        .matcher(Files.readString(script))
                        .results()
                        .map(m -> m.group(1))
                        .forEach(said::add);
            }
        }
        Map<String, String> english = ofScripts(Locale.ENGLISH);
        assertThat(said).isEqualTo(english.keySet());
        for (Locale language : Languages.ALL) {
            Map<String, String> words = ofScripts(language);
            assertThat(words.keySet()).isEqualTo(english.keySet());
            words.forEach((key, sentence) -> {
                assertThat(arguments(sentence)).as(key).isEqualTo(arguments(english.get(key)));
                if (key.startsWith("doseNow.")) {
                    assertThat(sentence).isEqualTo(bundle("views", language).getString(key));
                }
            });
        }
    }
}
