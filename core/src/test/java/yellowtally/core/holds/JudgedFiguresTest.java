package yellowtally.core.holds;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.log.Figures;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Profiles;

/** Figures are judged by the saw of today, and those that work has changed since are not judged at all. */
class JudgedFiguresTest {

    /** Rails that were dressed, gauges that were filed over: nobody knows how they are before they are measured again. */
    @ParameterizedTest
    @CsvSource({
        "RAIL_DIFFERENCE, 0.4, 2, true",
        "RAIL_DIFFERENCE, 0.4, 8, false",
        "GAUGE_SETTING,   1.0, 2, true",
        "GAUGE_SETTING,   1.0, 8, false",
        "GAUGE_LEAST,     0.3, 2, true",
        "GAUGE_LEAST,     0.3, 8, false",
        "GROOVE_DEPTH,    5.6, 8, true",
    })
    void whatWasWorkedOnSinceIsNotJudged(Measure measure, double figure, int workedOnDay, boolean judged) {
        Instant worked = at(workedOnDay, 9);
        Figures figures = Figures.of(
                List.of(
                        new MeasureEntry(1, "m", measure, at(5, 9), figure),
                        new MeasureEntry(2, "w", Measure.STROKES_LEFT, worked, 4)),
                List.of(worked));
        JudgedFigures told = JudgedFigures.of(figures, Profiles.petrol(), Numbers.STANDARD);
        assertThat(told.of(measure).isPresent()).isEqualTo(judged);
        assertThat(told.of(measure).map(found -> !found.findings().isEmpty()).orElse(false))
                .isEqualTo(judged);
    }
}
