package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.fitness.Served.entry;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.fitness.TensionLedger.CheckEntry;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionRun;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.RunWaits;

/** What a set has been through opens looks, and each is done by its own record after it (handbook section 3). */
class RunWaitsTest {

    private static CheckEntry found(int day, TensionOutcome found) {
        return new CheckEntry(
                at(day, 19),
                Loops.HERE,
                CheckOccasion.ROUTINE,
                new TensionRun.Result(found, false),
                new TensionRun.Result(TensionOutcome.RIGHT, false),
                0,
                0.8,
                Measured.NONE);
    }

    private static List<RunWaits> waits(TensionOutcome found, String looks) {
        TensionLedger loop = Loops.ledger(
                List.of(found(1, TensionOutcome.RIGHT), found(2, found), found(3, found)),
                List.of(Loops.outing(at(2, 16), 1), Loops.outing(at(3, 16), 1)));
        SawLedger told = Served.onDayOne(Arrays.stream(looks == null ? new String[0] : looks.split(" "))
                        .map(step -> entry(4, Step.valueOf(step), StepOutcome.FINE))
                        .toArray(StepEntry[]::new))
                .ledger();
        return new SawLedger(loop, told.schedule(), told.holds(), told.oil(), told.faults(), told.parts())
                .assess(Sisters.NONE, new SawLedger.Rules(Numbers.STANDARD, Seasons.STANDARD, day(5))).work().stream()
                        .flatMap(work -> work instanceof RunWaits run ? Stream.of(run) : Stream.empty())
                        .toList();
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            delimiter = '|',
            value = {
                "TOO_TIGHT | -                    | RAN_TOO_TIGHT | NOSE SPROCKET BEARING",
                "TOO_TIGHT | SPROCKET             | RAN_TOO_TIGHT | NOSE BEARING",
                "LOOSE     | -                    | SLACK_AGAIN   | TENSION NUTS SPROCKET OIL_CARD",
                "LOOSE     | TENSION NUTS         | SLACK_AGAIN   | SPROCKET OIL_CARD",
            })
    void asksForTheLooksThatAreMissingTheCheapestFirst(
            TensionOutcome found, String looks, RunWaits.RunMatter matter, String missing) {
        RunWaits waits = waits(found, looks).get(0);
        assertThat(waits.what()).isEqualTo(matter);
        assertThat(waits.state()).isEqualTo(FitState.DUE);
        assertThat(waits.provedBy().stream().map(Step::name)).containsExactly(missing.split(" "));
        assertThat(waits.step().name()).isEqualTo(missing.split(" ")[0]);
        assertThat(waits.outings()).isEqualTo(matter == RunWaits.RunMatter.SLACK_AGAIN ? 2 : 0);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                "TOO_TIGHT, NOSE SPROCKET BEARING",
                "LOOSE,     TENSION NUTS SPROCKET OIL_CARD",
                "RIGHT,     -",
                "FIRM,      -"
            })
    void asksNoMoreWhenEachWasLookedAt(TensionOutcome found, String looks) {
        assertThat(waits(found, looks)).isEmpty();
    }
}
