package yellowtally.core.steps;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class StepTest {

    /** A crew reads its tension, looks and fills out there every day; what files or opens the set asks for a word. */
    @ParameterizedTest
    @CsvSource({
        "SHARPEN,       true",
        "DEPTH_GAUGES,  true",
        "REPLACE_CHAIN, true",
        "GROOVE,        true",
        "CLEAN_COVER,   true",
        "TENSION,       false",
        "OUTSIDE_LOOK,  false",
        "FILL,          false",
        "AIR_FILTER,    false",
        "BRAKE_RUNNING, false",
    })
    void workOnTheSet(Step step, boolean ofTheSet) {
        assertThat(step.ofTheSet()).isEqualTo(ofTheSet);
    }

    @ParameterizedTest
    @EnumSource(Step.class)
    void whateverTakesTheSetApartIsWorkOnIt(Step step) {
        if (step.takesApart() || step.replaces() != null) {
            assertThat(step.ofTheSet()).isTrue();
        }
    }
}
