package hodeon.app.shell.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * What the code says on pages in words of its own stands in the file of names and sentences, so that another language is a file. Words put
 * together in code stand there as a sentence with places, of which each piece is looked for.
 */
class SaidInCodeTest {

    private static final Path CODE = Path.of("src/main/java/hodeon/app");

    /** For programs; invented; at the command line, before there is a page or a household with a language. */
    private static final List<String> ELSEWHERE = List.of(
            "api/",
            "sample/",
            "household/door/ApiRules",
            "storage/copy/",
            "storage/seal/",
            "Trouble.java",
            "Migration.java",
            "OwnDatabase");

    /** Said to no reader: the catalogue's own grammar, the purpose of a key, what Thymeleaf and the papers’ font are called. */
    private static final Set<String> NO_READER = Set.of(
            "every 4 h until care",
            "every 8 h until care",
            "every 12 h until care",
            "notes on a device of",
            "Days and temperatures in the household’s form",
            "Atkinson Hyperlegible Next");

    private static final Pattern COMMENT =
            Pattern.compile("/\\*.*?\\*/|^\\s*//.*?$", Pattern.DOTALL | Pattern.MULTILINE);
    private static final Pattern NOT_ON_PAGES = Pattern.compile(
            "LOG\\.\\w+\\([^;]*;|new (?:\\w*Exception|NotHere|WrongKey|Locked)\\([^;]*;|super\\([^;]*;");
    private static final Pattern JOINED = Pattern.compile("\"\\s*\\+\\s*\"");
    private static final Pattern LITERAL = Pattern.compile("(?<!\\\\)\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    private static final Pattern SENTENCE = Pattern.compile("\\p{L}{2,}[ ,]+\\p{L}+[ ,]+\\p{L}{2,}");
    private static final Pattern OF_MACHINES = Pattern.compile(
            "(?i)\\\\|[<>={}_]|uuuu|\\b(?:select|insert|update|delete|create|alter|drop|where|order by|group by|fetch first)\\b");
    private static final Pattern FIGURE = Pattern.compile("%[,\\d.]*[dsf]");

    private static final String KNOWN = Terms.of(Locale.GERMAN).keySet().stream()
            .map(english -> english.toLowerCase(Locale.ROOT).replaceAll("\\{\\d}", "%"))
            .collect(Collectors.joining("\n"));

    @Test
    void whatIsSaidOnPagesHasItsGerman() throws IOException {
        try (Stream<Path> files = Files.walk(CODE)) {
            List<String> unknown = files.filter(f -> f.toString().endsWith(".java"))
                    .filter(f -> ELSEWHERE.stream().noneMatch(f.toString()::contains))
                    .flatMap(f -> sentences(f).filter(s -> !isSaid(s)).map(s -> CODE.relativize(f) + ": " + s))
                    .toList();
            assertThat(unknown).isEmpty();
        }
    }

    /** The test would hold for nothing if it found nothing. */
    @Test
    void sentencesAreFoundInCode() {
        assertThat(sentences(CODE.resolve("shell/ErrorPages.java")))
                .contains("Go back, reload the page and try again.", "Go back, choose the file and send it again.")
                .noneMatch(s -> s.contains("Not understood: {}"));
    }

    private static boolean isSaid(String english) {
        return KNOWN.contains(FIGURE.matcher(english.toLowerCase(Locale.ROOT)).replaceAll("%"))
                || !HouseStyle.METRIC
                        .in(Locale.GERMAN)
                        .in(() -> Terms.said(english))
                        .equals(english);
    }

    private static Stream<String> sentences(Path file) {
        String code =
                NOT_ON_PAGES.matcher(COMMENT.matcher(read(file)).replaceAll("")).replaceAll("");
        return LITERAL.matcher(JOINED.matcher(code).replaceAll(""))
                .results()
                .map(found -> found.group(1).strip())
                .filter(said -> SENTENCE.matcher(said).find()
                        && !OF_MACHINES.matcher(said).find())
                .filter(said -> !NO_READER.contains(said));
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
