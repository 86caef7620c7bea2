package hodeon.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The rooms of the core, and which may look into which. */
@Tag("slow")
class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("hodeon.core");

    private static final Map<String, Set<String>> ARROWS = Map.ofEntries(
            Map.entry("units", Set.of()),
            Map.entry("evidence", Set.of()),
            Map.entry("notice", Set.of("evidence")),
            Map.entry("party", Set.of("evidence", "units")),
            Map.entry("catalogue", Set.of("units", "evidence")),
            Map.entry("catalogue.file", Set.of("catalogue", "units", "evidence")),
            Map.entry("catalogue.words", Set.of("catalogue", "catalogue.file")),
            Map.entry("catalogue.procedure", Set.of("evidence", "catalogue", "catalogue.file")),
            Map.entry("brief", Set.of("evidence", "units", "party")),
            Map.entry("brief.route", Set.of()),
            Map.entry("need", Set.of("units", "evidence", "notice", "catalogue", "party", "brief")),
            Map.entry("medication.formulary", Set.of("evidence", "units", "catalogue", "catalogue.file", "party")),
            Map.entry("medication.finding", Set.of("medication.formulary", "units", "party")),
            Map.entry(
                    "medication",
                    Set.of(
                            "brief",
                            "evidence",
                            "medication.finding",
                            "medication.formulary",
                            "units",
                            "catalogue",
                            "party")),
            Map.entry(
                    "medication.gate",
                    Set.of(
                            "evidence",
                            "medication",
                            "medication.finding",
                            "medication.formulary",
                            "units",
                            "catalogue",
                            "party")),
            Map.entry(
                    "medication.amount",
                    Set.of(
                            "evidence",
                            "need",
                            "brief",
                            "medication",
                            "medication.gate",
                            "medication.finding",
                            "medication.formulary",
                            "units",
                            "catalogue",
                            "party")),
            Map.entry("stock", Set.of("evidence", "units", "notice", "catalogue")),
            Map.entry("choice.linear", Set.of()),
            Map.entry("choice", Set.of("choice.linear")),
            Map.entry(
                    "plan",
                    Set.of(
                            "evidence",
                            "choice",
                            "units",
                            "notice",
                            "catalogue",
                            "catalogue.file",
                            "party",
                            "brief",
                            "need",
                            "medication",
                            "medication.finding")),
            Map.entry(
                    "plan.tradeoff",
                    Set.of(
                            "evidence",
                            "plan",
                            "choice",
                            "units",
                            "notice",
                            "catalogue",
                            "party",
                            "brief",
                            "need",
                            "medication",
                            "medication.finding")),
            Map.entry("practice", Set.of("evidence", "notice", "catalogue", "need", "plan", "brief", "party")),
            Map.entry(
                    "packing",
                    Set.of(
                            "evidence",
                            "units",
                            "notice",
                            "catalogue",
                            "catalogue.file",
                            "choice",
                            "need",
                            "plan",
                            "brief",
                            "party")),
            Map.entry(
                    "readiness", Set.of("evidence", "party", "units", "notice", "catalogue", "need", "stock", "plan")));

    static Stream<String> rooms() {
        return ARROWS.keySet().stream().sorted();
    }

    @ParameterizedTest
    @MethodSource("rooms")
    void aRoomLooksOnlyWhereItMay(String room) {
        String[] allowed = Stream.concat(
                        ARROWS.get(room).stream().map(r -> "hodeon.core." + r),
                        Stream.of(
                                "hodeon.core." + room,
                                "java..",
                                "org.jspecify..",
                                "com.google.ortools..",
                                "org.apache.commons.text..",
                                "org.atteo.evo.."))
                .toArray(String[]::new);
        classes()
                .that()
                .resideInAPackage("hodeon.core." + room)
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(allowed)
                .check(CORE);
    }

    @Test
    void everyRoomIsOnThePlan() {
        Set<String> found = CORE.stream()
                .map(c -> c.getPackageName().replace("hodeon.core.", ""))
                .collect(Collectors.toSet());
        assertThat(found).isEqualTo(ARROWS.keySet());
    }

    @Test
    void theCoreHasNoClockAndNoFilesAndOneClassKnowsTheSolverLibrary() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.time.Clock")
                .orShould()
                .dependOnClassesThat()
                .resideInAnyPackage("java.nio.file..", "java.sql..")
                .check(CORE);
        noClasses().should().callMethod(LocalDate.class, "now").check(CORE);
        noClasses()
                .that()
                .haveNameNotMatching("hodeon\\.core\\.choice\\.linear\\.OrTools(\\$.*)?")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("com.google.ortools..")
                .check(CORE);
        noClasses()
                .that()
                .haveNameNotMatching("hodeon\\.core\\.choice\\.linear\\.(Solver|OrTools(\\$.*)?)")
                .should()
                .dependOnClassesThat()
                .haveSimpleName("OrTools")
                .check(CORE);
    }

    @Test
    void theArrowsHaveNoCycle() {
        ARROWS.forEach((room, seen) -> assertThat(reachable(room)).as(room).doesNotContain(room));
    }

    private static Set<String> reachable(String room) {
        return ARROWS.get(room).stream()
                .flatMap(next -> Stream.concat(Stream.of(next), reachable(next).stream()))
                .collect(Collectors.toSet());
    }
}
