package yellowtally.core.plan;

import java.util.Optional;

/**
 * On the morning on which a crew leaves it is given its saws one by one: what it has already counts for its booking (general practice).
 */
public final class TakenAlready {

    private TakenAlready() {}

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
