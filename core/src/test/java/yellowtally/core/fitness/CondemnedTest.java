package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Subject;

/** A part that was condemned is out of use until its own step says otherwise (handbook section 11). */
class CondemnedTest {

    @ParameterizedTest
    @CsvSource({
        "CHAIN,    RIVET_OPEN,        true",
        "BAR,      RIVET_OPEN,        false",
        "CHAIN,    CUTTERS_DULL,      false",
        "BAR,      NOSE_SEIZED,       true",
        "SPROCKET, SPROCKET_WORN_OUT, true",
        "SPROCKET, SPROCKET_PLAN,     false",
    })
    void aFindingCondemnsItsOwnPartOnly(Subject part, Finding finding, boolean condemned) {
        assertThat(Condemned.findings(part).contains(finding)).isEqualTo(condemned);
    }

    @Test
    void aSawIsNeverCondemnedInAStep() {
        assertThat(Condemned.findings(Subject.SAW)).isEmpty();
    }
}
