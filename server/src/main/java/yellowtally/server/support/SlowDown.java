package yellowtally.server.support;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Makes whoever guesses wait: after some wrong tries each further one costs twice as long, up to a minute. Kept in memory and bounded:
 * where too many are guessed at, the oldest are forgotten first, but for those that no pause ends.
 */
@Component
public class SlowDown {

    private static final int MOST = 2_000;
    private static final Duration LONGEST = Duration.ofMinutes(1);
    private static final Duration FORGETS_AFTER = Duration.ofMinutes(15);

    private final Clock clock;
    private final Map<String, Tries> byWhom = new LinkedHashMap<>();

    public SlowDown(Clock clock) {
        this.clock = clock;
    }

    /**
     * Wrong tries of one kind.
     *
     * @param free how many cost nothing
     * @param forgotten whether a pause ends the row; a short secret would be guessed by whoever has patience. Where it is false, there
     *     must be few to guess at: they are never let go of
     */
    public record Of(String whom, int free, boolean forgotten) {

        public Of(String whom, int free) {
            this(whom, free, true);
        }
    }

    private record Tries(int wrong, Instant last, Instant until, boolean forgotten) {}

    /** Refuses a try that comes too soon, be it right or wrong: whoever waits learns nothing. */
    public synchronized void refuseIfTooSoon(Of... kinds) {
        Instant now = clock.instant();
        for (Of kind : kinds) {
            Tries before = byWhom.get(kind.whom());
            if (before != null && now.isBefore(before.until())) {
                throw Refusal.tooOften(
                        "sign.slow",
                        Duration.between(now, before.until()).plusMillis(999).toSeconds());
            }
        }
    }

    /** Counts a wrong try; answers how many there were in a row. */
    public synchronized int wrong(Of kind) {
        Instant now = clock.instant();
        Tries before = byWhom.remove(kind.whom());
        int wrong = before == null || endsTheRow(kind, before, now) ? 1 : before.wrong() + 1;
        byWhom.put(kind.whom(), new Tries(wrong, now, now.plus(pause(wrong - kind.free())), kind.forgotten()));
        if (byWhom.size() > MOST) {
            byWhom.values().stream().filter(Tries::forgotten).findFirst().ifPresent(byWhom.values()::remove);
        }
        return wrong;
    }

    private static boolean endsTheRow(Of kind, Tries before, Instant now) {
        return kind.forgotten() && before.last().plus(FORGETS_AFTER).isBefore(now);
    }

    /** It was right: what was wrong before is forgotten. */
    public synchronized void right(Of kind) {
        byWhom.remove(kind.whom());
    }

    /** How many are remembered. */
    synchronized int remembered() {
        return byWhom.size();
    }

    private static Duration pause(int beyond) {
        if (beyond < 0) {
            return Duration.ZERO;
        }
        Duration twiceAsLong = Duration.ofSeconds(1L << Math.min(beyond, 10));
        return twiceAsLong.compareTo(LONGEST) < 0 ? twiceAsLong : LONGEST;
    }
}
