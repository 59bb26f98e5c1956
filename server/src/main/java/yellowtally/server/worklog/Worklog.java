package yellowtally.server.worklog;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.holds.SetBack;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Part;
import yellowtally.server.support.FleetRevision;

/** Stores and finds records of bench work and holds. Runs within the caller's transaction. */
@Service
public class Worklog {

    /** What was struck out does not stand; of a record {@code r}. */
    public static final String STANDING = " and not exists (select 1 from WorkVoid v where v.recordId = r.id)";

    private static final Set<Step> OPENING =
            Arrays.stream(Step.values()).filter(Step::takesApart).collect(Collectors.toUnmodifiableSet());

    private final EntityManager records;
    private final FleetRevision revision;

    private final List<SeesStrikes> followers;

    Worklog(EntityManager records, FleetRevision revision, List<SeesStrikes> followers) {
        this.records = records;
        this.revision = revision;
        this.followers = followers;
    }

    /** The parts that a record names. */
    public static WorkRecord.Parts parts(FittedSet set) {
        return new WorkRecord.Parts(
                set.chain() == null ? null : set.chain().id(),
                set.bar() == null ? null : set.bar().id(),
                set.sprocket() == null ? null : set.sprocket().id(),
                set.fitting() == null ? null : set.fitting().id());
    }

    /**
     * Stores a record; one that failed holds its saw.
     *
     * @param failed what must not go out, in this season or in another
     */
    public void add(WorkRecord record, Set<Finding> failed) {
        records.persist(record);
        if (record.step().takesApart() && checkedAfter(record)) {
            records.persist(new LateOpening(record));
        }
        revision.touches(record.sawId());
        if (record.outcome() == WorkOutcome.FAIL || !failed.isEmpty()) {
            records.persist(SawHold.of(UUID.randomUUID(), record, failed));
        }
    }

    /** Whether the tension of its saw was read after it, and is on record already: asked only of what was written down later. */
    private boolean checkedAfter(WorkRecord record) {
        return record.at().isBefore(record.recordedAt())
                && !records.createQuery(
                                "select r.seq from WorkRecord r where r.sawId = :saw and r.step = :step and r.at > :at",
                                Long.class)
                        .setParameter("saw", record.sawId())
                        .setParameter("step", Step.TENSION)
                        .setParameter("at", record.at())
                        .setMaxResults(1)
                        .getResultList()
                        .isEmpty();
    }

    /**
     * Whether the cutting set of a saw was apart at a moment: opened, or fitted, and its tension not read with a pass since.
     *
     * @param fittedAt when the set that was on then was fitted
     */
    public boolean wasApart(UUID sawId, Instant moment, Instant fittedAt) {
        return SetBack.wasApart(
                fittedAt,
                latest(sawId, moment, OPENING, EnumSet.complementOf(EnumSet.of(WorkOutcome.SKIPPED)))
                        .orElse(null),
                latest(sawId, moment, EnumSet.of(Step.TENSION), EnumSet.of(WorkOutcome.FINE))
                        .orElse(null));
    }

    private Optional<Instant> latest(UUID sawId, Instant until, Set<Step> steps, Set<WorkOutcome> outcomes) {
        return records.createQuery(
                        "select r.at from WorkRecord r where r.sawId = :saw and r.step in :steps and r.at <= :until"
                                + " and r.outcome in :outcomes" + STANDING + " order by r.at desc",
                        Instant.class)
                .setParameter("saw", sawId)
                .setParameter("steps", steps)
                .setParameter("until", until)
                .setParameter("outcomes", outcomes)
                .setMaxResults(1)
                .getResultStream()
                .findFirst();
    }

    /** Writes what is new now, so that other rooms can name it. */
    public void flush() {
        records.flush();
    }

    /** Holds a saw in a person's name. */
    public void hold(SawHold hold) {
        records.persist(hold);
        revision.touches(hold.sawId());
    }

    /** Strikes a record out. A hold that it made stays until somebody looks anew. */
    public void strike(WorkRecord record, String reason, Instant at, UUID personId) {
        records.persist(new WorkVoid(record.id(), reason, at, personId));
        followers.forEach(follower -> follower.struck(record, reason, at, personId));
        revision.touches(record.sawId());
        // The parts may hang on another saw by now, and take what is said of them along.
        WorkRecord.Parts parts = record.parts();
        touchesSawOf(parts.chainId());
        touchesSawOf(parts.barId());
        touchesSawOf(parts.sprocketId());
    }

    private void touchesSawOf(@Nullable UUID partId) {
        UUID saw = partId == null ? null : records.find(Part.class, partId).sawId();
        if (saw != null) {
            revision.touches(saw);
        }
    }

    /**
     * Releases a hold.
     *
     * @param proofs numbers of the records that the release stands on
     */
    public void release(SawHold hold, Collection<Long> proofs, Instant at, UUID personId) {
        List<UUID> standsOn = proofs.isEmpty()
                ? List.of()
                : records.createQuery("select r.id from WorkRecord r where r.seq in :proofs", UUID.class)
                        .setParameter("proofs", proofs)
                        .getResultList();
        records.persist(new HoldRelease(UUID.randomUUID(), hold.id(), at, personId, standsOn));
        revision.touches(hold.sawId());
    }

    public Optional<SawHold> findHold(UUID id) {
        return Optional.ofNullable(records.find(SawHold.class, id));
    }

    public Optional<WorkRecord> find(UUID id) {
        return Optional.ofNullable(records.find(WorkRecord.class, id));
    }

    public boolean isStruck(UUID id) {
        return records.find(WorkVoid.class, id) != null;
    }

    /** Records of a visit that count, in the order in which they were stored. */
    public List<WorkRecord> ofVisit(UUID visitId) {
        return records.createQuery(
                        "select r from WorkRecord r where r.visitId = :visit" + STANDING + " order by r.seq",
                        WorkRecord.class)
                .setParameter("visit", visitId)
                .getResultList();
    }

    /** Holds of a saw without a release that stands. */
    public List<SawHold> openHolds(UUID sawId) {
        return records.createQuery("""
                        select h from SawHold h where h.sawId = :saw
                        and not exists (select 1 from HoldRelease r where r.holdId = h.id
                            and not exists (select 1 from WorkVoid v where v.recordId in elements(r.proofs)))
                        order by h.at""", SawHold.class)
                .setParameter("saw", sawId)
                .getResultList();
    }

    /** Why a release does not stand any more. */
    public record Fallen(UUID holdId, Instant releasedAt, UUID releasedBy, Step step, WorkVoid strike) {}

    /** Releases of these holds that fell, each with the strike that brought it down, the latest one last. */
    public List<Fallen> fallen(Collection<UUID> holds) {
        return holds.isEmpty()
                ? List.of()
                : records.createQuery("""
                                select r.holdId, r.at, r.personId, w.step, v from HoldRelease r, WorkVoid v, WorkRecord w
                                where r.holdId in :holds and v.recordId in elements(r.proofs) and w.id = v.recordId
                                order by v.seq""", Fallen.class)
                        .setParameter("holds", holds)
                        .getResultList();
    }

    /** Which of these records are struck out, with the reason. */
    public List<WorkVoid> struckOf(Collection<UUID> ids) {
        return ids.isEmpty()
                ? List.of()
                : records.createQuery("select v from WorkVoid v where v.recordId in :ids", WorkVoid.class)
                        .setParameter("ids", ids)
                        .getResultList();
    }
}
