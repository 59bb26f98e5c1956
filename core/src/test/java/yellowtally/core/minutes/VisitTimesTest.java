package yellowtally.core.minutes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.core.stages.StageSetting;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.StepMinutes;

class VisitTimesTest {

    private static final Instant BEGUN = Instant.parse("2026-05-04T06:00:00Z");

    private static Instant at(double minute) {
        return BEGUN.plusMillis(Math.round(minute * 60_000));
    }

    private static BenchRecord done(Step step, double minute) {
        return new BenchRecord(step, at(minute), true);
    }

    /** A visit as it is said in a line: which step, after how many minutes from the beginning. */
    private static VisitTimes read(String line) {
        List<BenchRecord> records = new ArrayList<>();
        for (String said : line.split(", ")) {
            String[] words = said.split(" ");
            boolean passedOver = words.length > 2;
            records.add(new BenchRecord(Step.valueOf(words[0]), at(Double.parseDouble(words[1])), !passedOver));
        }
        return VisitTimes.of(BEGUN, records, Numbers.STANDARD);
    }

    // A sharpening is 10 min, the full clean 5 and its cover 1 and 3, the air filter 3 and its cover 0.5 and 0.5.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            SHARPEN 12                                                     | 10 | 10 | 12 | 0  | 12
            MAKE_SAFE 1, SHARPEN 13                                        | 10 | 10 | 13 | 0  | 13
            SHARPEN 12, FILL 13                                            | 10 | 10 | 13 | 0  | 12
            CLEAN_COVER 8, TENSION 11                                      | 9  | 9  | 11 | 0  | 8 3
            SHARPEN 12, CLEAN_COVER 12.2, TENSION 12.4                     | 19 | 19 | 12.4 | 0 | 12.4
            MAKE_SAFE 25, SHARPEN 25.1, CLEAN_COVER 25.2, TENSION 25.3     | 19 | 19 | 25.3 | 0 | 25.3
            SHARPEN 41                                                     | 10 | 0  | 0  | 41 |
            SHARPEN 39                                                     | 10 | 10 | 39 | 0  | 39
            SHARPEN 12, CLEAN_COVER 90, TENSION 93                         | 19 | 13 | 15 | 78 | 12 3
            MAKE_SAFE 45, SHARPEN 56                                       | 10 | 10 | 11 | 45 | 11
            SHARPEN 2                                                      | 10 | 0  | 0  | 0  |
            MAKE_SAFE 0.1, SHARPEN 0.2, CLEAN_COVER 0.3, TENSION 0.4       | 19 | 0  | 0  | 0  |
            BRAKE_LEVER 0.2, BRAKE_RUNNING 0.4                             | 1  | 0  | 0  | 0  |
            BRAKE_LEVER 0.2, BRAKE_RUNNING 0.9                             | 1  | 0.5 | 0.7 | 0 | 0.7
            MAKE_SAFE -60, SHARPEN -48                                     | 10 | 10 | 12 | 0  | 12
            SHARPEN 6 over, AIR_FILTER 10                                  | 4  | 4  | 10 | 0  | 10
            """)
    void readsWhatTheMomentsTell(
            String line, double estimated, double told, double taken, double breaks, String stretches) {
        VisitTimes read = read(line);
        assertThat(read.estimated()).isCloseTo(estimated, within(1e-9));
        assertThat(read.told()).isCloseTo(told, within(1e-9));
        assertThat(read.taken()).isCloseTo(taken, within(1e-9));
        assertThat(read.breaks()).isCloseTo(breaks, within(1e-9));
        double[] wanted = stretches == null
                ? new double[0]
                : Arrays.stream(stretches.split(" "))
                        .mapToDouble(Double::parseDouble)
                        .toArray();
        assertThat(read.stretches().stream().mapToDouble(Stretch::minutes).toArray())
                .containsExactly(wanted, within(1e-9));
    }

    @Test
    void aTaskLiesOnItsStepsAndOpeningOnWhatIsFirstThere() {
        VisitTimes read = VisitTimes.of(
                BEGUN,
                List.of(
                        done(Step.BRAKE_LEVER, 1),
                        done(Step.CLEAN_COVER, 8),
                        done(Step.GROOVE, 14),
                        done(Step.REFIT, 17),
                        done(Step.TENSION, 20),
                        done(Step.BRAKE_RUNNING, 21)),
                Numbers.STANDARD);
        assertThat(read.stretches().stream().map(Stretch::work))
                .containsExactly(
                        Map.of(ScheduleSetting.BRAKE_MINUTES, 0.5),
                        Map.of(ScheduleSetting.CLEAN_MINUTES, 1.0, StageSetting.COVER_OPEN, 1.0),
                        Map.of(ScheduleSetting.FLIP_MINUTES, 1.0, StageSetting.BAR_OPEN, 1.0),
                        Map.of(StageSetting.BAR_CLOSE, 1.0),
                        Map.of(StageSetting.COVER_CLOSE, 1.0),
                        Map.of(ScheduleSetting.BRAKE_MINUTES, 0.5));
    }

    @Test
    void whatIsDoneOnceMoreInAVisitIsBilledOnce() {
        VisitTimes read = VisitTimes.of(
                BEGUN,
                List.of(done(Step.BRAKE_LEVER, 1), done(Step.TIGHTEN, 5), done(Step.BRAKE_LEVER, 6)),
                Numbers.STANDARD);
        assertThat(read.estimated())
                .isEqualTo(StepMinutes.bill(List.of(Step.BRAKE_LEVER, Step.TIGHTEN), Numbers.STANDARD)
                        .totalMinutes());
    }

    /** Whatever was done in whichever order: no minute is lost and none is there twice, and the estimate is that of the bill. */
    @RepeatedTest(200)
    void everyMinuteIsSomewhere(RepetitionInfo which) {
        Random random = new Random(which.getCurrentRepetition());
        List<Step> steps = new ArrayList<>(Arrays.asList(Step.values()));
        steps.removeIf(step -> random.nextBoolean());
        List<BenchRecord> records = new ArrayList<>();
        double minute = 0;
        for (Step step : steps) {
            minute += random.nextInt(3) == 0 ? 0.05 : 12 * random.nextDouble();
            records.add(done(step, minute));
        }
        VisitTimes read = VisitTimes.of(BEGUN, records, Numbers.STANDARD);
        assertThat(read.taken() + read.breaks()).isLessThanOrEqualTo(minute + 1e-3);
        assertThat(read.told()).isLessThanOrEqualTo(read.estimated() + 1e-9);
        assertThat(read.estimated())
                .isCloseTo(StepMinutes.bill(steps, Numbers.STANDARD).totalMinutes(), within(1e-6));
    }
}
