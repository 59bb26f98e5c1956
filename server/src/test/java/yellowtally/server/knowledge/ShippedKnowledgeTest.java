package yellowtally.server.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.core.diagnosis.Answered;
import yellowtally.core.diagnosis.Check;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.Diagnosis;
import yellowtally.core.diagnosis.Finder;
import yellowtally.core.diagnosis.FinderCase;
import yellowtally.core.diagnosis.FinderTrial;
import yellowtally.core.diagnosis.FinderTrial.Hardship;
import yellowtally.core.diagnosis.FinderTrial.Order;
import yellowtally.core.diagnosis.FinderTrial.Result;
import yellowtally.core.diagnosis.KnowledgeBase;
import yellowtally.core.diagnosis.KnowledgeFaults;
import yellowtally.core.diagnosis.SawKinds;
import yellowtally.core.diagnosis.SawTrait;
import yellowtally.core.diagnosis.Signal;
import yellowtally.core.settings.Numbers;

/** What ships is sound, and the finder does better with it than a list that is always asked in one order. */
class ShippedKnowledgeTest {

    private static final KnowledgeBase SHIPPED = KnowledgeReader.shipped();
    private static final int FAULTS = 700;
    private static final int MOST_QUESTIONS = 30;
    private static final int MOST_ANSWERS = 4;

    @Test
    void nothingIsWrongWithIt() {
        assertThat(KnowledgeFaults.of(SHIPPED)).isEmpty();
    }

    /** Every complaint of handbook section 12, the curve to each side. */
    @Test
    void hasEveryComplaintOfTheJob() {
        assertThat(SHIPPED.complaints().keySet())
                .containsExactlyInAnyOrder(
                        "runs-dry",
                        "oil-lost",
                        "cuts-left",
                        "cuts-right",
                        "dust",
                        "grabs",
                        "will-not-stay-tight",
                        "binds",
                        "pops",
                        "thrown",
                        "brake-does-not-stop",
                        "brake-stuck",
                        "cover-stuck",
                        "hot-or-weak",
                        "stumbles",
                        "creeps",
                        "vibrates",
                        "bar-blue",
                        "bulb-does-nothing");
    }

    @ParameterizedTest
    @ValueSource(strings = {"grabs", "thrown", "brake-does-not-stop", "brake-stuck", "cover-stuck", "creeps"})
    void whatCanHurtSomebodyHolds(String complaint) {
        assertThat(SHIPPED.complaints().get(complaint).holds()).isTrue();
    }

    /** Made-up faults drawn from what is known, and harder, from shares that are off by up to 30 %. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.3})
    void theFinderBeatsAFixedListByAThirdInMinutesAtNoLowerHitRate(double disturbance) {
        FinderTrial trial = new FinderTrial(SHIPPED, Hardship.off(disturbance), 2026);
        Result finder = trial.play(FAULTS, Order.FINDER);
        Result listed = trial.play(FAULTS, Order.AS_LISTED);
        assertThat(finder.meanMinutes()).isLessThanOrEqualTo(listed.meanMinutes() * 2 / 3);
        assertThat(finder.found()).isGreaterThanOrEqualTo(listed.found());
        assertThat(finder.found()).isGreaterThan(0.8);
    }

    static Stream<Arguments> everyComplaintOnEverySaw() {
        return SHIPPED.complaints().values().stream()
                .flatMap(complaint -> SawKinds.all().stream()
                        .filter(complaint::possibleOn)
                        .map(kind -> Arguments.of(complaint, kind)));
    }

    /** Whichever answer is always given, or none at all: the questions end, and what stands clear is a cause of this saw. */
    @ParameterizedTest
    @MethodSource("everyComplaintOnEverySaw")
    void theQuestionsComeToAnEnd(Complaint complaint, Set<SawTrait> kind) {
        Finder finder = new Finder(SHIPPED, complaint, new FinderCase(kind, Set.of(), Set.of()), Numbers.STANDARD);
        for (int wish = 0; wish <= MOST_ANSWERS; wish++) {
            List<Answered> path = new ArrayList<>();
            Diagnosis stands = finder.after(path);
            while (stands.outcome().goesOn()) {
                assertThat(path.size()).as("still asking").isLessThan(MOST_QUESTIONS);
                Check check = Objects.requireNonNull(stands.next()).check();
                List<String> answers = List.copyOf(check.answers().keySet());
                String given = wish == 0 ? null : answers.get(Math.min(wish, answers.size()) - 1);
                path.add(new Answered(check.code(), given));
                stands = finder.after(path);
            }
            assertThat(finder.causes()).contains(stands.first().cause());
            if (wish == 0) {
                assertThat(stands.outcome()).as("nobody could tell anything").isEqualTo(Diagnosis.Outcome.UNCLEAR);
            }
        }
    }

    private static Diagnosis after(String complaint, Set<Signal> signals, Answered... path) {
        Set<SawTrait> saw = SawKinds.all().stream()
                .filter(kind -> kind.containsAll(Set.of(SawTrait.PETROL, SawTrait.ADJUSTABLE_OILER, SawTrait.ARRESTOR)))
                .findFirst()
                .orElseThrow();
        return new Finder(
                        SHIPPED,
                        SHIPPED.complaints().get(complaint),
                        new FinderCase(saw, signals, Set.of()),
                        Numbers.STANDARD)
                .after(List.of(path));
    }

    /** The ladder of handbook section 7: oil at the outlet means the bar, no oil means the saw. */
    @ParameterizedTest
    @CsvSource({"comes, bar-oil-hole-blocked", "none, oil-outlet-packed"})
    void theOutletSplitsADryChain(String answer, String likeliest) {
        Diagnosis stands = after(
                "runs-dry",
                Set.of(),
                new Answered("oil-level", "right"),
                new Answered("adjuster-place", "usual"),
                new Answered("outlet-runs", answer));
        Set<String> leading = stands.ranking().stream()
                .limit(2)
                .map(ranked -> ranked.cause().code())
                .collect(Collectors.toSet());
        assertThat(leading).contains(likeliest);
    }

    @Test
    void aFreshSprocketPointsAtTheOilDrive() {
        Diagnosis known = after("runs-dry", Set.of(Signal.FRESH_SPROCKET));
        assertThat(known.first().cause().code()).isEqualTo("oil-drive-not-caught");
        Diagnosis unknown = after("runs-dry", Set.of());
        assertThat(unknown.first().cause().code()).isEqualTo("bar-oil-hole-blocked");
    }

    @ParameterizedTest
    @CsvSource({"cuts-left, LEFT_CUTTERS_LONGER, left", "cuts-right, RIGHT_CUTTERS_LONGER, right"})
    void aMapOfTheLoopAnswersACurve(String complaint, Signal signal, String side) {
        Diagnosis clear = after(complaint, Set.of(signal), new Answered("sides-measured", side));
        assertThat(clear.outcome()).isEqualTo(Diagnosis.Outcome.CLEAR);
        assertThat(clear.first().cause().code()).isEqualTo(side + "-cutters-longer");
    }
}
