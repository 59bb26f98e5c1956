package yellowtally.server.support;

import java.time.Clock;
import java.time.Duration;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Remembered write ids are kept for as long as a phone may lie in a van unsent, and no longer. */
@Component
class ForgetsWrites {

    static final Duration KEPT = Duration.ofDays(90);

    private final OnceOnly writes;
    private final Clock clock;

    ForgetsWrites(OnceOnly writes, Clock clock) {
        this.writes = writes;
        this.clock = clock;
    }

    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT24H")
    void forget() {
        writes.forgetBefore(clock.instant().minus(KEPT));
    }
}
