package yellowtally.core.bar;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.settings.Numbers;

class BarRulesTest {

    private static final Numbers STANDARD = Numbers.STANDARD;

    @ParameterizedTest
    @CsvSource({
        "EVERY_SHARPENING,       0, 1, false, false, true",
        "EVERY_SHARPENING,       3, 0, false, true,  false",
        "EVERY_OTHER_SHARPENING, 1, 1, true,  true,  false",
        "EVERY_OTHER_SHARPENING, 2, 2, false, false, true",
        "EACH_NEW_CHAIN,         0, 9, false, false, false",
        "EACH_NEW_CHAIN,         1, 1, true,  true,  true",
    })
    void threeSchoolsOfTurningABarOver(
            FlipSchool school, int turns, int sharpenings, boolean newChain, boolean turned, boolean turnNow) {
        BarFlip flip = BarFlip.of(school, turns, sharpenings, newChain);
        assertThat(flip.turned()).isEqualTo(turned);
        assertThat(flip.turnNow()).isEqualTo(turnNow);
    }

    /** The outing that has just ended is due and not missed. */
    @ParameterizedTest
    @CsvSource({"0, 0, false", "1, 0, false", "3, 2, false", "4, 3, true", "9, 8, true"})
    void afterTwoMissedShotsTheHoleIsClearedFirst(int outings, int missed, boolean clear) {
        assertThat(NoseGrease.of(outings, STANDARD)).isEqualTo(new NoseGrease(missed, clear));
    }

    @Test
    void bluingNamesWhatTheRecordsSpeakFor() {
        assertThat(Bluing.suspects(new Bluing.Known(0.4, false, false, false))).isEmpty();
        assertThat(Bluing.suspects(new Bluing.Known(1.7, false, true, true)))
                .containsExactly(Bluing.BluedBy.DRY, Bluing.BluedBy.TIGHT, Bluing.BluedBy.DULL);
        assertThat(Bluing.suspects(new Bluing.Known(0.2, true, false, false))).containsExactly(Bluing.BluedBy.DULL);
    }

    /** Worked example: depth 7.1 mm, tang 5.5 mm; the way to 0.5 mm clearance is 1.1 mm. */
    @ParameterizedTest
    @CsvSource({"0.15, 7", "0.25, 4", "0.11, 10"})
    void dressingsLeftByWhatOneCosts(double cost, int left) {
        assertThat(GrooveClearance.of(7.1, 5.5, cost, STANDARD).dressingsLeft()).isEqualTo(left);
    }

    @Test
    void whatADressingCostsIsLearnedFromTwo() {
        assertThat(DressingCost.learned(List.of(0.2), STANDARD)).isEqualTo(new DressingCost(0.15, 0));
        assertThat(DressingCost.learned(List.of(0.2, 0.1, 0.22, -0.05), STANDARD))
                .isEqualTo(new DressingCost(0.2, 3));
    }

    /** A greasable nose each time or never; from the rim one without a hole too; a solid one never. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "EACH_USE, GREASABLE_SPROCKET, true",
                "EACH_USE, SEALED_SPROCKET,    false",
                "FROM_RIM, GREASABLE_SPROCKET, true",
                "FROM_RIM, SEALED_SPROCKET,    true",
                "FROM_RIM, SOLID,              false",
                "NEVER,    GREASABLE_SPROCKET, false",
                "EACH_USE, -,                  false",
            })
    void whichNosesGetGrease(NosePolicy policy, NoseKind nose, boolean greased) {
        assertThat(policy.greases(nose)).isEqualTo(greased);
    }
}
