package yellowtally.core.schedule;

import java.time.Instant;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Where one task of one saw stands.
 *
 * @param limits how much of each limit is used up, in the order of the handbook
 * @param events what makes it due at once, whatever the limits say
 * @param lastDone when it was last done; {@code null} when there is no record
 * @param expected when it will fall due; {@code null} when it is due or when too little is known
 * @param used whether the thing that it is about was used since it was last done
 * @param unknown whether nobody can say how far it is: it has no record though the saw was in use before its records begin, or it
 *     was told when it was done and not what was used since
 * @param told whether the record it counts from was told when the saw was brought in
 */
public record TaskDue(
        Task task,
        List<LimitUse> limits,
        Set<DueEvent> events,
        @Nullable Instant lastDone,
        @Nullable DueDate expected,
        boolean used,
        boolean unknown,
        boolean told) {

    public TaskDue {
        limits = List.copyOf(limits);
        events = Set.copyOf(events);
    }

    /** The same with the day on which it will fall due. */
    TaskDue expected(@Nullable DueDate date) {
        return new TaskDue(task, limits, events, lastDone, date, used, unknown, told);
    }

    /** Whether every one of its limits is a single use, day or sharpening: nothing is saved up for it (handbook section 10). */
    public boolean oneUse() {
        return limits.stream().allMatch(limit -> limit.limit() <= 1);
    }

    /** The limit that is nearest, or farthest over. */
    public LimitUse binding() {
        return Collections.max(limits, Comparator.comparingDouble(LimitUse::fraction));
    }

    /** Due fraction: the largest of used / limit (handbook section 10). */
    public double fraction() {
        return binding().fraction();
    }

    /** Whether it falls due with every single use, so that it is never due soon (handbook section 10). */
    public boolean everyTime() {
        return binding().limit() <= 1;
    }

    /** Whether it must be done now. */
    public boolean due() {
        return !events.isEmpty() || fraction() >= 1 - 1e-9;
    }
}
