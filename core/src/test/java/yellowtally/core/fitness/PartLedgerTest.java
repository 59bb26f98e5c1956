package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowtally.core.schedule.Uses.at;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.edge.SidesOfLoop;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Subject;
import yellowtally.core.wear.UseAccount.Reading;

/** What was measured on a set, put together. */
class PartLedgerTest {

    private static MeasureEntry entry(String record, int day, Measure measure, double mm) {
        return new MeasureEntry(0, record, measure, at(day, 9), mm);
    }

    private static PartLedger of(List<Instant> dressings, MeasureEntry... measures) {
        return PartLedger.of(List.of(measures), dressings, List.of(), LoopsRun.NONE, null);
    }

    @Test
    void theShortestCutterOfARecordIsItsReading() {
        PartLedger ledger = of(
                List.of(),
                entry("b", 5, Measure.RIGHT_SHORTEST, 7.1),
                entry("b", 5, Measure.LEFT_SHORTEST, 7.3),
                entry("b", 5, Measure.LEFT_LONGEST, 7.9),
                entry("a", 2, Measure.SHORTEST_CUTTER, 7.8));
        assertThat(ledger.cutterReadings()).containsExactly(new Reading(at(2, 9), 7.8), new Reading(at(5, 9), 7.1));
        assertThat(ledger.latestCutterMm()).contains(7.1);
        assertThat(PartLedger.EMPTY.latestCutterMm()).isEmpty();
    }

    @Test
    void sidesAreComparedOnlyWhereBothWereMeasured() {
        PartLedger ledger = of(
                List.of(),
                entry("a", 2, Measure.LEFT_SHORTEST, 7.6),
                entry("a", 2, Measure.LEFT_LONGEST, 7.8),
                entry("b", 4, Measure.LEFT_SHORTEST, 7.4),
                entry("b", 4, Measure.LEFT_LONGEST, 7.6),
                entry("b", 4, Measure.RIGHT_SHORTEST, 7.1),
                entry("b", 4, Measure.RIGHT_LONGEST, 7.3));
        assertThat(ledger.sideDifferences())
                .singleElement()
                .satisfies(mm -> assertThat(mm).isCloseTo(0.3, within(1e-9)));
        assertThat(ledger.sides(0.06).leftLessRightMm()).isCloseTo(0.3, within(1e-9));
        assertThat(ledger.sides(0.06).spreadMm()).isCloseTo(0.2, within(1e-9));
    }

    /** What was measured after filing is the newer word; a loop brought to one length accuses no side. */
    @Test
    void lengthsAfterFilingCountBeforeThoseAsTheyWereFound() {
        MeasureEntry[] found = {
            entry("a", 2, Measure.LEFT_SHORTEST, 7.6),
            entry("a", 2, Measure.LEFT_LONGEST, 7.8),
            entry("a", 2, Measure.RIGHT_SHORTEST, 7.1),
            entry("a", 2, Measure.RIGHT_LONGEST, 7.3),
            entry("a", 2, Measure.STROKES_LEFT, 10),
            entry("a", 2, Measure.STROKES_RIGHT, 2),
        };
        assertThat(of(List.of(), found).sides(0.06).leftLessRightMm()).isCloseTo(0.5 - 8 * 0.06, within(1e-9));
        List<MeasureEntry> more = new ArrayList<>(List.of(found));
        more.add(entry("a", 2, Measure.FILED_LEFT, 7.2));
        more.add(entry("a", 2, Measure.FILED_RIGHT, 7.1));
        assertThat(of(List.of(), more.toArray(MeasureEntry[]::new)).sides(0.06).leftLessRightMm())
                .isCloseTo(0.1, within(1e-9));
        more.add(entry("b", 3, Measure.EQUALISED_LENGTH, 7.0));
        assertThat(of(List.of(), more.toArray(MeasureEntry[]::new)).sides(0.06)).isEqualTo(SidesOfLoop.EVEN);
    }

    /** One bad cutter of 6.1 that was left out: the loop is as long as the rest, no side is accused, no stroke took a millimetre. */
    @ParameterizedTest
    @CsvSource({"true, 7.2, 0, 0.2, 0", "false, 6.1, -0.6, 1.2, 1"})
    void aShortCutterThatWasLeftOutStandsForItselfAlone(
            boolean leftOut, double shortest, double leftLess, double spread, int rates) {
        List<MeasureEntry> sample = List.of(
                entry("a", 2, Measure.LEFT_SHORTEST, 6.1),
                entry("a", 2, Measure.LEFT_LONGEST, 7.3),
                entry("a", 2, Measure.RIGHT_SHORTEST, 7.2),
                entry("a", 2, Measure.RIGHT_LONGEST, 7.4),
                entry("a", 2, Measure.STROKES_LEFT, 3),
                entry("a", 2, Measure.STROKES_RIGHT, 3));
        assertThat(leftOut(leftOut, sample).latestCutterMm()).contains(shortest);
        assertThat(leftOut(leftOut, sample).sides(0.06).leftLessRightMm()).isCloseTo(leftLess, within(1e-9));
        assertThat(leftOut(leftOut, sample).sides(0.06).spreadMm()).isCloseTo(spread, within(1e-9));
        List<MeasureEntry> filed = new ArrayList<>(sample);
        filed.add(entry("a", 2, Measure.FILED_SHORTEST, 5.9));
        assertThat(leftOut(leftOut, filed).filingRates()).hasSize(rates);
        assertThat(leftOut(leftOut, filed).latestCutterMm()).contains(5.9);
    }

    private static PartLedger leftOut(boolean leftOut, List<MeasureEntry> measures) {
        return PartLedger.of(measures, leftOut ? Set.of("a") : Set.of(), List.of(), List.of(), LoopsRun.NONE, null);
    }

    /** Measured again after filing: that is its length, though it was found shorter by a slip of the gauge. */
    @Test
    void theLengthAfterFilingIsTheNewest() {
        PartLedger ledger = of(
                List.of(),
                entry("a", 2, Measure.FILED_SHORTEST, 7.0),
                entry("a", 2, Measure.LEFT_SHORTEST, 6.9),
                entry("a", 2, Measure.RIGHT_SHORTEST, 7.1));
        assertThat(ledger.latestCutterMm()).contains(7.0);
    }

    /** What a stroke took: the shortest cutter before less after, over the strokes of its side. */
    @Test
    void aSharpeningThatMeasuredBeforeAndAfterTellsWhatAStrokeTakes() {
        PartLedger ledger = of(
                List.of(),
                entry("a", 2, Measure.LEFT_SHORTEST, 7.6),
                entry("a", 2, Measure.RIGHT_SHORTEST, 7.3),
                entry("a", 2, Measure.FILED_SHORTEST, 7.0),
                entry("a", 2, Measure.STROKES_LEFT, 9),
                entry("a", 2, Measure.STROKES_RIGHT, 3),
                entry("b", 4, Measure.LEFT_SHORTEST, 6.9),
                entry("b", 4, Measure.RIGHT_SHORTEST, 6.9),
                entry("b", 4, Measure.STROKES_LEFT, 3),
                entry("b", 4, Measure.STROKES_RIGHT, 3));
        assertThat(ledger.filingRates()).hasSize(1);
        assertThat(ledger.filingRates().get("a")).isCloseTo(0.1, within(1e-9));
    }

    /** Each dressing since the groove was measured costs its share (est.) until it is measured again: 6.8 less tang 5.5. */
    @ParameterizedTest
    @CsvSource({"0, 6.8, 5", "2, 6.5, 3", "5, 6.05, 0", "9, 5.45, 0"})
    void dressingsAreSubtractedUntilTheGrooveIsMeasuredAgain(int dressings, double depth, int left) {
        List<Instant> after = new ArrayList<>();
        for (int i = 0; i < dressings; i++) {
            after.add(at(5 + i, 9));
        }
        after.add(at(1, 9));
        PartLedger ledger = of(after, entry("g", 3, Measure.GROOVE_DEPTH, 6.8));
        assertThat(ledger.grooveNowMm(Numbers.STANDARD).orElseThrow()).isCloseTo(depth, within(1e-9));
        assertThat(ledger.dressingsLeft(5.5, Numbers.STANDARD)).contains(left);
        assertThat(PartLedger.EMPTY.dressingsLeft(5.5, Numbers.STANDARD)).isEmpty();
    }

    /** Depths 8.0 on day 2, 7.8 on day 6, 7.5 on day 10: a cost is read only where one dressing lies between. */
    @ParameterizedTest
    @CsvSource({
        "'4;8',       2, 0.3",
        "'4',         0, 0.15",
        "'4;5;8',     0, 0.15",
        "'',          0, 0.15",
        "'8;4',       2, 0.3",
        "'1;4;8;20',  2, 0.3",
    })
    void whatADressingCosts(String days, int dressings, double mm) {
        List<Instant> dressed = new ArrayList<>();
        for (String day : days.split(";")) {
            if (!day.isEmpty()) {
                dressed.add(at(Integer.parseInt(day), 12));
            }
        }
        PartLedger ledger = of(
                dressed,
                entry("a", 2, Measure.GROOVE_DEPTH, 8.0),
                entry("b", 6, Measure.GROOVE_DEPTH, 7.8),
                entry("c", 10, Measure.GROOVE_DEPTH, 7.5));
        assertThat(ledger.dressingCost(Numbers.STANDARD).dressings()).isEqualTo(dressings);
        assertThat(ledger.dressingCost(Numbers.STANDARD).mm()).isCloseTo(mm, within(1e-9));
    }

    /** A step that takes no figure of wear is not read over a life: what only counts says nothing of what is left. */
    @ParameterizedTest
    @CsvSource({
        "CHAIN,    CHAIN_LOOK SHARPEN EQUALISE DEPTH_GAUGES",
        "BAR,      GROOVE RAILS",
        "SPROCKET, SPROCKET",
        "SAW,      BRAKE_BAND",
    })
    void theStepsThatTellOfWear(Subject part, String steps) {
        assertThat(PartLedger.steps(part).stream().map(Enum::name).collect(Collectors.joining(" ")))
                .isEqualTo(steps);
    }
}
