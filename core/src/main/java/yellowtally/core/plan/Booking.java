package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.UUID;

/**
 * A crew wants saws (handbook section 10). Refuses, as an illegal argument, one that is back before it leaves.
 *
 * @param crewId whose it is
 * @param leaves day on which the crew leaves
 * @param at when it leaves on that day
 * @param until last day on which it is away, not before {@code leaves}
 */
public record Booking(UUID id, UUID crewId, LocalDate leaves, LocalTime at, LocalDate until, Wanted wanted) {

    public Booking {
        if (until.isBefore(leaves)) {
            throw new IllegalArgumentException("back before it leaves");
        }
    }

    /** Whether a saw cannot be on both. */
    public boolean overlaps(Booking other) {
        return !until.isBefore(other.leaves) && !other.until.isBefore(leaves);
    }
}
