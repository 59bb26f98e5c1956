package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.UUID;
import yellowtally.core.plan.Until.WaitCause;

/** When a saw that is out is at the bench's hand again: the day after its crew's booking; without one nobody can say (general practice). */
public final class BackWithCrew {

    private BackWithCrew() {}

    /**
     * Until when it is out.
     *
     * @param crewId with whom
     * @param crew what the crew is called
     * @param bookings of all crews, those that are under way among them
     */
    public static Until of(UUID crewId, String crew, Collection<Booking> bookings, LocalDate today) {
        int back = bookings.stream()
                .filter(booking -> booking.crewId().equals(crewId)
                        && !booking.leaves().isAfter(today)
                        && !booking.until().isBefore(today))
                .mapToInt(booking -> (int) ChronoUnit.DAYS.between(today, booking.until()) + 1)
                .max()
                .orElse(Chore.NEVER);
        return new Until(WaitCause.OUT, back, crew);
    }
}
