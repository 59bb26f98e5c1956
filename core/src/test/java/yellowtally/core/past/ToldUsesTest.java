package yellowtally.core.past;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;
import static yellowtally.core.schedule.Uses.done;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.Uses;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.core.wear.UseAccount;

class ToldUsesTest {

    private static StepEntry told(int day, Step step, @Nullable Double since) {
        return Uses.told(day, step, 30, since);
    }

    /** Filed on day 5 with 20 tanks since, on day 15 with 8, on day 25 with 2: 12, 6 and 2 lie between. */
    @Test
    void readingsOfANotebookStandAtTheirUse() {
        SawLog log = SawLog.of(List.of(
                told(5, Step.SHARPEN, 20.0),
                told(15, Step.SHARPEN, 8.0),
                told(25, Step.SHARPEN, 2.0),
                told(10, Step.PLUG, 14.0),
                done(29, Step.SHARPEN)));
        UseAccount tanks = new UseAccount(ToldUses.of(log, Subject.CHAIN));
        assertThat(tanks.until(at(5, 12))).isZero();
        assertThat(tanks.until(at(15, 12))).isEqualTo(12);
        assertThat(tanks.until(at(25, 12))).isEqualTo(18);
        assertThat(tanks.total()).isEqualTo(20);
        assertThat(ToldUses.of(log, Subject.BAR)).isEmpty();
    }

    /** Two tanks since day 15 were burned on day 15 at the earliest; a bar that was turned since says nothing of the saw. */
    @Test
    void tanksSinceSayThatItWasUsed() {
        SawLog log = SawLog.of(List.of(
                told(15, Step.SHARPEN, 2.0),
                told(20, Step.PLUG, 0.0),
                told(22, Step.AIR_FILTER, null),
                told(24, Step.GROOVE, 3.0),
                done(26, Step.PLUG)));
        assertThat(ToldUses.usedSince(log)).containsExactly(day(15));
    }

    @Test
    void whatNobodyKnowsIsNoUse() {
        SawLog log = SawLog.of(List.of(told(5, Step.SHARPEN, null), told(15, Step.SHARPEN, 8.0)));
        assertThat(new UseAccount(ToldUses.of(log, Subject.CHAIN)).total()).isEqualTo(8);
        assertThat(ToldUses.of(SawLog.EMPTY, Subject.CHAIN)).isEmpty();
    }

    /** Told at two times, so that the later service seems to have seen more: never less than nothing lies between. */
    @Test
    void neverLessThanNothing() {
        SawLog log = SawLog.of(List.of(told(5, Step.SHARPEN, 3.0), told(15, Step.SHARPEN, 8.0)));
        assertThat(ToldUses.of(log, Subject.CHAIN))
                .allSatisfy(use -> assertThat(use.amount()).isNotNegative());
    }
}
