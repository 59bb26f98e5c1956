package yellowtally.server;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Executor;
import org.junit.jupiter.api.Test;

/** Rooms of the server do not go in circles, nothing reads the time but from the injected clock, no thread is forgotten. */
class RoomsTest {

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("yellowtally.server");

    private static final List<String> ADDRESS_TEXT =
            List.of("getRequestURI", "getRequestURL", "getServletPath", "getPathInfo", "getPathTranslated");

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

    /** What an address means is decided where it is matched as the framework matches it: by nobody who reads it as text. */
    @Test
    void noAddressIsReadAsText() {
        DescribedPredicate<JavaMethodCall> readsAddress = describe(
                "asks a request for the text of its address",
                call -> call.getTargetOwner().isAssignableTo(HttpServletRequest.class)
                        && ADDRESS_TEXT.contains(call.getName()));
        noClasses().should().callMethodWhere(readsAddress).check(SERVER);
        DescribedPredicate<JavaMethodCall> comparesWhereRequestsAre = describe(
                "compares the beginning or end of a text in a class that knows requests",
                call -> call.getTargetOwner().isEquivalentTo(String.class)
                        && List.of("startsWith", "endsWith", "regionMatches").contains(call.getName())
                        && call.getOriginOwner().getDirectDependenciesFromSelf().stream()
                                .anyMatch(known -> known.getTargetClass().isAssignableTo(HttpServletRequest.class)));
        noClasses().should().callMethodWhere(comparesWhereRequestsAre).check(SERVER);
    }

    @Test
    void noCatchAllNames() {
        noClasses()
                .should()
                .haveNameMatching(".*(Manager|Helper|Util|Utils|Impl)")
                .check(SERVER);
    }
}
