package hodeon.core.catalogue.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What to do now can be read by somebody frightened, cold and twelve years old. */
class DoNowReadabilityTest {

    private static final int MOST_WORDS = 12;
    private static final Guidance GUIDANCE = GuidanceReader.shipped(Samples.CATALOGUE);
    private static final Pattern WORD = Pattern.compile("[A-Za-z][A-Za-z'’-]*");

    static Stream<Procedure> procedures() {
        return Samples.CATALOGUE.problems().stream().map(p -> GUIDANCE.procedure(p.id()));
    }

    /** Every way in which the schools of a procedure can be followed together. */
    private static List<Map<String, String>> schools(Procedure procedure) {
        List<Map<String, String>> ways = new ArrayList<>(List.of(Map.of()));
        for (String topic : procedure.topics()) {
            List<Map<String, String>> more = new ArrayList<>();
            for (Map<String, String> way : ways) {
                for (School.Choice choice : GUIDANCE.school(topic).orElseThrow().choices()) {
                    Map<String, String> with = new HashMap<>(way);
                    with.put(topic, choice.id());
                    more.add(with);
                }
            }
            ways = more;
        }
        return ways;
    }

    @ParameterizedTest
    @MethodSource("procedures")
    void atMostSevenShortLinesForAnybodyInAnySchool(Procedure procedure) {
        for (Map<String, String> way : schools(procedure)) {
            for (Casualty casualty : Casualty.values()) {
                List<DoLine> lines = procedure.lines(casualty, way);
                assertThat(lines)
                        .as("%s for %s, %s", procedure.id(), casualty, way)
                        .hasSizeBetween(2, Procedure.MOST_LINES);
                assertThat(lines.stream().flatMap(DoNowReadabilityTest::said))
                        .allSatisfy(
                                words -> assertThat(words.split(" +")).as(words).hasSizeLessThanOrEqualTo(MOST_WORDS));
            }
        }
    }

    private static Stream<String> said(DoLine line) {
        return Stream.concat(Stream.of(line.words()), line.without().stream());
    }

    @Test
    void noWordThatAChildOfTwelveDoesNotKnow() throws IOException {
        Set<String> plain;
        try (InputStream in = DoNowReadabilityTest.class.getResourceAsStream("plain-words.txt")) {
            assertThat(in).isNotNull();
            plain = new HashSet<>(new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.startsWith("#"))
                    .flatMap(l -> Arrays.stream(l.split(" +")))
                    .toList());
        }
        Stream<String> said = procedures()
                .flatMap(p -> Stream.concat(
                        p.all().stream().flatMap(h -> said(h.what())),
                        p.clocks().stream().map(h -> h.what().words())));
        assertThat(said.flatMap(s -> WORD.matcher(s).results().map(MatchResult::group))
                        .map(w -> w.toLowerCase(Locale.ROOT))
                        .filter(w -> !plain.contains(w))
                        .distinct())
                .isEmpty();
    }
}
