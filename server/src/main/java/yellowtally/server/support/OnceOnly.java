package yellowtally.server.support;

import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.server.disk.OnDisk;
import yellowtally.server.disk.StoreGate;
import yellowtally.server.disk.StoreWatch;

/**
 * Carries out a write once, however often it is sent. The client makes the id; a repeat with the same content changes
 * nothing, the same id with other content is refused.
 */
@Component
public class OnceOnly {

    private static final int STRIPES = 64;
    private static final int ATTEMPTS = 4;

    private final EntityManager records;
    private final TransactionTemplate transactions;
    private final JsonMapper json;
    private final Clock clock;
    private final FleetRevision revision;
    private final OnDisk disk;
    private final StoreWatch watch;
    private final StoreGate gate;
    private final Lock[] locks =
            Stream.generate(ReentrantLock::new).limit(STRIPES).toArray(Lock[]::new);

    OnceOnly(
            EntityManager records,
            PlatformTransactionManager transactions,
            JsonMapper json,
            Clock clock,
            FleetRevision revision,
            OnDisk disk,
            StoreWatch watch,
            StoreGate gate) {
        this.records = records;
        this.transactions = new TransactionTemplate(transactions);
        this.json = json;
        this.clock = clock;
        this.revision = revision;
        this.disk = disk;
        this.watch = watch;
        this.gate = gate;
    }

    /**
     * Runs {@code action} in a transaction unless this write was applied before; returns when it is on the disk. Whoever lost a
     * race is judged anew, by what the winner has left: {@code action} may run more than once.
     *
     * @param id made by the client, one per write
     * @param request what was sent, with everything that makes it this write and no other
     */
    public void run(UUID id, Object request, Runnable action) {
        watch.trouble().ifPresent(trouble -> {
            throw Refusal.later("store." + trouble);
        });
        String fingerprint = fingerprint(request);
        Lock lock = locks[Math.floorMod(id.hashCode(), STRIPES)];
        // Two copies of one request may arrive side by side: the second waits and then sees the first.
        lock.lock();
        try {
            whileRacesAreLost(() -> carryOut(id, fingerprint, action));
        } finally {
            // Counted even when it failed: one reckoning too many costs less than one too few.
            revision.written();
            lock.unlock();
        }
        // For a repeat too: the first may have failed here.
        disk.await();
    }

    /** The same for what makes no saw another: people, crews, devices, passwords. */
    public void runBesideSaws(UUID id, Object request, Runnable action) {
        run(id, request, () -> {
            revision.touchesNone();
            action.run();
        });
    }

    private static void whileRacesAreLost(Runnable attempt) {
        for (int left = ATTEMPTS - 1; ; left--) {
            try {
                attempt.run();
                return;
            } catch (RuntimeException failure) {
                if (!StoreRefused.lostRace(failure)) {
                    throw failure;
                }
                if (left == 0) {
                    throw Refusal.conflict("", "race");
                }
            }
        }
    }

    private void carryOut(UUID id, String fingerprint, Runnable action) {
        try {
            transactions.executeWithoutResult(status -> {
                AppliedWrite before = records.find(AppliedWrite.class, id);
                if (before == null) {
                    action.run();
                    // Last: what is judged before keeps nobody from the disk.
                    records.persist(new AppliedWrite(id, fingerprint, clock.instant()));
                } else if (before.fingerprint().equals(fingerprint)) {
                    revision.touchesNone();
                } else {
                    throw Refusal.conflict("", "write.other");
                }
            });
        } catch (Refusal refused) {
            revision.touchesNone();
            throw refused;
        }
    }

    /** Whether a write was carried out: for a client that had no answer. */
    @Transactional(readOnly = true)
    public boolean wasDone(UUID id) {
        return records.find(AppliedWrite.class, id) != null;
    }

    /**
     * Forgets writes that were applied before a moment: a client that repeats one later than that is told by the record
     * that it made.
     */
    public int forgetBefore(Instant moment) {
        if (watch.trouble().isPresent()) {
            return 0;
        }
        gate.enter();
        try {
            return Objects.requireNonNull(transactions.execute(
                    status -> records.createQuery("delete from AppliedWrite w where w.at < :moment")
                            .setParameter("moment", moment)
                            .executeUpdate()));
        } finally {
            gate.leave();
        }
    }

    private String fingerprint(Object request) {
        try {
            byte[] text = (request.getClass().getSimpleName() + json.writeValueAsString(request))
                    .getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
