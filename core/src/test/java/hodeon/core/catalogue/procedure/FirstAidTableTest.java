package hodeon.core.catalogue.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.catalogue.Importance;
import hodeon.core.catalogue.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The table that a clinician goes through is the data. */
class FirstAidTableTest {

    private static final Guidance GUIDANCE = GuidanceReader.shipped(Samples.CATALOGUE);
    private static final Path DOCUMENT = Path.of("..", "docs", "first-aid.md");
    private static final String HEAD = """
            # Every problem: order of doing, by whom and where it differs, what it was checked against

            Written from the reference files by `FirstAidTableTest`, which fails while they differ (copy
            `core/target/first-aid.md` here). The lines themselves: `procedures.txt`, `schools.txt`, `handling.txt`, `guides.txt`,
            `first-minutes.txt` beside the catalogue. Steps are in the order of doing; **bold** is critical. What a clinician
            should confirm first: [sources](sources.md).

            | Problem | Severity | Steps | Lines | Differs for | Schools and regions | Checked against |
            |---|---|---|---|---|---|---|
            """;

    @Test
    void theTableInTheDocumentsIsTheData() throws IOException {
        String table = HEAD
                + Samples.CATALOGUE.problems().stream()
                        .sorted(Comparator.comparingInt((Problem p) -> -p.severity())
                                .thenComparing(Problem::name))
                        .map(FirstAidTableTest::row)
                        .collect(Collectors.joining());
        Files.writeString(Path.of("target", "first-aid.md"), table);
        assertThat(Files.readString(DOCUMENT)).isEqualTo(table);
    }

    private static String row(Problem problem) {
        Procedure procedure = GUIDANCE.procedure(problem.id());
        Map<String, String> schools = School.followed(GUIDANCE.schools(), Map.of(), Set.of());
        String steps = problem.steps().stream()
                .map(s -> s.importance() == Importance.CRITICAL ? "**" + s.capability() + "**" : s.capability())
                .collect(Collectors.joining(", "));
        String whom = procedure.casualties(schools).stream()
                .filter(c -> c != Casualty.ADULT)
                .map(Casualty::word)
                .collect(Collectors.joining(", "));
        String topics = procedure.topics().stream()
                .map(t -> t + " ("
                        + GUIDANCE.school(t).orElseThrow().choices().stream()
                                .map(School.Choice::id)
                                .collect(Collectors.joining("/"))
                        + ")")
                .collect(Collectors.joining(", "));
        return "| %s | %d | %s | %d | %s | %s | %s, %s |%n"
                .formatted(
                        problem.name(),
                        problem.severity(),
                        steps,
                        procedure.lines(Casualty.ADULT, schools).size(),
                        whom,
                        topics,
                        procedure.reviewed().teaching().label(),
                        procedure.reviewed().on());
    }
}
