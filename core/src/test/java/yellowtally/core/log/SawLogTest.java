package yellowtally.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.schedule.Uses.at;
import static yellowtally.core.schedule.Uses.day;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/** The record that speaks for a step is the latest on the part that is fitted now. */
class SawLogTest {

    private static final Set<Subject> ALL = EnumSet.allOf(Subject.class);

    private static StepEntry entry(long seq, Step step, int day, StepOutcome outcome) {
        return new StepEntry(seq, step, at(day, 9), day(day), outcome, Set.of(), null, ALL);
    }

    private static StepEntry of(Subject subject, Step step, int day) {
        return new StepEntry(day, step, at(day, 9), day(day), StepOutcome.FINE, Set.of(), null, EnumSet.of(subject));
    }

    @Test
    void anEmptyLogSaysNothing() {
        assertThat(SawLog.EMPTY.entries()).isEmpty();
        assertThat(SawLog.EMPTY.latest()).isEmpty();
        assertThat(SawLog.EMPTY.latest(Step.NUTS)).isEmpty();
        assertThat(SawLog.EMPTY.provedAfter(Step.NUTS, Instant.MIN)).isFalse();
        assertThat(SawLog.EMPTY.sharpenings(Subject.CHAIN)).isEmpty();
    }

    /** What was written late counts from when it was done; of one moment, what was written last. */
    @ParameterizedTest
    @CsvSource({
        "1, 3, 2, 5, 2",
        "1, 5, 2, 3, 1",
        "1, 4, 2, 4, 2",
        "2, 4, 1, 4, 2",
    })
    void theLatestSpeaks(long oneSeq, int oneDay, long otherSeq, int otherDay, long speaks) {
        SawLog log = SawLog.of(List.of(
                entry(oneSeq, Step.NUTS, oneDay, StepOutcome.FINE),
                entry(otherSeq, Step.NUTS, otherDay, StepOutcome.FINE)));
        assertThat(log.latest(Step.NUTS)).map(StepEntry::seq).contains(speaks);
    }

    @ParameterizedTest
    @CsvSource({
        "OIL_CARD, FINE,   true,  true",
        "OIL_CARD, ATTEND, true,  false",
        "OIL_CARD, FAIL,   false, false",
        "TENSION,  FINE,   true,  true",
        "TENSION,  ATTEND, false, false",
        "TENSION,  FAIL,   false, false",
    })
    void whatPassesAndWhatProves(Step step, StepOutcome outcome, boolean passes, boolean proves) {
        SawLog log = SawLog.of(List.of(entry(1, step, 2, StepOutcome.FINE), entry(2, step, 3, outcome)));
        assertThat(log.provedAfter(step, at(2, 9))).isEqualTo(proves);
        assertThat(log.provedAfter(step, at(3, 9)))
                .as("not after its own moment")
                .isFalse();
        assertThat(log.latestPassed(step)).map(StepEntry::seq).contains(passes ? 2L : 1L);
    }

    @Test
    void aRecordOfAnotherPartDoesNotSpeak() {
        SawLog log = SawLog.of(List.of(of(Subject.BAR, Step.RAILS, 1), of(Subject.SAW, Step.RAILS, 2)));
        assertThat(log.latest(Step.RAILS)).map(StepEntry::seq).contains(1L);
        assertThat(log.entries()).hasSize(2);
    }

    @Test
    void sharpeningsBelongToEveryPartThatWasThere() {
        SawLog log = SawLog.of(List.of(
                entry(1, Step.SHARPEN, 1, StepOutcome.FINE),
                of(Subject.CHAIN, Step.SHARPEN, 2),
                entry(3, Step.SHARPEN, 3, StepOutcome.FAIL),
                of(Subject.BAR, Step.SHARPEN, 4)));
        assertThat(log.sharpenings(Subject.CHAIN)).extracting(StepEntry::seq).containsExactly(1L, 2L);
        assertThat(log.sharpenings(Subject.BAR)).extracting(StepEntry::seq).containsExactly(1L, 4L);
    }

    @Property(tries = 50)
    void theOrderOfReadingIsNothing(@ForAll long seed) {
        Random random = new Random(seed);
        List<StepEntry> records = new ArrayList<>();
        for (int seq = 0; seq < 40; seq++) {
            Step step = Step.values()[random.nextInt(4)];
            records.add(entry(seq, step, 1 + random.nextInt(5), StepOutcome.values()[random.nextInt(3)]));
        }
        List<StepEntry> shuffled = new ArrayList<>(records);
        Collections.shuffle(shuffled, random);
        assertThat(SawLog.of(shuffled).entries()).isEqualTo(SawLog.of(records).entries());
        assertThat(List.copyOf(SawLog.of(shuffled).latest()))
                .isEqualTo(List.copyOf(SawLog.of(records).latest()));
    }
}
