package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What scripts say stands in one file. */
class ScriptWordsTest {

    private static final Path STATIC = Path.of("src/main/resources/static");

    /** A key that no script says is left over, and one that is missing shows as itself; a device says of a dose what the server says. */
    @Test
    void scriptsSayWhatStandsInTheirFile() throws IOException {
        TreeSet<String> said = new TreeSet<>();
        try (Stream<Path> scripts = Files.list(STATIC.resolve("js"))) {
            for (Path script : scripts.toList()) {
                Pattern.compile("'([a-z][A-Za-z]+\\.[a-z][A-Za-z]+)'")
                        .matcher(Files.readString(script))
                        .results()
                        .map(m -> m.group(1))
                        .forEach(said::add);
            }
        }
        String file = Files.readString(STATIC.resolve("wording/en.js"));
        Map<String, String> words = JsonMapper.builder()
                .build()
                .readValue(file.substring(file.indexOf('{'), file.lastIndexOf('}') + 1), new TypeReference<>() {});
        assertThat(said).isEqualTo(words.keySet());
        words.forEach((key, sentence) -> {
            if (key.startsWith("doseNow.")) {
                assertThat(sentence)
                        .isEqualTo(
                                ResourceBundle.getBundle("views", Locale.ROOT).getString(key));
            }
        });
    }
}
