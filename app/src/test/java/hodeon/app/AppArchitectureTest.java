package hodeon.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import jakarta.persistence.Entity;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.data.repository.Repository;

@Tag("slow")
class AppArchitectureTest {

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("hodeon.app");

    /** Which other subjects each may look into. */
    private static final Map<String, Set<String>> ARROWS = arrows("""
            aid: brief catalogue household kits mat need people shell stock
            api: brief catalogue dose formulary household kits shell stock
            bin: history household shell storage
            brief: household people shell storage
            care: formulary household people shell storage
            catalogue: household photo shell
            check: household people shell stock storage
            contents: brief catalogue evidence household kits mat plan shell stock
            device: shell
            dose: brief care evidence formulary household people shell stock storage
            evidence: catalogue
            find: brief evidence help household kits people shell stock
            formulary: catalogue household shell storage
            heat: household shell stock
            help:
            history: household people shell storage
            household: post shell storage
            journal: aid brief dose evidence household need people plan shell stock storage
            kits: brief catalogue check evidence household mat photo plan shell stock
            mat: brief evidence household plan shell storage
            medicine: brief evidence formulary household mat need people plan shell storage
            need: brief evidence household shell
            packing: brief evidence household mat plan shell stock storage
            paper: aid brief care evidence formulary household journal kits mat need packing people shell stock
            people: formulary household shell storage
            photo:
            plan: brief evidence formulary need people shell
            post:
            practice: aid brief evidence household kits mat need packing shell stock
            readiness: brief check household kits plan shell stock storage
            remind: brief check household post shell stock storage
            sample: brief household journal kits mat people shell stock
            shelf: brief check household kits readiness sample shell stock
            shell: storage
            simulated: catalogue household post shell storage
            stock: catalogue household photo shell storage table
            storage:
            table: catalogue household shell
            taken: aid catalogue household kits paper people shell stock storage
            tradeoff: brief evidence household kits mat plan shell
            transfer: brief check evidence household journal kits stock storage
            """);

    private static Map<String, Set<String>> arrows(String table) {
        return table.lines()
                .map(line -> line.split(": ?", 2))
                .collect(Collectors.toMap(l -> l[0], l -> Set.of(l[1].split(" ")), (x, y) -> x, TreeMap::new));
    }

    /** A subject may have rooms of its own, such as {@code stock.ledger}; its rows stay within it. */
    @Test
    void rowsAndRepositoriesNeverLeaveTheirSubject() {
        noClasses()
                .should(new ArchCondition<>("look into the rows of another subject") {
                    @Override
                    public void check(JavaClass from, ConditionEvents events) {
                        from.getDirectDependenciesFromSelf().stream()
                                .filter(d -> d.getTargetClass().isAnnotatedWith(Entity.class)
                                        || d.getTargetClass().isAssignableTo(Repository.class))
                                .filter(d -> !d.getTargetClass()
                                                .getPackageName()
                                                .isEmpty()
                                        && d.getTargetClass().getPackageName().startsWith("hodeon.app."))
                                .filter(d -> !subject(d.getTargetClass()).equals(subject(from)))
                                .forEach(d -> events.add(SimpleConditionEvent.satisfied(d, d.getDescription())));
                    }
                })
                .check(APP);
    }

    private static String subject(JavaClass of) {
        return of.getPackageName().split("\\.", 4)[2];
    }

    static Stream<String> subjects() {
        return ARROWS.keySet().stream();
    }

    @ParameterizedTest
    @MethodSource("subjects")
    void aSubjectLooksOnlyWhereItMay(String subject) {
        String[] forbidden = APP.stream()
                .filter(c -> c.getPackageName().startsWith("hodeon.app."))
                .map(AppArchitectureTest::subject)
                .distinct()
                .filter(other -> !other.equals(subject) && !ARROWS.get(subject).contains(other))
                .map(other -> "hodeon.app." + other + "..")
                .toArray(String[]::new);
        noClasses()
                .that()
                .resideInAPackage("hodeon.app." + subject + "..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(forbidden)
                .check(APP);
    }

    /** One name for one thing: no two files of core and app are called the same. */
    @Test
    void noSimpleNameIsUsedTwice() throws IOException {
        Map<String, List<Path>> byName = new TreeMap<>();
        for (String root : List.of("../core/src/main/java", "src/main/java")) {
            try (Stream<Path> files = Files.walk(Path.of(root))) {
                files.filter(f -> f.toString().endsWith(".java"))
                        .filter(f -> !f.endsWith("package-info.java"))
                        .forEach(f -> byName.computeIfAbsent(f.getFileName().toString(), n -> new ArrayList<>())
                                .add(f));
            }
        }
        assertThat(byName)
                .hasSizeGreaterThan(400)
                .allSatisfy((name, files) -> assertThat(files).as(name).hasSize(1));
    }

    @Test
    void everySubjectIsInTheTable() {
        Set<String> built = APP.stream()
                .filter(c -> c.getPackageName().startsWith("hodeon.app."))
                .map(AppArchitectureTest::subject)
                .collect(Collectors.toSet());
        assertThat(built).isEqualTo(ARROWS.keySet());
    }

    /** The plan in docs/map.md is read first: it must name every room, and none that is gone. */
    @Test
    void theMapNamesEveryRoom() throws IOException {
        Set<String> drawn = new TreeSet<>();
        Set<String> built = new TreeSet<>();
        for (String module : List.of("core", "app")) {
            Matcher part = Pattern.compile("(?ms)^" + module + "/.*?(?=^\\S)")
                    .matcher(Files.readString(Path.of("../docs/map.md")));
            assertThat(part.find()).isTrue();
            Pattern.compile("(?m)^  ([a-z.]+)  +\\S")
                    .matcher(part.group())
                    .results()
                    .forEach(room -> drawn.add(module + "." + room.group(1)));
            Path root = Path.of("../" + module + "/src/main/java/hodeon/" + module);
            try (Stream<Path> files = Files.walk(root)) {
                files.filter(f -> f.getFileName().toString().equals("package-info.java"))
                        .map(f -> root.relativize(f.getParent()).toString().replace('/', '.'))
                        .filter(room -> !room.isEmpty())
                        .forEach(room -> built.add(module + "." + room));
            }
        }
        assertThat(drawn).isEqualTo(built);
    }

    @Test
    void subjectsHaveNoCycle() {
        SlicesRuleDefinition.slices()
                .matching("hodeon.app.(*)..")
                .should()
                .beFreeOfCycles()
                .check(APP);
    }

    @Test
    void pagesAreFedByServicesNotByRepositories() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .dependOnClassesThat()
                .haveNameMatching("hodeon\\..*Repository")
                .check(APP);
    }
}
