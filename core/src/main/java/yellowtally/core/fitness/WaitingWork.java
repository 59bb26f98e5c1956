package yellowtally.core.fitness;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.DueDate;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.Task;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;

/**
 * One piece of work that waits on a saw.
 *
 * @param what which work and why, as a code
 * @param state what it makes of the saw while it waits
 * @param figure the figure that goes with the code: tanks since the check, percent of growth, rechecks done, due fraction;
 *     zero when it has none
 * @param step the step that does the work or proves it; {@code null} when the task tells
 * @param task the task of the schedule; {@code null} when it is none
 * @param finding what was found; {@code null} when nothing was
 * @param events what made it due at once
 * @param expected when it will fall due (est.); {@code null} when it is due or unknown
 * @param about what a fault is called in the knowledge of faults; {@code null} when it is none
 */
public record WaitingWork(
        What what,
        FitState state,
        double figure,
        @Nullable Step step,
        @Nullable Task task,
        @Nullable Finding finding,
        Set<DueEvent> events,
        @Nullable DueDate expected,
        @Nullable String about) {

    /** Which work, most urgent first. */
    public enum What {
        NO_SET_FITTED,
        THROW_RISK,
        /** A finding that fails. */
        FINDING_HOLDS,
        /** A step failed, with a note only. */
        STEP_FAILED,
        PERSON_HOLDS,
        /** There is no brake test on record. */
        BRAKE_NEVER_TESTED,
        /** Out too often since its last brake test. */
        BRAKE_OVERDUE,
        /** The oil ratio says that the chain gets next to none. */
        NOT_OILING,
        NOT_READ_SINCE_APART,
        /** Every reason to hold is cleared; the officer's release is what is missing. */
        RELEASE_WAITS,
        TOO_TIGHT,
        LOOSE,
        TIGHT_SPOT,
        READING_NOT_FAIR,
        READ_HOT,
        OIL_USE_LOW,
        OIL_USE_HIGH,
        /** The cause of a complaint is looked for. */
        FAULT_FIND,
        /** The cause is found, a step of its repair is open. */
        FAULT_REPAIR,
        /** Repaired, and not proved yet. */
        FAULT_PROOF,
        FINDING_WAITS,
        STEP_ATTENDS,
        GROWN_TO_LIMIT,
        TRAVEL_NEARLY_USED,
        RECHECK_ONE_MINUTE,
        RECHECK_LIGHT_CUTTING,
        RECHECK_FIRST_TANK,
        /** A task that is due. */
        TASK_DUE,
        /** The tension check is due; told apart, since it is done without opening anything. */
        CHECK_DUE,
        /** Repaired and proved: an officer closes it. */
        FAULT_CLOSES,
        /** Stands on card until a dry day is on record. */
        FAULT_STANDS,
        FAULT_MECHANIC,
        TAKES_UP_FAST,
        GROWN_TO_WATCH,
        /** The set was apart: read again after the first cuts. Waits for them; nothing to do before. */
        FIRST_CUTS_WAIT,
        /** Waits for the first tank; nothing to do today. */
        RECHECK_AFTER_FIRST_TANK_WAITS,
        /** Not due yet, but near. */
        TASK_SOON
    }

    public WaitingWork {
        events = Set.copyOf(events);
    }

    /** Work about the tension or the wear of the loop. */
    static WaitingWork of(What what, FitState state, double figure, Step step) {
        return new WaitingWork(what, state, figure, step, null, null, Set.of(), null, null);
    }

    /** Something found, or failed, at a step. */
    static WaitingWork found(What what, FitState state, Step step, @Nullable Finding finding) {
        return new WaitingWork(what, state, 0, step, null, finding, Set.of(), null, null);
    }

    /** A step on the way of a fault from its complaint to its end. */
    static WaitingWork fault(What what, @Nullable Step step, String about) {
        return new WaitingWork(what, FitState.DUE, 0, step, null, null, Set.of(), null, about);
    }

    /** Whether there is something to do today: what only waits for its time is none. */
    public boolean forToday() {
        return switch (what) {
            case FIRST_CUTS_WAIT,
                    RECHECK_AFTER_FIRST_TANK_WAITS,
                    TASK_SOON,
                    GROWN_TO_WATCH,
                    TAKES_UP_FAST,
                    FAULT_CLOSES,
                    FAULT_STANDS,
                    FAULT_MECHANIC,
                    RELEASE_WAITS -> false;
            default -> true;
        };
    }
}
