package yellowtally.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.time.Instant;
import org.junit.jupiter.api.Test;

/** Rooms of the server do not go in circles, nothing reads the time but from the injected clock. */
class RoomsTest {

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("yellowtally.server");

    @Test
    void roomsDoNotGoInCircles() {
        slices().matching("yellowtally.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    @Test
    void timeComesFromTheInjectedClock() {
        noClasses().should().callMethod(Instant.class, "now").check(SERVER);
        noClasses()
                .that()
                .doNotHaveSimpleName("ServerConfiguration")
                .should()
                .callMethod(Clock.class, "systemUTC")
                .check(SERVER);
    }

    @Test
    void noCatchAllNames() {
        noClasses()
                .should()
                .haveNameMatching(".*(Manager|Helper|Util|Utils|Impl)")
                .check(SERVER);
    }
}
