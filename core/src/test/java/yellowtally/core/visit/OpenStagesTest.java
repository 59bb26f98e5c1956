package yellowtally.core.visit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;

class OpenStagesTest {

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "MAKE_SAFE,                       -",
                "MAKE_SAFE CLEAN_COVER,           COVER_OFF",
                "CLEAN_COVER GROOVE,              COVER_OFF BAR_OFF",
                "GROOVE BEARING,                  COVER_OFF BAR_OFF DRUM_OFF",
                "GROOVE BEARING REFIT,            COVER_OFF",
                "GROOVE REFIT TENSION,            -",
                "GROOVE AIR_FILTER TENSION NUTS,  TOP_COVER_OFF",
                "GROOVE TANKS FILL,               -",
                "AIR_FILTER BRAKE_RUNNING,        -",
            })
    void readOffTheStepsOfAVisit(String done, String open) {
        List<Step> steps = Arrays.stream(done.split(" ")).map(Step::valueOf).toList();
        Set<Stage> expected = open == null
                ? Set.of()
                : Arrays.stream(open.split(" ")).map(Stage::valueOf).collect(Collectors.toSet());
        assertThat(OpenStages.after(steps)).isEqualTo(expected);
    }
}
