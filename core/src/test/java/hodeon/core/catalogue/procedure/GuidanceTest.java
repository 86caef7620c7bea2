package hodeon.core.catalogue.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.Samples;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.file.CatalogueFault;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The words of first aid: chosen by person and school, checked when they are read. */
class GuidanceTest {

    private static final Guidance GUIDANCE = GuidanceReader.shipped(Samples.CATALOGUE);

    private static List<String> words(String problem, Casualty casualty, Map<String, String> household) {
        return GUIDANCE.procedure(problem).lines(casualty, followed(household, Set.of())).stream()
                .map(DoLine::words)
                .toList();
    }

    private static Map<String, String> followed(Map<String, String> household, Set<Tag> around) {
        return School.followed(GUIDANCE.schools(), household, around);
    }

    @Test
    void theWorkedExampleOfADrownedChild() {
        assertThat(words("drowning", Casualty.CHILD, Map.of())).hasSize(7);
        assertThat(words("drowning", Casualty.CHILD, Map.of()).get(2))
                .isEqualTo("No normal breath: five breaths FIRST.");
        assertThat(words("drowning", Casualty.CHILD, Map.of("first-breaths", "two"))
                        .get(2))
                .isEqualTo("No normal breath: two breaths FIRST.");
    }

    @ParameterizedTest
    @CsvSource({
        "choking, ADULT, Then 5 belly thrusts: fist above the navel., Then 5 chest thrusts: fist on the breastbone.",
        "choking, CHILD, Then 5 belly thrusts: fist above the navel., Turn over: 5 chest pushes",
        "choking, INFANT, 'Turn over: 5 chest pushes, two fingers. Never the belly.', Then 5 belly thrusts: fist above the navel.",
        "choking, PREGNANT, 'Fist on her breastbone, not the belly: 5 thrusts.', Then 5 belly thrusts: fist above the navel.",
        "not-breathing, ADULT, 'Middle of the chest, 5 to 6 cm deep.', Five breaths first: chest must rise each time.",
        "not-breathing, CHILD, Five breaths first: chest must rise each time., 'Middle of the chest, 5 to 6 cm deep.'",
        "not-breathing, INFANT, 'Two thumbs round the chest, a third deep.', 'One hand, a third of the chest deep.'",
        "not-breathing, PREGNANT, Lean the belly to her left with one hand., Five breaths first: chest must rise each time.",
        "severe-limb-bleeding, INFANT, Baby: squeeze the limb above it with your hand., Turn it until bleeding stops.",
        "eye-irritation, LENSES, Red and sore with lenses: doctor the same day., Clean hands. Shade the eyes.",
        "diarrhoea, CHILD, No tablets to slow it., 'Tablets to slow it: grown-ups, no blood, no fever.'"
    })
    void whatIsDoneDependsOnWhoItIs(String problem, Casualty casualty, String said, String notSaid) {
        assertThat(words(problem, casualty, Map.of())).contains(said).noneMatch(line -> line.startsWith(notSaid));
        assertThat(GUIDANCE.procedure(problem).casualties(followed(Map.of(), Set.of())))
                .startsWith(Casualty.ADULT);
    }

    @Test
    void whereAllIsTheSameNobodyIsAsked() {
        assertThat(GUIDANCE.procedure("blister").casualties(followed(Map.of(), Set.of())))
                .containsExactly(Casualty.ADULT);
    }

    @Test
    void theRegionSpeaksBeforeTheHouseholdAndTheHouseholdBeforeTheFirstChoice() {
        School ticks = GUIDANCE.school("ticks").orElseThrow();
        Set<Tag> allergyRegion = Set.of(Tag.parse("region:meat-allergy-ticks"));
        assertThat(ticks.followed(Map.of(), Set.of()).id()).isEqualTo("pull");
        assertThat(ticks.followed(Map.of("ticks", "freeze"), Set.of()).id()).isEqualTo("freeze");
        assertThat(ticks.followed(Map.of("ticks", "pull"), allergyRegion).id()).isEqualTo("freeze");
        assertThat(ticks.followed(Map.of("ticks", "no longer there"), Set.of()).id())
                .isEqualTo("pull");
    }

    @Test
    void everyTopicWhereSchoolsDifferIsToldOfWhereItMatters() {
        List<String> used = GUIDANCE.procedures().values().stream()
                .flatMap(p -> p.topics().stream())
                .distinct()
                .toList();
        assertThat(GUIDANCE.schools())
                .extracting(School::id)
                .contains(
                        "first-breaths",
                        "choking",
                        "asthma",
                        "second-pen",
                        "snakes",
                        "jellies",
                        "ticks",
                        "rabies",
                        "malaria",
                        "spiders",
                        "collar",
                        "seals",
                        "opioid")
                .allSatisfy(id -> assertThat(used).contains(id));
    }

    @Test
    void whoSomebodyIsFollowsFromAgeAndBody() {
        assertThat(Casualty.of(11, false, false)).isEqualTo(Casualty.INFANT);
        assertThat(Casualty.of(12, false, false)).isEqualTo(Casualty.CHILD);
        assertThat(Casualty.of(143, false, true)).isEqualTo(Casualty.CHILD);
        assertThat(Casualty.of(144, false, true)).isEqualTo(Casualty.LENSES);
        assertThat(Casualty.of(400, true, true)).isEqualTo(Casualty.PREGNANT);
    }

    @Test
    void everyTextSaysWhatItWasCheckedAgainstAndWasCheckedWithinThreeYears() {
        LocalDate today = LocalDate.now();
        assertThat(GUIDANCE.reviews()).hasSizeGreaterThan(150).allSatisfy(text -> {
            assertThat(text.getValue().on()).as(text.getKey()).isBeforeOrEqualTo(today);
            assertThat(text.getValue().stale(today)).as(text.getKey()).isFalse();
        });
        Reviewed once = new Reviewed(Teaching.TEACHING, LocalDate.of(2026, 11, 28));
        assertThat(once.stale(LocalDate.of(2029, 11, 27))).isFalse();
        assertThat(once.stale(LocalDate.of(2029, 11, 28))).isTrue();
    }

    @Test
    void everyFaultIsReportedAtOnceWithItsLine() {
        GuidanceReader.Reading reading = GuidanceReader.read(
                Samples.CATALOGUE,
                new GuidanceReader.Texts(
                        """
                        [blister]
                        do = Fly. | levitate
                        do = Ask. | | grandmother
                        do = Ask. | | ticks=burn
                        timer = Soon | down 500 min
                        watch = It.
                        by-hand = It.
                        call = Never.
                        source = hearsay
                        reviewed = lately
                        [hiccups]
                        """,
                        "[ticks]\nname = A tick\nchoice = pull | pull | Pull.\nsource = teaching\nreviewed = 2026-11-28\n",
                        "[magic-wand]\ndo = Wave.\nnever = Never.\n",
                        "",
                        ""));
        assertThat(reading.faults())
                .extracting(CatalogueFault::toString)
                .contains(
                        "procedures.txt:2: “levitate” is no capability of capabilities.txt.",
                        "procedures.txt:4: “ticks=burn” is no choice of schools.txt.",
                        "procedures.txt:5: “down 500 min”: 500 is outside 1 to 120.",
                        "procedures.txt:10: “lately” is no day; write it as 2026-11-28.",
                        "procedures.txt:11: [hiccups] is no problem of problems.txt.",
                        "procedures.txt:1: The problem [stroke] has no section here.",
                        "schools.txt:1: [ticks] has fewer than two choices.",
                        "handling.txt:1: [magic-wand] is no supply of supplies.txt.",
                        "handling.txt:1: [magic-wand] lacks “source”.",
                        "handling.txt:1: [magic-wand] lacks “reviewed”.")
                .anySatisfy(f -> assertThat(f).startsWith("procedures.txt:3: “grandmother” is none of adult"))
                .anySatisfy(f -> assertThat(f).startsWith("procedures.txt:9: “hearsay” is not one of"));
    }
}
