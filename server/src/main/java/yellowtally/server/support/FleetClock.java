package yellowtally.server.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicReference;

/**
 * The clock of the fleet: instants in UTC, days in the fleet's zone. It goes with the machine's; in a practice copy it can be
 * set ahead while the application runs, to show what a day of waiting would. It never goes back: records of an hour that has
 * not come yet would stand in the future.
 */
final class FleetClock extends Clock implements FleetZone {

    private final Clock machine;
    private final AtomicReference<Duration> ahead;
    private final boolean given;
    private volatile ZoneId zone;

    /** @param given whether it was started with this zone, which stays whatever the fleet chose */
    FleetClock(ZoneId zone, boolean given) {
        this(Clock.system(zone), new AtomicReference<>(Duration.ZERO), given);
    }

    private FleetClock(Clock machine, AtomicReference<Duration> ahead, boolean given) {
        this.machine = machine;
        this.ahead = ahead;
        this.given = given;
        this.zone = machine.getZone();
    }

    FleetClock(Clock machine, AtomicReference<Duration> ahead) {
        this(machine, ahead, true);
    }

    @Override
    public void daysIn(ZoneId other) {
        if (!given) {
            zone = other;
        }
    }

    /** Sets it ahead of the machine's; whether it did, for it does not go back. */
    boolean setAhead(Duration wanted) {
        return ahead.accumulateAndGet(wanted, FleetClock::longer).equals(wanted);
    }

    private static Duration longer(Duration one, Duration other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    @Override
    public Instant instant() {
        return machine.instant().plus(ahead.get());
    }

    @Override
    public ZoneId getZone() {
        return zone;
    }

    /** The same clock seen from another zone: set ahead together with this one. */
    @Override
    public Clock withZone(ZoneId zone) {
        return new FleetClock(machine.withZone(zone), ahead, true);
    }
}
