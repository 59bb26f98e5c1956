package yellowtally.core.judging;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import yellowtally.core.bar.NosePolicy;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.edge.FilingSchool;
import yellowtally.core.edge.GaugeSchool;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.Schools;
import yellowtally.core.oiling.OilGrade;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Profiles;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepKind;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepRefusal;
import yellowtally.core.steps.StepRefusal.Reason;
import yellowtally.core.steps.StepReport;

class StepJudgeTest {

    private final StepJudge judge = new StepJudge(Profiles.petrol(), Numbers.STANDARD);

    private static StepReport fine(Map<Measure, Double> figures) {
        return new StepReport(StepOutcome.FINE, Set.of(), figures);
    }

    private static StepReport found(StepOutcome said, Finding... findings) {
        return new StepReport(said, Set.of(findings), Map.of());
    }

    /** Limits of handbook sections 4, 5, 6, 8 and 9 for .325" chain in a .050" groove: tang 5.5 mm, gauge setting 0.65 mm. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "GROOVE_DEPTH,    7.1,  FINE,   -",
                "GROOVE_DEPTH,    6.5,  FINE,   -",
                "GROOVE_DEPTH,    6.49, ATTEND, GROOVE_WATCH",
                "GROOVE_DEPTH,    6.0,  FAIL,   GROOVE_WORN_OUT",
                "GROOVE_DEPTH,    5.2,  FAIL,   GROOVE_WORN_OUT",
                "GROOVE_WIDTH,    1.57, FINE,   -",
                "GROOVE_WIDTH,    1.58, FAIL,   GROOVE_WIDE",
                "RAIL_DIFFERENCE, 0.24, FINE,   -",
                "RAIL_DIFFERENCE, 0.25, ATTEND, RAILS_UNEVEN",
                "RAIL_DIFFERENCE, 0.8,  ATTEND, RAILS_UNEVEN",
                "RAIL_DIFFERENCE, 0.81, FAIL,   RAILS_SPENT",
                "SPROCKET_WEAR,   0.29, FINE,   -",
                "SPROCKET_WEAR,   0.3,  ATTEND, SPROCKET_PLAN",
                "SPROCKET_WEAR,   0.5,  ATTEND, SPROCKET_WORN_OUT",
                "BAND_THICKNESS,  0.6,  FINE,   -",
                "BAND_THICKNESS,  0.59, FAIL,   BAND_THIN",
                "SHORTEST_CUTTER, 4.1,  FINE,   -",
                "SHORTEST_CUTTER, 4.0,  FAIL,   CUTTER_PAST_MARK",
                "GAUGE_SETTING,   0.49, ATTEND, GAUGES_HIGH",
                "GAUGE_SETTING,   0.50, FINE,   -",
                "GAUGE_SETTING,   0.79, FINE,   -",
                "GAUGE_SETTING,   0.80, FAIL,   GAUGES_LOW",
                "GAUGE_SETTING,   0.94, FAIL,   GAUGES_LOW",
                "GAUGE_SETTING,   0.95, FAIL,   GAUGES_KICKBACK",
                "FUEL_AGE,        29,   FINE,   -",
                "FUEL_AGE,        30,   ATTEND, FUEL_OLD",
            })
    void figuresSpeakForThemselves(Measure measure, double figure, StepOutcome outcome, Finding finding) {
        StepVerdict verdict = judge.verdict(measure.step(), fine(Map.of(measure, figure)));
        assertThat(verdict.outcome()).isEqualTo(outcome);
        assertThat(verdict.findings()).isEqualTo(finding == null ? List.of() : List.of(finding));
    }

    /** Clearance 1.6 mm at 0.15 mm each leaves (1.6 - 0.5) / 0.15 = 7 dressings, as in handbook section 5. */
    @Test
    void saysTheDressingsLeft() {
        StepVerdict verdict = judge.verdict(Step.GROOVE, fine(Map.of(Measure.GROOVE_DEPTH, 7.1)));
        assertThat(verdict.clearanceMm()).isEqualTo(1.6);
        assertThat(verdict.dressingsLeft()).isEqualTo(7);
    }

    @ParameterizedTest
    @CsvSource({
        "BURR, DRESS_RAILS",
        "BLUING, BLUING_CAUSE",
        "BLUED_BY_DULL_CHAIN, SHARPEN",
        "BLUED_BY_TIGHT_CHAIN, TENSION",
        "BLUED_BY_NO_OIL, OIL_CARD",
        "CUTTERS_STRUCK, SHARPEN",
        "STRAP_CRACKED, REPLACE_CHAIN",
        "NOSE_SEIZED, REPLACE_BAR",
        "CHAIN_NOT_STOPPED, BRAKE_BAND",
        "OIL_NONE, GROOVE",
    })
    void aFindingOpensWhatItCallsFor(Finding finding, Step opened) {
        assertThat(judge.verdict(finding.step(), found(StepOutcome.FINE, finding))
                        .opens())
                .containsExactly(opened);
    }

    /** With no dressing left uneven rails mean a new bar; tips that touch the bottom do so by eye. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "-, RAILS_UNEVEN, DRESS_RAILS",
                "1, RAILS_UNEVEN, DRESS_RAILS",
                "0, RAILS_WITHOUT_ROOM, REPLACE_BAR"
            })
    void unevenRailsWithoutRoomMeanANewBar(Integer left, Finding found, Step opened) {
        SawProfile saw = Profiles.petrol(OilerKind.AUTOMATIC_ADJUSTABLE, left);
        StepVerdict verdict =
                new StepJudge(saw, Numbers.STANDARD).verdict(Step.RAILS, fine(Map.of(Measure.RAIL_DIFFERENCE, 0.4)));
        assertThat(verdict.findings()).containsExactly(found);
        assertThat(verdict.opens()).containsExactly(opened);
        assertThat(judge.verdict(Step.GROOVE, found(StepOutcome.FINE, Finding.TIPS_TOUCH_BOTTOM))
                        .opens())
                .contains(Step.REPLACE_BAR);
    }

    /** The grade is asked for while the oil is filled, by the cold of the day. */
    @ParameterizedTest
    @CsvSource({"-12, THIN_WINTER", "0, THIRTY", "24, THIRTY"})
    void theGradeFollowsTheDay(double celsius, OilGrade grade) {
        assertThat(judge.verdict(Step.FILL, fine(Map.of(Measure.AIR_TEMPERATURE, celsius)))
                        .oilGrade())
                .isEqualTo(grade);
        assertThat(judge.verdict(Step.FILL, fine(Map.of())).oilGrade()).isNull();
    }

    /** Bringing all cutters to one length lowers them: the gauges are read in the same visit. */
    @Test
    void equalisingOpensTheGauges() {
        assertThat(judge.verdict(Step.EQUALISE, fine(Map.of(Measure.EQUALISED_LENGTH, 7.0)))
                        .opens())
                .containsExactly(Step.DEPTH_GAUGES);
    }

    /** Hooks worn round condemn the sprocket too: new chain, new sprocket, and the bearing that is new with it. */
    @Test
    void roundedHooksOpenChainSprocketAndBearing() {
        assertThat(judge.verdict(Step.CHAIN_LOOK, found(StepOutcome.FINE, Finding.HOOKS_ROUNDED))
                        .opens())
                .containsExactlyInAnyOrder(Step.REPLACE_CHAIN, Step.REPLACE_SPROCKET, Step.BEARING);
    }

    /** Read on both sides, highest and lowest: one too high beside one too low is both; a side left out is asked for. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "0.60 | 0.70 | 0.62 | 0.66 | FINE   | -                        | -",
                "0.45 | 0.70 | 0.62 | 0.66 | ATTEND | GAUGES_HIGH              | -",
                "0.60 | 0.70 | 0.62 | 0.82 | FAIL   | GAUGES_LOW               | -",
                "0.45 | 0.70 | 0.62 | 0.97 | FAIL   | GAUGES_HIGH GAUGES_KICKBACK | -",
                "0.60 | 0.70 | 0.62 | -    | -      | -                        | FIGURE_MISSING",
                "0.75 | 0.70 | 0.62 | 0.66 | -      | -                        | SHORTEST_OVER_LONGEST",
                "-    | -    | -    | -    | -      | -                        | FIGURE_MISSING",
            })
    void gaugesAreReadOnBothSides(
            Double leftLeast,
            Double leftMost,
            Double rightLeast,
            Double rightMost,
            StepOutcome outcome,
            String found,
            StepRefusal.Reason refused) {
        Map<Measure, Double> figures = new EnumMap<>(Measure.class);
        put(figures, Measure.GAUGE_LEFT_LEAST, leftLeast);
        put(figures, Measure.GAUGE_LEFT_MOST, leftMost);
        put(figures, Measure.GAUGE_RIGHT_LEAST, rightLeast);
        put(figures, Measure.GAUGE_RIGHT_MOST, rightMost);
        assertThat(judge.refusal(Step.DEPTH_GAUGES, fine(figures), false).map(StepRefusal::reason))
                .isEqualTo(Optional.ofNullable(refused));
        if (refused == null) {
            StepVerdict verdict = judge.verdict(Step.DEPTH_GAUGES, fine(figures));
            assertThat(verdict.outcome()).isEqualTo(outcome);
            assertThat(verdict.findings().stream().map(Finding::name))
                    .containsExactly(found == null ? new String[0] : found.split(" "));
            assertThat(verdict.opens().contains(Step.SHARPEN)).isEqualTo(outcome == StepOutcome.FAIL);
            assertThat(verdict.fileBack() != null).isEqualTo(outcome == StepOutcome.FAIL);
        }
    }

    private static void put(Map<Measure, Double> figures, Measure measure, Double figure) {
        if (figure != null) {
            figures.put(measure, figure);
        }
    }

    /** One removal for all: what was learned at the vice is what the bench asks for. 0.30 mm longer on the left. */
    @ParameterizedTest
    @CsvSource({"0.06, 7, 34", "0.12, 5, 17"})
    void theStrokesAreReckonedWithWhatWasLearned(double removal, int mostStrokes, int struck) {
        StepJudge learned = new StepJudge(Profiles.petrol(), Numbers.STANDARD, removal);
        Map<Measure, Double> sample = new EnumMap<>(Map.of(
                Measure.STROKES_LEFT, 3.0,
                Measure.STROKES_RIGHT, 3.0,
                Measure.LEFT_SHORTEST, 7.3,
                Measure.LEFT_LONGEST, 7.3,
                Measure.RIGHT_SHORTEST, 7.0,
                Measure.RIGHT_LONGEST, 7.0));
        assertThat(learned.verdict(Step.SHARPEN, fine(sample)).plan().cutters().stream()
                        .mapToInt(cutter -> cutter.strokes())
                        .max())
                .hasValue(2);
        sample.put(Measure.LEFT_LONGEST, 7.6);
        sample.put(Measure.LEFT_SHORTEST, 7.3);
        assertThat(learned.verdict(Step.SHARPEN, fine(sample)).plan().cutters().stream()
                        .filter(cutter -> cutter.mm() == 7.3)
                        .mapToInt(cutter -> cutter.strokes())
                        .max())
                .hasValue(mostStrokes);
        // Struck 2 mm deep: strokes for that, on every cutter.
        sample.put(Measure.DAMAGE_DEPTH, 2.0);
        StepVerdict hit = learned.verdict(Step.SHARPEN, fine(sample));
        assertThat(hit.fileBack().strokes()).isEqualTo(struck);
        assertThat(hit.plan().cutters()).allMatch(cutter -> cutter.strokes() >= struck);
    }

    @ParameterizedTest
    @EnumSource(Finding.class)
    void aFindingNeverMakesAStepBetterThanWhatWasSaid(Finding finding) {
        for (StepOutcome said : StepOutcome.values()) {
            StepOutcome made =
                    judge.verdict(finding.step(), found(said, finding)).outcome();
            assertThat(made).isGreaterThanOrEqualTo(said);
            assertThat(made).isGreaterThanOrEqualTo(finding.outcome(Profiles.petrol()));
        }
    }

    /** More wear never gets a better outcome. */
    @ParameterizedTest
    @EnumSource(
            value = Measure.class,
            names = {"RAIL_DIFFERENCE", "SPROCKET_WEAR", "GROOVE_WIDTH", "FUEL_AGE"})
    void moreWearIsNeverBetter(Measure measure) {
        StepOutcome before = StepOutcome.FINE;
        for (double figure = measure.min(); figure <= measure.max(); figure += (measure.max() - measure.min()) / 200) {
            StepOutcome now =
                    judge.verdict(measure.step(), fine(Map.of(measure, figure))).outcome();
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }

    @Test
    void aHoledScreenHoldsInTheFireSeasonOnly() {
        StepReport report = found(StepOutcome.FINE, Finding.SCREEN_HOLED);
        assertThat(judge.verdict(Step.ARRESTOR, report).outcome()).isEqualTo(StepOutcome.ATTEND);
        StepJudge inSeason = new StepJudge(Profiles.petrolInFireSeason(), Numbers.STANDARD);
        assertThat(inSeason.verdict(Step.ARRESTOR, report).outcome()).isEqualTo(StepOutcome.FAIL);
    }

    @Test
    void unequalStrokesAreSaid() {
        Map<Measure, Double> strokes = new HashMap<>(Map.of(Measure.STROKES_LEFT, 3.0, Measure.STROKES_RIGHT, 3.0));
        assertThat(judge.verdict(Step.SHARPEN, fine(strokes)).findings()).isEmpty();
        strokes.put(Measure.STROKES_RIGHT, 4.0);
        assertThat(judge.verdict(Step.SHARPEN, fine(strokes)).findings()).containsExactly(Finding.STROKES_UNEQUAL);
    }

    @ParameterizedTest
    @CsvSource({
        "GROOVE,       GROOVE_DEPTH,    0.9,  FIGURE_IMPOSSIBLE",
        "GROOVE,       GROOVE_DEPTH,    15.1, FIGURE_IMPOSSIBLE",
        "GROOVE,       SPROCKET_WEAR,   0.2,  FIGURE_NOT_OF_STEP",
        "SHARPEN,      STROKES_LEFT,    2.5,  FIGURE_IMPOSSIBLE",
        "SHARPEN,      STROKES_LEFT,    3,    FIGURE_MISSING",
        "FILL,         OIL_LEFT,        101,  FIGURE_IMPOSSIBLE",
        "RAILS,        RAIL_DIFFERENCE, -0.1, FIGURE_IMPOSSIBLE",
    })
    void refusesImpossibleFigures(Step step, Measure measure, double figure, Reason reason) {
        assertThat(judge.refusal(step, fine(Map.of(measure, figure)), false))
                .hasValueSatisfying(r -> assertThat(r.reason()).isEqualTo(reason));
    }

    @Test
    void refusesWhatTheStepCannotFind() {
        assertThat(judge.refusal(Step.GROOVE, found(StepOutcome.FAIL, Finding.BURR), false))
                .contains(new StepRefusal(Reason.FINDING_NOT_OF_STEP, null));
        assertThat(judge.refusal(Step.GROOVE, found(StepOutcome.FAIL, Finding.GROOVE_WIDE), false))
                .as("only a figure can say it")
                .contains(new StepRefusal(Reason.FINDING_NOT_OF_STEP, null));
        assertThat(judge.refusal(Step.BLUING_CAUSE, found(StepOutcome.FINE), true))
                .contains(new StepRefusal(Reason.CAUSE_MISSING, null));
        assertThat(judge.refusal(Step.NUTS, found(StepOutcome.FAIL), false))
                .contains(new StepRefusal(Reason.FINDING_OR_NOTE_MISSING, null));
        assertThat(judge.refusal(Step.NUTS, found(StepOutcome.FAIL), true)).isEmpty();
        StepJudge battery = new StepJudge(Profiles.battery(), Numbers.STANDARD);
        assertThat(battery.refusal(Step.PLUG, found(StepOutcome.FINE), false))
                .contains(new StepRefusal(Reason.STEP_DOES_NOT_APPLY, null));
    }

    /** A saw has only the steps of parts that it has. */
    @Test
    void stepsFollowTheParts() {
        assertThat(missing(Profiles.petrol())).containsExactlyInAnyOrder(Step.ELECTRIC_LOOK, Step.NEW_POWER_PART);
        assertThat(missing(Profiles.battery()))
                .containsExactlyInAnyOrder(
                        Step.NOSE_GREASE,
                        Step.BEARING,
                        Step.AIR_FILTER,
                        Step.TUNE,
                        Step.PLUG,
                        Step.NEW_SCREEN,
                        Step.ARRESTOR,
                        Step.NEW_ROPE,
                        Step.STARTER);
        assertThat(missing(Profiles.bare()))
                .contains(Step.GROOVE, Step.SHARPEN, Step.TENSION)
                .doesNotContain(Step.REPLACE_BAR, Step.REPLACE_CHAIN, Step.BRAKE_LEVER);
    }

    private static Set<Step> missing(SawProfile saw) {
        return Arrays.stream(Step.values()).filter(s -> !s.appliesTo(saw)).collect(Collectors.toSet());
    }

    /** Every look can be told in words: a finding exists for every step that can fail or attend. */
    @ParameterizedTest
    @EnumSource(
            value = Step.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"MAKE_SAFE", "TENSION", "REPLACE_SPROCKET", "REPLACE_BAR", "REPLACE_CHAIN"})
    void everyStepHasWordsForWhatItFinds(Step step) {
        boolean mends = step.kind() == StepKind.REPAIR;
        assertThat(Arrays.stream(Finding.values()).filter(f -> mends ? f.mendedBy() == step : f.step() == step))
                .isNotEmpty();
    }

    private static Map<Measure, Double> sample(double leftShortest, double leftLongest, double right) {
        Map<Measure, Double> figures = new HashMap<>(Map.of(Measure.STROKES_LEFT, 2.0, Measure.STROKES_RIGHT, 2.0));
        figures.put(Measure.LEFT_SHORTEST, leftShortest);
        figures.put(Measure.LEFT_LONGEST, leftLongest);
        figures.put(Measure.RIGHT_SHORTEST, right);
        figures.put(Measure.RIGHT_LONGEST, right);
        return figures;
    }

    /** Handbook section 4: curve over 0.3 mm, equalise over 0.6 mm, spread over 0.4 mm, the mark at 4.0 mm. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "7.1, 7.3, 7.2, FINE,   -",
                "7.5, 7.6, 7.2, ATTEND, SIDES_LEAD_IN_A_CURVE",
                "7.9, 8.0, 7.2, ATTEND, SIDES_FAR_APART",
                "7.0, 7.5, 7.2, ATTEND, SIDE_UNEVEN",
                "4.1, 4.2, 4.2, FAIL,   SHARPENED_PAST_MARK",
            })
    void aSampleOfCutterLengthsIsJudged(
            double leftShortest, double leftLongest, double right, StepOutcome outcome, Finding finding) {
        StepVerdict verdict = judge.verdict(Step.SHARPEN, fine(sample(leftShortest, leftLongest, right)));
        assertThat(verdict.outcome()).isEqualTo(outcome);
        assertThat(verdict.findings()).isEqualTo(finding == null ? List.of() : List.of(finding));
        assertThat(verdict.plan()).isNotNull();
        assertThat(verdict.opens().contains(Step.EQUALISE)).isEqualTo(outcome == StepOutcome.ATTEND);
    }

    @Test
    void aSampleIsWholeOrThereIsNone() {
        Map<Measure, Double> half = sample(7, 7.1, 7);
        half.remove(Measure.RIGHT_LONGEST);
        assertThat(judge.refusal(Step.SHARPEN, fine(half), false))
                .contains(new StepRefusal(Reason.SAMPLE_INCOMPLETE, Measure.RIGHT_LONGEST));
        assertThat(judge.refusal(Step.SHARPEN, fine(sample(7.2, 7.1, 7)), false))
                .contains(new StepRefusal(Reason.SHORTEST_OVER_LONGEST, Measure.LEFT_SHORTEST));
        assertThat(judge.refusal(Step.SHARPEN, fine(sample(7, 9.7, 7)), false))
                .contains(new StepRefusal(Reason.LONGER_THAN_NEW, Measure.LEFT_LONGEST));
        assertThat(judge.refusal(Step.SHARPEN, fine(sample(7, 7.1, 7)), false)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.3, 7.0, false", "3.0, 7.0, true"})
    void damageThatPassesTheMarkCondemnsTheLoop(double depth, double length, boolean scrap) {
        Map<Measure, Double> figures = sample(length, length, length);
        figures.put(Measure.DAMAGE_DEPTH, depth);
        assertThat(judge.verdict(Step.SHARPEN, fine(figures)).findings().contains(Finding.DAMAGE_PAST_MARK))
                .isEqualTo(scrap);
    }

    /** Progressive: 0.65 × (6.5 + 2.5) / 6.5 = 0.90 mm when 2.5 mm were filed off. */
    @Test
    void theProgressiveSchoolAimsDeeperOnAWornCutter() {
        SawProfile worn = Profiles.petrol(
                new Schools(FilingSchool.HAND_AND_MACHINE, GaugeSchool.PROGRESSIVE, false),
                LoopCutters.of(Pitch.P_325, 9.5, null, 7.0, Numbers.STANDARD));
        StepReport report = fine(Map.of(Measure.GAUGE_SETTING, 0.9));
        StepVerdict progressive = new StepJudge(worn, Numbers.STANDARD).verdict(Step.DEPTH_GAUGES, report);
        assertThat(progressive.findings()).isEmpty();
        assertThat(progressive.gaugeTargetMm()).isEqualTo(0.9);
        assertThat(judge.verdict(Step.DEPTH_GAUGES, report).findings()).containsExactly(Finding.GAUGES_LOW);
    }

    @ParameterizedTest
    @CsvSource({
        "REPLACE_SPROCKET, BEARING+CHAIN_LOOK",
        "REPLACE_CHAIN,    SPROCKET",
        "REPLACE_BAR,      GROOVE",
        "DRESS_RAILS,      ''",
    })
    void aNewPartCallsForWhatFollows(Step step, String follows) {
        Set<Step> expected = Arrays.stream(follows.split("\\+"))
                .filter(s -> !s.isEmpty())
                .map(Step::valueOf)
                .collect(Collectors.toSet());
        assertThat(judge.verdict(step, fine(Map.of())).opens()).isEqualTo(expected);
        assertThat(judge.verdict(step, found(StepOutcome.FAIL)).opens()).isEmpty();
    }

    @Test
    void dressingsAreCountedByWhatOneCostsOnThisBar() {
        SawProfile saw = Profiles.petrol();
        SawProfile learned = new SawProfile(
                saw.power(),
                saw.oiler(),
                true,
                true,
                saw.nose(),
                NosePolicy.EACH_USE,
                saw.gauge(),
                saw.pitch(),
                saw.tangMm(),
                false,
                saw.schools(),
                saw.cutters(),
                0.25,
                null);
        StepReport groove = fine(Map.of(Measure.GROOVE_DEPTH, 7.1));
        assertThat(judge.verdict(Step.GROOVE, groove).dressingsLeft()).isEqualTo(7);
        assertThat(new StepJudge(learned, Numbers.STANDARD)
                        .verdict(Step.GROOVE, groove)
                        .dressingsLeft())
                .isEqualTo(4);
    }
}
