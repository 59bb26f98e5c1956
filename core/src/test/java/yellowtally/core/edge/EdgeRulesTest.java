package yellowtally.core.edge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;

class EdgeRulesTest {

    private static final Numbers STANDARD = Numbers.STANDARD;

    @ParameterizedTest
    @CsvSource({
        "P_1_4,            false, 4.0, 30",
        "P_3_8_LOW_PROFILE,false, 4.0, 30",
        "P_325,            false, 4.8, 30",
        "P_3_8,            true,  5.2, 25",
        "P_404,            true,  5.5, 25",
    })
    void fileAndAngleByPitchAndWood(Pitch pitch, boolean hard, double file, double angle) {
        FileChoice choice = FileChoice.of(pitch, null, 30, 10, hard, STANDARD);
        assertThat(choice).isEqualTo(new FileChoice(file, angle, 10));
    }

    /** Its maker may ask for another file than its pitch. */
    @Test
    void theFileIsThatOfTheLoop() {
        assertThat(FileChoice.of(Pitch.P_3_8, 5.5, 30, 0, false, STANDARD).fileMm())
                .isEqualTo(5.5);
    }

    @Test
    void aChainThatAsksForLessThanTheHardAngleKeepsIt() {
        assertThat(FileChoice.of(Pitch.P_325, null, 20, 0, true, STANDARD).angleDegrees())
                .isEqualTo(20);
    }

    /** Both schools of handbook section 4; progressive is s0 × (6.5 + wear) / 6.5. */
    @ParameterizedTest
    @CsvSource({
        "P_325, FIXED,       false, 3.0, 0.65",
        "P_3_8, FIXED,       false, 0.0, 0.65",
        "P_3_8, FIXED,       true,  0.0, 0.75",
        "P_325, FIXED,       true,  0.0, 0.65",
        "P_404, FIXED,       false, 5.0, 0.80",
        "P_325, PROGRESSIVE, false, 0.0, 0.65",
        "P_325, PROGRESSIVE, false, 2.6, 0.91",
        "P_3_8, PROGRESSIVE, true,  1.3, 0.90",
    })
    void gaugeTargetByBothSchools(Pitch pitch, GaugeSchool school, boolean soft, double wear, double target) {
        Schools schools = new Schools(FilingSchool.HAND_AND_MACHINE, school, soft);
        assertThat(GaugeTarget.of(pitch, schools, wear, STANDARD)).isCloseTo(target, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({
        "0.49, FILE",
        "0.50, GOOD",
        "0.65, GOOD",
        "0.79, GOOD",
        "0.80, TOO_LOW",
        "0.94, TOO_LOW",
        "0.95, KICKBACK_RISK",
    })
    void gaugeVerdictOnBothSides(double setting, DepthGauge verdict) {
        assertThat(DepthGauge.of(setting, 0.65, STANDARD)).isEqualTo(verdict);
    }

    @Test
    void aLowerGaugeNeverGetsAMilderVerdict() {
        DepthGauge before = DepthGauge.FILE;
        for (int hundredths = 0; hundredths <= 200; hundredths++) {
            DepthGauge now = DepthGauge.of(hundredths / 100.0, 0.65, STANDARD);
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }

    @Test
    void whatAStrokeTakesIsLearnedFromTheChainThenItsPitch() {
        FilingRate nothing = FilingRate.learned(List.of(), List.of(), STANDARD);
        assertThat(nothing).isEqualTo(new FilingRate(0.06, FilingRate.RateSource.ESTIMATE, 0, null));
        FilingRate pitch = FilingRate.learned(List.of(0.05), List.of(0.07, 0.09, 0.08), STANDARD);
        assertThat(pitch.source()).isEqualTo(FilingRate.RateSource.PITCH);
        assertThat(pitch.mm()).isEqualTo(0.08);
        FilingRate chain = FilingRate.learned(List.of(0.05, 0.04), List.of(0.07, 0.09, 0.08), STANDARD);
        assertThat(chain.source()).isEqualTo(FilingRate.RateSource.CHAIN);
        assertThat(chain.mm()).isCloseTo(0.045, within(1e-9));
        assertThat(chain.range().low()).isEqualTo(0.04);
    }

    @Test
    void aFilingThatTookNothingOrFarTooMuchTeachesNothing() {
        assertThat(FilingRate.learned(List.of(0.0, 0.9, -0.1, 0.05), List.of(), STANDARD)
                        .source())
                .isEqualTo(FilingRate.RateSource.ESTIMATE);
    }

    @ParameterizedTest
    @CsvSource({"68, STANDARD, 34", "72, HALF_SKIP, 29", "84, SKIP, 28", "114, STANDARD, 57"})
    void cuttersOfALoop(int driveLinks, CutterSequence sequence, int cutters) {
        assertThat(sequence.cutters(driveLinks)).isEqualTo(cutters);
    }

    @ParameterizedTest
    @CsvSource({"9.5, 100", "6.75, 50", "4.0, 0", "3.2, 0", "9.7, 100"})
    void lifeIsFullWhenNewAndNothingAtTheMark(double latest, double percent) {
        assertThat(LoopCutters.of(Pitch.P_325, 9.5, null, latest, STANDARD).percentLeft())
                .isCloseTo(percent, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "0,  7.2,  9.5, -",
                "33, 9.6,  9.5, -",
                "33, 9.61, 9.5, LONGER_THAN_NEW",
                "5,  9.61, -,   -",
                "5,  12.6, -,   LONGER_THAN_NEW",
                "34, 7.2,  9.5, NO_SUCH_CUTTER",
                "-1, 7.2,  9.5, NO_SUCH_CUTTER",
                "3,  0.2,  9.5, IMPOSSIBLE",
                "3,  NaN,  9.5, IMPOSSIBLE",
            })
    void whatCannotBeACutterIsRefused(int place, double mm, Double newMm, PlanRefusal.Reason reason) {
        LoopCutters known = LoopCutters.of(Pitch.P_325, newMm, null, null, STANDARD);
        assertThat(CutterReading.refusal(place, mm, 34, known)
                        .map(PlanRefusal::reason)
                        .orElse(null))
                .isEqualTo(reason);
    }

    @Test
    void aSampleGivesStrokesForShortestAndLongest() {
        SharpeningPlan plan = new EdgeSample(7.2, 7.3, 7.6, 7.8).plan(false, 0.06, 4, 4.0, STANDARD);
        // Means 7.25 and 7.7: 0.45 mm apart, so it leads to the right; dull: four base strokes.
        assertThat(plan.balance().leadsTo()).isEqualTo(Side.RIGHT);
        assertThat(plan.cutters().stream().map(SharpeningPlan.CutterStrokes::strokes))
                .containsExactly(4, 11, 6, 14);
    }
}
