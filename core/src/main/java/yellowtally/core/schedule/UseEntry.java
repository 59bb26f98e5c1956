package yellowtally.core.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Subject;

/**
 * One outing that has ended, as the schedule reads it.
 *
 * @param backAt when the saw came back
 * @param firstDay day it went out
 * @param lastDay day it came back, not before {@code firstDay}
 * @param tanks tanks, charges or run hours, zero or more
 * @param conditions what the saw went through
 * @param events what happened that makes tasks due at once
 * @param toldDays days on which it ran, as told when it came back, zero or more; {@code null} where nobody said
 * @param subjects whose use it was: this saw, and each fitted part that was on it, here or on another saw
 */
public record UseEntry(
        Instant backAt,
        LocalDate firstDay,
        LocalDate lastDay,
        double tanks,
        Set<Condition> conditions,
        Set<DueEvent> events,
        @Nullable Integer toldDays,
        Set<Subject> subjects) {

    /**
     * Days on which it ran, as told; else the most on which it can have run (est., general practice): a day with the saw running
     * burns more than the end of a tank, so that there are no more of them than tanks begun. Out for a week with two tanks burned
     * is two days in use.
     */
    public double mostDaysRun() {
        return toldDays == null ? Math.ceil(tanks - 1e-9) : toldDays;
    }
}
