package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Takes a saw out of the fleet, brings it back, gives it another tag. Runs within the caller's transaction. */
@Service
class SawChanges {

    private final FleetRepositories.Saws saws;
    private final FleetRepositories.FormerTags formerTags;
    private final EntityManager records;
    private final Clock clock;

    SawChanges(
            FleetRepositories.Saws saws, FleetRepositories.FormerTags formerTags, EntityManager records, Clock clock) {
        this.saws = saws;
        this.formerTags = formerTags;
        this.records = records;
        this.clock = clock;
    }

    void retire(UUID id, Saw saw, Person person, String reason) {
        String why = Violations.onlyText("reason", reason, 300);
        saw.retire(clock.instant(), why);
        told(id, saw, SawEvent.SawEventKind.RETIRED, person, why, null);
    }

    /** It stands as its records say: what rested so long is looked over before it goes out. */
    void bringBack(UUID id, Saw saw, Person person, String reason) {
        if (saw.retiredAt() == null) {
            throw Refusal.conflict("", "saw.inService", saw.tag());
        }
        saw.bringBack();
        told(id, saw, SawEvent.SawEventKind.BROUGHT_BACK, person, Violations.onlyText("reason", reason, 300), null);
    }

    /** Its old tag stays its own. */
    void tag(UUID id, Saw saw, Person person, String tag, String reason) {
        Violations wrong = new Violations();
        refuseTag(tag, saw, wrong);
        String why = wrong.text("reason", reason, 300);
        wrong.refuseIfAny();
        String before = saw.tag();
        boolean only = FormerTag.key(before).equals(FormerTag.key(tag));
        formerTags.findById(FormerTag.key(tag)).ifPresent(formerTags::delete);
        if (!only) {
            records.persist(new FormerTag(before, saw.id()));
        }
        saw.tag(tag);
        told(id, saw, SawEvent.SawEventKind.TAGGED, person, why, before);
    }

    /** {@code saw} is absent for a new one. */
    void refuseTag(String tag, @Nullable Saw saw, Violations wrong) {
        if (!tag.matches(PartChooser.TAG_FORM)) {
            wrong.add("tag", "tag.form");
            return;
        }
        UUID own = saw == null ? null : saw.id();
        if (saws.findByTag(tag).filter(other -> !other.id().equals(own)).isPresent()) {
            wrong.add("tag", "saw.taken", tag);
        }
        formerTags
                .findById(FormerTag.key(tag))
                .filter(former -> !former.sawId().equals(own))
                .flatMap(former -> saws.findById(former.sawId()))
                .ifPresent(other -> wrong.add("tag", "saw.tagKept", tag, other.tag()));
    }

    private void told(
            UUID id, Saw saw, SawEvent.SawEventKind kind, Person person, String reason, @Nullable String tagBefore) {
        records.persist(new SawEvent(id, saw.id(), kind, clock.instant(), person.id(), reason, tagBefore));
    }
}
