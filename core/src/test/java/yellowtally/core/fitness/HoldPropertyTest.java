package yellowtally.core.fitness;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowtally.core.fitness.Served.ALL;
import static yellowtally.core.fitness.Served.entry;
import static yellowtally.core.schedule.Uses.at;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import yellowtally.core.holds.Hold;
import yellowtally.core.log.StepEntry;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.waiting.FitState;

/** What holds of every hold, whatever else is on record (handbook section 11). */
class HoldPropertyTest {

    private static final Hold HELD =
            Hold.failed("hold", at(2, 12), Step.INERTIA, Set.of(Finding.INERTIA_NOT_TRIPPED), ALL);

    /** Whatever is recorded of other steps, in any order: a saw with an unproved hold is held. */
    @Property(tries = 300)
    void nothingElseProvesIt(
            @ForAll @Size(max = 14) List<Step> steps,
            @ForAll @Size(value = 14) List<StepOutcome> outcomes,
            @ForAll @Size(value = 14) List<@IntRange(min = 3, max = 8) Integer> days) {
        List<StepEntry> records = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            records.add(entry(days.get(i), step, step == Step.INERTIA ? StepOutcome.FAIL : outcomes.get(i)));
        }
        SawAccount account =
                Served.onDayOne(records.toArray(StepEntry[]::new)).holds(HELD).assess(9);
        assertThat(account.state()).isEqualTo(FitState.HELD);
    }

    /** More holds never make a saw more usable. */
    @Property(tries = 300)
    void anotherHoldNeverFreesASaw(
            @ForAll Step first, @ForAll Step second, @ForAll @IntRange(min = 2, max = 8) int day) {
        Hold one = Hold.byPerson("one", at(day, 12), first, ALL);
        Hold two = Hold.byPerson("two", at(day, 13), second, ALL);
        FitState before = Served.onDayOne().holds(one).assess(9).state();
        FitState after = Served.onDayOne().holds(one, two).assess(9).state();
        assertThat(before).isEqualTo(FitState.HELD);
        assertThat(after).isEqualTo(FitState.HELD);
    }

    /** A pass clears its hold only when it came after it. */
    @Property(tries = 300)
    void onlyALaterPassClears(
            @ForAll @IntRange(min = 1, max = 30) int held, @ForAll @IntRange(min = 1, max = 30) int passed) {
        Hold hold = Hold.failed("hold", at(held, 12), Step.BRAKE_RUNNING, Set.of(Finding.CHAIN_NOT_STOPPED), ALL);
        assertThat(Served.with(List.of(entry(passed, Step.BRAKE_RUNNING, StepOutcome.FINE)))
                        .holds(hold)
                        .assess(31)
                        .holds()
                        .mayRelease())
                .isEqualTo(passed > held);
    }
}
