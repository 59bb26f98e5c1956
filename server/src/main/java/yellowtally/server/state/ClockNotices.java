package yellowtally.server.state;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;
import yellowtally.server.seal.Seals;
import yellowtally.server.support.Notices;
import yellowtally.server.support.Refusal;

/**
 * The clock of the machine is behind the newest record: it was set back, or was ahead when that was written. Said until it has
 * passed that moment, or until the next start when records were written by the clock as it is now.
 */
@Component
class ClockNotices implements Notices {

    /** Clocks are set right by a little all the time. */
    private static final Duration MEANS_NOTHING = Duration.ofMinutes(2);

    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("d MMM uuuu, HH:mm", Locale.UK);

    private final Seals seals;
    private final Clock clock;
    private final AtomicReference<Instant> latest = new AtomicReference<>(Instant.EPOCH);

    ClockNotices(Seals seals, Clock clock) {
        this.seals = seals;
        this.clock = clock;
    }

    @Override
    public List<Notice> now() {
        Instant newest = latest.accumulateAndGet(seals.newest(), (one, other) -> one.isAfter(other) ? one : other);
        Instant now = clock.instant();
        if (!now.isBefore(newest.minus(MEANS_NOTHING))) {
            return List.of();
        }
        ZoneId zone = clock.getZone();
        return List.of(new Notice(
                false,
                Refusal.Fault.of("", "state.CLOCK", SAID.format(now.atZone(zone)), SAID.format(newest.atZone(zone)))));
    }
}
