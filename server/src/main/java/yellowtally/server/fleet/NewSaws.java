package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Person;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Violations;

/** Hangs a new saw on its hook, with its set or without. Runs within the caller's transaction. */
@Service
public class NewSaws {

    private final SawChanges changes;
    private final Models models;
    private final HouseUnits house;
    private final SetFitter fitter;
    private final FleetRevision revision;
    private final EntityManager records;
    private final Clock clock;

    NewSaws(
            SawChanges changes,
            Models models,
            HouseUnits house,
            SetFitter fitter,
            FleetRevision revision,
            EntityManager records,
            Clock clock) {
        this.changes = changes;
        this.models = models;
        this.house = house;
        this.fitter = fitter;
        this.revision = revision;
        this.records = records;
        this.clock = clock;
    }

    /** The saw; all that is wrong with its card, or with its set, is told at once. */
    public Saw add(UUID id, String tag, SawInput card, @Nullable SetInput set, Person person) {
        Violations wrong = new Violations();
        changes.refuseTag(tag, null, wrong);
        SawDetails details = card.details(LocalDate.now(clock), models, house, wrong);
        wrong.refuseIfAny();
        Saw saw = new Saw(id, tag, details);
        records.persist(saw);
        revision.touches(saw.id());
        if (set != null) {
            fitter.fit(UUID.randomUUID(), saw, set, person, Acting.deviceNow());
        }
        return saw;
    }
}
