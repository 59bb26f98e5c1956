package yellowtally.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Core is plain Java: no framework, no input or output, no clock of its own, no circles between its rooms. */
class RoomsTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("yellowtally.core");

    @Test
    void dependsOnNothingButTheLanguage() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("yellowtally.core..", "java.lang..", "java.util..", "java.time..", "org.jspecify..")
                .check(CORE);
    }

    @Test
    void hasNoClockOfItsOwn() {
        noClasses().should().callMethod(java.time.Instant.class, "now").check(CORE);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
        noClasses()
                .should()
                .dependOnClassesThat()
                .areAssignableTo(java.time.Clock.class)
                .check(CORE);
    }

    @Test
    void roomsDoNotGoInCircles() {
        slices().matching("yellowtally.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void noCatchAllNames() {
        noClasses()
                .should()
                .haveNameMatching(".*(Manager|Helper|Util|Utils|Impl)")
                .check(CORE);
    }
}
