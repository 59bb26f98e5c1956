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
 */
public record TaskDue(
        Task task,
        List<LimitUse> limits,
        Set<DueEvent> events,
        @Nullable Instant lastDone,
        @Nullable DueDate expected) {

    public TaskDue {
        limits = List.copyOf(limits);
        events = Set.copyOf(events);
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
