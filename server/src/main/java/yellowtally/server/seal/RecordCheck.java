package yellowtally.server.seal;

import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import yellowtally.server.support.AsOfNow;
import yellowtally.server.support.LongWork;

/** Goes through all records while the application goes on: on a thread of its own, one check at a time. */
@Component
class RecordCheck {

    private static final Logger LOG = LoggerFactory.getLogger(RecordCheck.class);

    private static final Duration REST = Duration.ofSeconds(10);

    private final DataSource database;
    private final Clock clock;
    private final LongWork work;
    private final AtomicBoolean underWay = new AtomicBoolean();
    private volatile @Nullable Checked last;
    private volatile Instant restsUntil = Instant.EPOCH;

    RecordCheck(DataSource database, Clock clock, LongWork work) {
        this.database = database;
        this.clock = clock;
        this.work = work;
    }

    /** What a check found, and when it began. */
    record Checked(Instant at, Verification.Verdict verdict) {}

    boolean underWay() {
        return underWay.get();
    }

    /** The last check since the application started; {@code null} before the first. */
    @Nullable
    Checked last() {
        return last;
    }

    /** Begins a check; does nothing while one is under way, or has just ended: whoever asks on and on keeps no core busy. */
    void begin() {
        boolean rested = !clock.instant().isBefore(restsUntil);
        if (rested && underWay.compareAndSet(false, true)) {
            work.begin("check of the records", this::check);
        }
    }

    private void check(Runnable between) {
        try {
            Instant at = clock.instant();
            Verification.Verdict verdict = AsOfNow.read(database, connection -> Verification.of(connection, between));
            if (!verdict.whole()) {
                LOG.warn("Records are not as they were sealed: {}", verdict.wrong());
            }
            last = new Checked(at, verdict);
        } catch (SQLException e) {
            LOG.warn("The records could not be checked: {}", e.getMessage());
        } finally {
            restsUntil = clock.instant().plus(REST);
            underWay.set(false);
        }
    }
}
