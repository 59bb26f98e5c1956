package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.core.steps.Subject;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Fits a cutting set to a saw: fit check first, then the record, then the parts change places. */
@Service
public class SetFitter {

    private static final double MOST_SOAK_HOURS = 10_000;

    private final EntityManager records;
    private final PartChooser chooser;
    private final Fleet fleet;
    private final PartCheck check;
    private final Clock clock;

    SetFitter(EntityManager records, PartChooser chooser, Fleet fleet, PartCheck check, Clock clock) {
        this.records = records;
        this.chooser = chooser;
        this.fleet = fleet;
        this.check = check;
        this.clock = clock;
    }

    /** Fits within the caller's transaction; refuses a misfit in words and changes nothing then. */
    public void fit(UUID recordId, Saw saw, SetInput input, Person person, String device) {
        Violations wrong = new Violations();
        ChosenSet chosen = chooser.choose(input, saw.id(), wrong);
        chosen.misfits().forEach(misfit -> wrong.add("set", "misfit." + misfit.kind(), misfit.has(), misfit.asks()));
        Double soak = wrong.optionalNumber("set.soakHours", input.soakHours(), 0, MOST_SOAK_HOURS);
        String note = wrong.optionalText("set.note", input.note(), 500);
        wrong.refuseIfAny();

        FittedSet before = fleet.set(saw);
        if (saw.retiredAt() != null && !chosen.onlyOf(before)) {
            throw Refusal.conflict("", "saw.onlyOff", saw.tag());
        }
        refuseCondemned(before, chosen);
        takeOff(before, chosen);
        Instant now = clock.instant();
        SetFitting record = new SetFitting(
                recordId,
                saw.id(),
                chosen.chain() == null ? null : chosen.chain().id(),
                chosen.bar() == null ? null : chosen.bar().id(),
                chosen.sprocket() == null ? null : chosen.sprocket().id(),
                Boolean.TRUE.equals(input.newChain()) && chosen.chain() != null,
                soak,
                note,
                now,
                now,
                person.id(),
                device);
        hang(chosen, saw.id());
        records.persist(record);
        saw.fitted(record.id());
    }

    /** What hangs on the saw already may stay until the hold on it is dealt with; nothing condemned is hung on anew. */
    private void refuseCondemned(FittedSet before, ChosenSet chosen) {
        if (chosen.chain() != null && chosen.chain() != before.chain()) {
            check.refuseCondemned(
                    chosen.chain().id(), Subject.CHAIN, chosen.chain().tag());
        }
        if (chosen.bar() != null && chosen.bar() != before.bar()) {
            check.refuseCondemned(chosen.bar().id(), Subject.BAR, chosen.bar().tag());
        }
        if (chosen.sprocket() != null && chosen.sprocket() != before.sprocket()) {
            check.refuseCondemned(
                    chosen.sprocket().id(), Subject.SPROCKET, chosen.sprocket().tag());
        }
    }

    private void takeOff(FittedSet before, ChosenSet chosen) {
        if (before.chain() != null && before.chain() != chosen.chain()) {
            before.chain().hangOn(null);
        }
        if (before.bar() != null && before.bar() != chosen.bar()) {
            before.bar().hangOn(null);
        }
        if (before.sprocket() != null && before.sprocket() != chosen.sprocket()) {
            before.sprocket().hangOn(null);
        }
        // The hook must be free in the database before the next part hangs on it.
        records.flush();
    }

    private void hang(ChosenSet chosen, UUID sawId) {
        if (chosen.chain() != null) {
            chosen.chain().hangOn(sawId);
            keep(chosen.chain());
        }
        if (chosen.bar() != null) {
            chosen.bar().hangOn(sawId);
            keep(chosen.bar());
        }
        if (chosen.sprocket() != null) {
            chosen.sprocket().hangOn(sawId);
            keep(chosen.sprocket());
        }
    }

    private void keep(Object part) {
        if (!records.contains(part)) {
            records.persist(part);
        }
    }
}
