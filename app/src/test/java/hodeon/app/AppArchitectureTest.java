package hodeon.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;

class AppArchitectureTest {

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("hodeon.app");

    @Test
    void rowsNeverLeaveTheirSubject() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .bePackagePrivate()
                .check(APP);
    }

    @Test
    void shellAndStorageKnowNoSubject() {
        noClasses()
                .that()
                .resideInAnyPackage("hodeon.app.shell", "hodeon.app.storage")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "hodeon.app.trip..",
                        "hodeon.app.need..",
                        "hodeon.app.kit..",
                        "hodeon.app.shelf..",
                        "hodeon.app.household..",
                        "hodeon.app.sample..")
                .check(APP);
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
