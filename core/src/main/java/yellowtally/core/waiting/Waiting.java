package yellowtally.core.waiting;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.holds.Need;
import yellowtally.core.schedule.Task;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;

/**
 * One piece of work that waits on a saw. Its code names it among all kinds; {@link Urgency} puts them in their order.
 */
public sealed interface Waiting
        permits TensionWaits,
                RecheckWaits,
                GrowthWaits,
                TakeUpWaits,
                RunWaits,
                EdgeWaits,
                FindingHolds,
                StepHolds,
                ReleaseWaits,
                SetBackWaits,
                BackWaits,
                RestWaits,
                RecordWaits,
                OilWaits,
                FaultWaits,
                FaultRests,
                FindingWaits,
                StepAttends,
                TaskWaits {

    /** Which work and why, as a code that no other kind has. */
    Enum<?> what();

    /** What it makes of the saw while it waits. */
    FitState state();

    /** The step that does the work or proves it; {@code null} when its task tells, or when none does. */
    @Nullable
    Step step();

    /** Whether there is something to do today: what only waits for its time is none. */
    boolean forToday();

    /** Whether something failed that the next visit begins with. */
    default boolean failed() {
        return false;
    }

    /** What was found; {@code null} when nothing was. */
    default @Nullable Finding finding() {
        return null;
    }

    /** What is missing until it holds no more, in the order in which it is done; empty when its step tells. */
    default List<Need> needs() {
        return List.of();
    }

    /** The steps that prove it: those that are missing, or its own where it names no more than that. */
    default List<Step> provedBy() {
        if (!needs().isEmpty()) {
            return needs().stream().map(Need::step).toList();
        }
        Step own = step();
        return own == null ? List.of() : List.of(own);
    }

    /** The steps that look at it anew, whatever was found: of a finding the look at its thing, of all else what proves it. */
    default List<Step> lookedAtBy() {
        Finding found = finding();
        return found == null ? provedBy() : List.of(found.seenBy());
    }

    /** The task of the schedule; {@code null} when it is none. */
    default @Nullable Task task() {
        return null;
    }

    /** How far it has come, where that has a figure: of two of one kind the higher one is the more urgent. */
    default double extent() {
        return 0;
    }
}
