package yellowtally.server.faults;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.oiling.Wet;

/** Writes a fault of a demo saw and what happened to it. */
public final class FaultSeed {

    private static final String DEVICE = "Workshop desk";

    private final EntityManager records;
    private final UUID id = UUID.randomUUID();
    private final UUID personId;

    private FaultSeed(EntityManager records, UUID personId) {
        this.records = records;
        this.personId = personId;
    }

    /** A complaint about a saw. */
    public static FaultSeed of(
            EntityManager records,
            UUID sawId,
            String complaint,
            FaultOrigin origin,
            @Nullable String seen,
            Instant at,
            UUID personId) {
        FaultSeed seed = new FaultSeed(records, personId);
        records.persist(
                new Fault(new Fault.Said(seed.id, sawId, complaint, origin, seen, at, personId, DEVICE, null, null)));
        return seed;
    }

    /** The fault, so that something can be put to it. */
    public UUID id() {
        return id;
    }

    /** A check with its answer. */
    public FaultSeed answered(Instant at, String check, String answer) {
        return add(new FaultEvent(0, FaultEventKind.ANSWERED, at, check, answer, null, null), null);
    }

    public FaultSeed cause(Instant at, String cause) {
        return add(new FaultEvent(0, FaultEventKind.CAUSE_FOUND, at, null, null, cause, null), null);
    }

    public FaultSeed toMechanic(Instant at, String who) {
        return add(new FaultEvent(0, FaultEventKind.TO_MECHANIC, at, null, null, null, null), who);
    }

    public FaultSeed stood(Instant at, String swapped) {
        return add(new FaultEvent(0, FaultEventKind.STOOD, at, null, null, null, null), swapped);
    }

    public FaultSeed looked(Instant at, Wet wet) {
        return add(new FaultEvent(0, FaultEventKind.LOOKED, at, null, null, null, wet), null);
    }

    public FaultSeed closed(Instant at, String note) {
        return add(new FaultEvent(0, FaultEventKind.CLOSED, at, null, null, null, null), note);
    }

    private FaultSeed add(FaultEvent event, @Nullable String note) {
        records.persist(new FaultEventRow(UUID.randomUUID(), id, event, note, personId, DEVICE));
        return this;
    }
}
