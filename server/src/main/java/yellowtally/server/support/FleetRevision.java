package yellowtally.server.support;

import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/**
 * Counts the writes of this process. The database file is locked by it, so nobody else writes: what was worked out at a
 * revision still holds while the revision stands. A write that names the saws it touches leaves the others alone.
 */
@Component
public class FleetRevision {

    private final AtomicLong writes = new AtomicLong();
    private final Map<UUID, Long> bySaw = new ConcurrentHashMap<>();
    private final ThreadLocal<Set<UUID>> touched = ThreadLocal.withInitial(HashSet::new);
    private final ThreadLocal<Boolean> none = ThreadLocal.withInitial(() -> false);
    private volatile long everything;

    /** The revision now. */
    public long now() {
        return writes.get();
    }

    /** Saws that writes after a revision touched; empty when some write touched all, or may have. */
    public Optional<Set<UUID>> touchedSince(long revision) {
        if (everything > revision) {
            return Optional.empty();
        }
        Set<UUID> saws = new HashSet<>();
        bySaw.forEach((saw, at) -> {
            if (at > revision) {
                saws.add(saw);
            }
        });
        return Optional.of(saws);
    }

    /** Says, within a write, that it touches this saw. A write that says nothing touches all. */
    public void touches(UUID sawId) {
        touched.get().add(sawId);
    }

    /** Says that this write touches no saw: a setting, or a write that was refused and rolled back. */
    public void touchesNone() {
        none.set(true);
    }

    /** Forgets what was said of a write that is taken back whole. */
    public void forget() {
        touched.remove();
        none.remove();
    }

    /** A write was committed. */
    synchronized void written() {
        Set<UUID> saws = touched.get();
        long revision = writes.get() + 1;
        if (saws.isEmpty() && !none.get()) {
            everything = revision;
        }
        saws.forEach(saw -> bySaw.merge(saw, revision, Math::max));
        touched.remove();
        none.remove();
        // Last: whoever sees the new count sees what it touched.
        writes.incrementAndGet();
    }
}
