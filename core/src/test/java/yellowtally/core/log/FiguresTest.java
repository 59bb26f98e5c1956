package yellowtally.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.steps.Measure;

/** Parts do not heal (handbook section 11, rule 7). */
class FiguresTest {

    /** One figure a day; {@code +} before it: something was worked on the same morning that may better it. */
    private static Figures of(Measure measure, String story) {
        List<MeasureEntry> entries = new ArrayList<>();
        List<Instant> dressings = new ArrayList<>();
        int day = 1;
        for (String word : story.strip().split(" ")) {
            if (word.startsWith("+")) {
                dressings.add(at(day, 8));
                entries.add(new MeasureEntry(day * 10, "work " + day, Measure.STROKES_LEFT, at(day, 8), 4));
            }
            double mm = Double.parseDouble(word.replace("+", ""));
            entries.add(new MeasureEntry(day * 10 + 1, "record " + day, measure, at(day, 9), mm));
            day++;
        }
        return Figures.of(entries, dressings);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "''",
            value = {
                "SPROCKET_WEAR   | 0.1 0.2 0.3       | ''",
                "SPROCKET_WEAR   | 0.3 0.25          | ''",
                "SPROCKET_WEAR   | 0.3 0.1           | 0.1",
                "SPROCKET_WEAR   | 0.3 0.1 0.3       | 0.1",
                "SPROCKET_WEAR   | 0.3 0.1 0.1       | 0.1",
                "SPROCKET_WEAR   | 0.3 0.1 0.1 0.15  | 0.1",
                "SPROCKET_WEAR   | 0.3 +0.1          | 0.1",
                "RAIL_DIFFERENCE | 0.4 0.1           | 0.1",
                "RAIL_DIFFERENCE | 0.4 +0.1          | ''",
                "GAUGE_SETTING   | 1.05 0.65         | 0.65",
                "GAUGE_SETTING   | 1.05 +0.65        | ''",
                "GAUGE_SETTING   | 0.45 0.65         | ''",
                "GROOVE_DEPTH    | 6.5 8.5           | 8.5",
                "GROOVE_DEPTH    | 6.5 6.7           | ''",
                "GROOVE_DEPTH    | 6.5 8.5 6.4       | 8.5",
                "SHORTEST_CUTTER | 5.0 8.0           | 8.0",
                "SHORTEST_CUTTER | 5.0 8.0 7.9       | 8.0",
                "SHORTEST_CUTTER | 5.0 8.0 5.0 8.0   | 8.0 8.0",
                "BAND_THICKNESS  | 0.5 1.2           | ''",
            })
    void whatIsDoubted(Measure measure, String story, String doubted) {
        assertThat(of(measure, story).doubted().stream()
                        .map(entry -> String.valueOf(entry.figure()))
                        .collect(Collectors.joining(" ")))
                .isEqualTo(doubted == null ? "" : doubted);
    }

    /** What is doubted is not the latest figure, and the next one is held against the last that counts. */
    @Test
    void whatIsDoubtedDoesNotCount() {
        Figures figures = of(Measure.GROOVE_DEPTH, "6.5 8.5");
        assertThat(figures.latest(Measure.GROOVE_DEPTH))
                .map(MeasureEntry::figure)
                .contains(6.5);
        assertThat(figures.believed()).extracting(MeasureEntry::figure).containsExactly(6.5);
        assertThat(figures.doubts(Map.of(Measure.GROOVE_DEPTH, 8.4), at(9, 9)))
                .as("agrees")
                .isEmpty();
        assertThat(figures.doubts(Map.of(Measure.GROOVE_DEPTH, 7.5), at(9, 9)))
                .singleElement()
                .satisfies(doubt -> {
                    assertThat(doubt.measure()).isEqualTo(Measure.GROOVE_DEPTH);
                    assertThat(doubt.before().figure()).isEqualTo(6.5);
                });
    }

    /** Of a sample the shortest is compared: the longer side alone is no cutter that grew. */
    @Test
    void ofASampleTheWorstIsCompared() {
        Figures figures = Figures.of(
                List.of(
                        new MeasureEntry(1, "a", Measure.LEFT_SHORTEST, at(1, 9), 6.0),
                        new MeasureEntry(1, "a", Measure.RIGHT_SHORTEST, at(1, 9), 7.0)),
                List.of());
        assertThat(figures.doubts(Map.of(Measure.LEFT_SHORTEST, 5.9, Measure.RIGHT_SHORTEST, 7.0), at(2, 9)))
                .isEmpty();
        assertThat(figures.doubts(Map.of(Measure.LEFT_SHORTEST, 6.9, Measure.RIGHT_SHORTEST, 7.0), at(2, 9)))
                .singleElement()
                .satisfies(doubt -> assertThat(doubt.figure()).isEqualTo(6.9));
    }

    /** Wear alone is never doubted, and whatever is doubted is better than what counted before it. */
    @Property(tries = 300)
    void wearIsNeverDoubted(@ForAll @Size(max = 12) List<@DoubleRange(min = 0, max = 3) Double> readings) {
        List<Double> worn = readings.stream().sorted().toList();
        String story = worn.stream().map(String::valueOf).collect(Collectors.joining(" "));
        if (!worn.isEmpty()) {
            assertThat(of(Measure.SPROCKET_WEAR, story).doubted()).isEmpty();
        }
    }
}
