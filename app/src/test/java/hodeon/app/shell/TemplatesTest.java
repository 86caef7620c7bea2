package hodeon.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What every template keeps to, so that somebody who opens one can read it. */
class TemplatesTest {

    private static final int LONGEST_LINE = 140;

    /** A dozen single values say nothing of what belongs to a page; {@link Shown} takes one record. */
    @Test
    void whatAPageShowsIsOneRecord() throws IOException {
        List<String> piecemeal = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                long values = Files.readAllLines(file).stream()
                        .filter(line -> line.contains("model.addAttribute("))
                        .count();
                if (values > 2) {
                    piecemeal.add(file + ": " + values);
                }
            }
        }
        assertThat(piecemeal).isEmpty();
    }

    @Test
    void noLineIsLongerThanAScreenIsWide() throws IOException {
        List<String> longer = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/templates"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".html")).toList()) {
                Files.readAllLines(file).stream()
                        .filter(line -> line.length() > LONGEST_LINE)
                        .forEach(line -> longer.add(file + ": " + line.strip()));
            }
        }
        assertThat(longer).isEmpty();
    }
}
