package yellowtally.core.plan;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * On the morning on which a crew leaves it is given its saws one by one: what it has already counts for its booking (general practice).
 */
public final class TakenAlready {

    private TakenAlready() {}

    /**
     * Whether a saw that is out went for a booking: with its crew, on its day or later, and of the kind that it asks for. What a crew
     * has had since before is out for something else.
     *
     * @param crewId with whom the saw is out
     * @param since the day on which it went
     */
    public static boolean wentFor(Booking booking, UUID crewId, LocalDate since, SawTraits saw) {
        return booking.crewId().equals(crewId)
                && !since.isBefore(booking.leaves())
                && booking.wanted().metBy(saw);
    }

    /**
     * The booking as far as it is open.
     *
     * @param taken how many saws of the kind that it asks for its crew was given for it, zero or more
     * @return the booking itself where it was given none, with fewer saws after that; empty when the crew has all that it booked
     */
    public static Optional<Booking> open(Booking booking, int taken) {
        Wanted wanted = booking.wanted();
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
                        new Wanted(wanted.saws() - taken, wanted.barAtLeastMm(), wanted.handle(), wanted.power())));
    }
}
