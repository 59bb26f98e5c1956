package yellowtally.server.demo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.oiling.Wet;
import yellowtally.core.steps.Step;
import yellowtally.server.away.AwaySeed;
import yellowtally.server.faults.FaultOrigin;
import yellowtally.server.faults.FaultSeed;
import yellowtally.server.fleet.Saw;
import yellowtally.server.photos.PhotoSeed;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;

/** Complaints of the demo crews: one that is looked for, one that stands on card, one that comes again and again. */
final class DemoFaults {

    private static final String MECHANIC = "Hob Lane Engine Works";

    private final EntityManager records;
    private final Clock clock;
    private final List<UUID> officers;
    private final List<UUID> crew;
    private final PhotoSeed photos;

    DemoFaults(EntityManager records, Clock clock, List<UUID> officers, List<UUID> crew, PhotoSeed photos) {
        this.records = records;
        this.clock = clock;
        this.officers = officers;
        this.crew = crew;
        this.photos = photos;
    }

    void fill() {
        FaultSeed.of(
                records,
                saw("15").id(),
                "cuts-left",
                FaultOrigin.RETURN,
                "Pulls to the left and had to be pushed at the end",
                onReturn(1),
                crew.get(0));
        FaultSeed.of(
                        records,
                        saw("13").id(),
                        "brake-does-not-stop",
                        FaultOrigin.VISIT,
                        "Ran on at full throttle with the lever forward",
                        minutes(8),
                        officers.get(1))
                .answered(minutes(6), "lever-snap", "snaps")
                .answered(minutes(5), "tabs-look", "whole");
        FaultSeed.of(
                records,
                saw("11").id(),
                Complaint.TOLD,
                FaultOrigin.RETURN,
                "Clicks and knocks once a turn since noon",
                onReturn(1),
                crew.get(0));
        // The bench has had the cover off since: the finder need not ask for it again.
        done(saw("13"), Step.BRAKE_BAND, minutes(3), "Cover off, band even all round");
        leak();
        atTheMechanic();
        dull("08", 40);
        dull("08", 19);
        dull("02", 33);
        dull("08", 6);
    }

    /** A cap seal that was swapped; the saw has stood for five hours and was dry at four. */
    private void leak() {
        Saw saw = saw("06");
        Instant found = hours(5).minusSeconds(1200);
        done(saw, Step.NEW_CAP_SEAL, hours(5).minusSeconds(600), "Oil cap seal renewed");
        done(saw, Step.OUTSIDE_LOOK, hours(5).minusSeconds(540), "Dry round the cap");
        FaultSeed puddle = FaultSeed.of(
                records,
                saw.id(),
                "oil-lost",
                FaultOrigin.RETURN,
                "A puddle under it every morning",
                onReturn(1),
                crew.get(1));
        photos.put(
                saw.id(), puddle.id(), "/demo/puddle.jpg", 960, 720, onReturn(1).plusSeconds(120), crew.get(1));
        puddle.answered(found.minusSeconds(300), "cap-look", "worn")
                .cause(found, "oil-cap-seal-worn")
                .stood(hours(5), "New seal in the oil cap")
                .looked(minutes(58), Wet.DRY);
    }

    /** It loses power when it is hot, nobody here found out why, and it is away to be looked at. */
    private void atTheMechanic() {
        Saw saw = saw("20");
        Instant given = onReturn(4).plusSeconds(5400);
        FaultSeed.of(
                        records,
                        saw.id(),
                        "hot-or-weak",
                        FaultOrigin.PERSON,
                        "Strong for ten minutes, then it dies in the cut",
                        onReturn(5),
                        crew.get(1))
                .answered(given.minusSeconds(900), "filter-look", "clean")
                .answered(given.minusSeconds(600), "fins-look", "free")
                .answered(given.minusSeconds(300), "screen-look", "clean")
                .toMechanic(given, MECHANIC);
        LocalDate today = LocalDate.now(clock);
        AwaySeed.gone(
                records,
                saw.id(),
                MECHANIC,
                "Loses power when it is hot; filter, fins and screen are clean",
                today.minusDays(4),
                today.plusDays(2),
                14_500,
                62_000,
                given,
                officers.get(0));
    }

    /** The sharpening and its proof are those of the service that followed. */
    private void dull(String tag, int daysAgo) {
        Instant said = onReturn(daysAgo);
        FaultSeed.of(records, saw(tag).id(), "dust", FaultOrigin.RETURN, "Dust, had to lean on it", said, crew.get(2))
                .answered(said.plusSeconds(900), "corner-glint", "both")
                .cause(said.plusSeconds(960), "edge-dull")
                .closed(said.plusSeconds(7200), "Sharpened, cuts again");
    }

    private void done(Saw saw, Step step, Instant at, String note) {
        records.persist(new WorkRecord(
                new WorkRecord.Head(
                        UUID.randomUUID(),
                        saw.id(),
                        null,
                        step,
                        at,
                        at,
                        officers.get(0),
                        DemoFleet.DEVICE,
                        WorkRecord.Parts.NONE),
                WorkOutcome.FINE,
                note,
                null));
    }

    private Saw saw(String tag) {
        return records.createQuery("select s from Saw s where s.tag = :tag", Saw.class)
                .setParameter("tag", tag)
                .getSingleResult();
    }

    /** When the crews come back of an afternoon. */
    private Instant onReturn(int daysAgo) {
        return LocalDate.now(clock)
                .minusDays(daysAgo)
                .atTime(15, 45)
                .atZone(clock.getZone())
                .toInstant();
    }

    private Instant hours(int ago) {
        return clock.instant().minus(Duration.ofHours(ago));
    }

    private Instant minutes(int ago) {
        return clock.instant().minus(Duration.ofMinutes(ago));
    }
}
