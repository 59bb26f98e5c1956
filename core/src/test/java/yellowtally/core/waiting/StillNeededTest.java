package yellowtally.core.waiting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.holds.Need;
import yellowtally.core.holds.Rest;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.StepHolds.StepHoldMatter;
import yellowtally.core.waiting.TensionWaits.TensionMatter;

/** What is missing until a held saw may go out, in the order of the hands (handbook section 11). */
class StillNeededTest {

    private static Waiting waits(String name) {
        return switch (name) {
            case "apart" -> SetBackWaits.of(List.of(Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING));
            case "rested" -> RestWaits.of(new Rest(40, List.of(Step.OUTSIDE_LOOK, Step.BRAKE_RUNNING)));
            case "idle" -> StepHolds.of(StepHoldMatter.PERSON_HOLDS, Step.CONTROLS, List.of());
            case "lever" -> StepHolds.of(StepHoldMatter.STEP_FAILED, Step.BRAKE_LEVER, List.of());
            case "dry" -> OilWaits.of(OilMatter.NOT_OILING, 0.05);
            case "no set" -> TensionWaits.of(TensionMatter.NO_SET_FITTED);
            case "band" -> FindingHolds.of(Finding.BAND_CRACKED, List.of(Need.ending(Finding.CUTTER_MISSING)));
            case "burr" -> FindingWaits.of(Finding.BURR);
            default -> throw new IllegalArgumentException(name);
        };
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // Whatever names it first, it runs last, and the brake before all else that runs.
                "idle, apart         | REFIT TENSION NUTS BRAKE_RUNNING CONTROLS",
                "dry, idle, lever    | BRAKE_LEVER CONTROLS OIL_CARD",
                // Each once.
                "apart, rested       | REFIT TENSION NUTS OUTSIDE_LOOK BRAKE_RUNNING",
                "rested, apart       | OUTSIDE_LOOK REFIT TENSION NUTS BRAKE_RUNNING",
                "no set              | REPLACE_CHAIN",
                "band                | REPLACE_CHAIN",
                // What only waits holds nothing.
                "burr                | ''",
            })
    void inTheOrderOfTheHands(String work, String steps) {
        List<Need> needs = StillNeeded.of(
                Stream.of(work.split(", ")).map(StillNeededTest::waits).toList());
        assertThat(String.join(
                        " ", needs.stream().map(need -> need.step().name()).toList()))
                .isEqualTo(steps);
    }

    /** What names no more than its step wants that step passed; a set that is missing wants parts. */
    @ParameterizedTest
    @CsvSource({"no set, NEW_PART", "dry, PASS", "band, NEW_PART", "apart, PASS"})
    void eachSaysWhatKindOfProofItIs(String work, Need.NeedKind kind) {
        assertThat(StillNeeded.of(List.of(waits(work)))).isNotEmpty().allMatch(need -> need.kind() == kind);
    }
}
