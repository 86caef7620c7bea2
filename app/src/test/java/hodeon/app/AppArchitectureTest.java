package hodeon.app;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideOutsideOfPackages;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;

class AppArchitectureTest {

    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("hodeon.app");

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

    @Test
    void shellAndStorageKnowNoSubject() {
        noClasses()
                .that()
                .resideInAnyPackage("hodeon.app.shell", "hodeon.app.storage")
                .should()
                .dependOnClassesThat(resideInAPackage("hodeon.app..")
                        .and(resideOutsideOfPackages("hodeon.app.shell", "hodeon.app.storage", "hodeon.app")))
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
