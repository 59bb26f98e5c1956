package yellowtally.core.plan;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;

/**
 * On the morning on which a crew leaves it takes its saws one by one: what it has already counts for its booking (general practice).
 */
public final class TakenAlready {

    private TakenAlready() {}

    /**
     * The booking as far as it is open.
     *
     * @param withCrew saws that are out with its crew now
     * @return the booking itself before its day, with fewer saws on it; empty when the crew has all that it booked
     */
    public static Optional<Booking> open(Booking booking, Collection<SawTraits> withCrew, LocalDate today) {
        Wanted wanted = booking.wanted();
        long taken = booking.leaves().equals(today)
                ? withCrew.stream().filter(wanted::metBy).count()
                : 0;
        if (taken == 0) {
            return Optional.of(booking);
        }
        return taken >= wanted.saws()
                ? Optional.empty()
                : Optional.of(new Booking(
                        booking.id(),
                        booking.crewId(),
                        booking.leaves(),
                        booking.at(),
                        booking.until(),
                        new Wanted(
                                wanted.saws() - (int) taken, wanted.barAtLeastMm(), wanted.handle(), wanted.power())));
    }
}
