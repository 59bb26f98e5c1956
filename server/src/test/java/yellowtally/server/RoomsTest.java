package yellowtally.server;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.time.Instant;
import java.util.concurrent.Executor;
import org.junit.jupiter.api.Test;

/** Rooms of the server do not go in circles, nothing reads the time but from the injected clock, no thread is forgotten. */
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

    /** Each of these is waited for when the application ends, or touches no records. */
    @Test
    void threadsAreBegunWhereTheirEndIsKnown() {
        noClasses()
                .that()
                .haveNameNotMatching(".*(LongWork|Standings|SecondReader|OnDisk|SimulatedCaliper|StopAfterStart)")
                .should()
                .callConstructorWhere(target(owner(assignableTo(Thread.class))))
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(Executor.class)
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
