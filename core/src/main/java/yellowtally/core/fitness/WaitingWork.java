package yellowtally.core.fitness;

import java.util.List;

/**
 * One piece of work that waits on a saw.
 *
 * @param what which work and why, as a code
 * @param state what it makes of the saw while it waits
 * @param figure the figure that goes with the code: tanks since the check, percent of growth, rechecks done; zero when it
 *     has none
 * @param minutes bench minutes (est.)
 */
public record WaitingWork(What what, FitState state, double figure, double minutes) {

    /** Which work, most urgent first. */
    public enum What {
        NO_SET_FITTED,
        THROW_RISK,
        RELEASE_WAITS,
        NOT_READ_SINCE_APART,
        TOO_TIGHT,
        LOOSE,
        TIGHT_SPOT,
        READING_NOT_FAIR,
        READ_HOT,
        GROWN_TO_LIMIT,
        TRAVEL_NEARLY_USED,
        RECHECK_ONE_MINUTE,
        RECHECK_LIGHT_CUTTING,
        RECHECK_FIRST_TANK,
        CHECK_DUE,
        TAKES_UP_FAST,
        GROWN_TO_WATCH,
        /** The set was apart: read again after the first cuts. Waits for them; nothing to do before. */
        FIRST_CUTS_WAIT,
        /** Waits for the first tank; nothing to do today. */
        RECHECK_AFTER_FIRST_TANK_WAITS
    }

    /**
     * Bench minutes of what can be done now. Several reasons to read the tension are one reading: the longest counts, not
     * the sum.
     */
    public static double minutesNow(List<WaitingWork> work) {
        return work.stream()
                .filter(w -> w.what() != What.RECHECK_AFTER_FIRST_TANK_WAITS && w.what() != What.FIRST_CUTS_WAIT)
                .mapToDouble(WaitingWork::minutes)
                .max()
                .orElse(0);
    }
}
