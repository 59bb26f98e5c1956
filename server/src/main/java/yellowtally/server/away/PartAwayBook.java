package yellowtally.server.away;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.holds.PartBack;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OwnId;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;

/** Writes down that parts go to a mechanic or dealer, what is said meanwhile, that they are back, and that they were looked at. */
@Service
class PartAwayBook {

    private static final int MOST_PARTS = 50;

    private final AwayRepositories.PartAways aways;
    private final AwayRepositories.PartWords words;
    private final AwayRepositories.Looks looks;
    private final GoingChecks checks;
    private final PartFinder finder;
    private final PartsAwayNow now;
    private final People people;
    private final FleetRevision revision;
    private final Clock clock;

    PartAwayBook(
            AwayRepositories.PartAways aways,
            AwayRepositories.PartWords words,
            AwayRepositories.Looks looks,
            GoingChecks checks,
            PartFinder finder,
            PartsAwayNow now,
            People people,
            FleetRevision revision,
            Clock clock) {
        this.aways = aways;
        this.words = words;
        this.looks = looks;
        this.checks = checks;
        this.finder = finder;
        this.now = now;
        this.people = people;
        this.revision = revision;
        this.clock = clock;
    }

    /**
     * Parts go together.
     *
     * @param parts their tags
     * @param since the day on which they went, today at the latest
     */
    record GivenParts(UUID id, List<String> parts, String who, String why, LocalDate since, SaidOfReturn said) {}

    /** Something new was said of parts that are away. */
    record PartsWord(UUID id, List<String> parts, SaidOfReturn said) {}

    /**
     * Parts are back.
     *
     * @param done what was done, as they say
     * @param costCents what each cost, hundredths; absent while there is no bill
     * @param looks what each was looked at here, on the shelf, where nothing was found; none for a look that waits
     */
    record PartsBack(
            UUID id,
            List<String> parts,
            String done,
            @Nullable Integer costCents,
            List<Step> looks) {}

    /**
     * Parts that are back were looked at on the shelf.
     *
     * @param looks where nothing was found; all that the part asks for
     */
    record PartsSeen(UUID id, List<String> parts, List<Step> looks) {}

    /** A part was not looked at after all. */
    record NotSeen(UUID id, String reason) {}

    void give(GivenParts given) {
        Person officer = people.actingOfficer();
        Violations wrong = new Violations();
        TimeAway.Going going = checks.going(given.who(), given.why(), given.since(), wrong);
        SaidOfReturn said = checks.said(given.said(), wrong);
        List<Part> parts = claimed(given.parts(), wrong);
        for (Part part : parts) {
            String who = now.who(part.id()).orElse(null);
            if (who != null) {
                wrong.add("parts", "part.away", part.tag(), who);
            } else if (part.retiredAt() != null) {
                wrong.add("parts", "part.retired", part.tag());
            } else if (part.sawId() != null) {
                wrong.add("parts", "part.stillOn", part.tag());
            }
        }
        wrong.refuseIfAny();
        for (Part part : parts) {
            UUID id = OwnId.of(given.id(), part.id().toString());
            aways.save(new PartAway(id, part.id(), going, officer.id()));
            words.save(new PartAwayWord(OwnId.of(id, "word"), id, said, going.at(), officer.id()));
        }
        revision.touchesNone();
    }

    void say(PartsWord given) {
        Person officer = people.actingOfficer();
        Violations wrong = new Violations();
        SaidOfReturn said = checks.said(given.said(), wrong);
        List<PartAway> gone = gone(claimed(given.parts(), wrong), wrong);
        wrong.refuseIfAny();
        Instant at = clock.instant();
        gone.forEach(away -> words.save(
                new PartAwayWord(OwnId.of(given.id(), away.id().toString()), away.id(), said, at, officer.id())));
        revision.touchesNone();
    }

    /** From now on each is asked for a look, on the shelf or on its saw: nobody here knows what was done to it (handbook section 11, rule 5). */
    void back(PartsBack given) {
        Person person = people.acting();
        Violations wrong = new Violations();
        String done = wrong.text("done", given.done(), GoingChecks.SENTENCE);
        wrong.cents("costCents", given.costCents(), 0, Part.MOST_CENTS);
        List<Part> parts = claimed(given.parts(), wrong);
        List<PartAway> gone = gone(parts, wrong);
        if (!given.looks().isEmpty()) {
            parts.forEach(part -> addMissing(part, given.looks(), wrong));
        }
        wrong.refuseIfAny();
        Instant at = clock.instant();
        for (PartAway away : gone) {
            away.back(done, given.costCents(), at, person.id());
            if (!given.looks().isEmpty()) {
                look(given.id(), away, at, person);
            }
        }
        revision.touchesNone();
    }

    void seen(PartsSeen given) {
        Person person = people.acting();
        Violations wrong = new Violations();
        List<Part> parts = claimed(given.parts(), wrong);
        Set<UUID> unseen = now.now().unseen();
        List<PartAway> back = new ArrayList<>();
        for (Part part : parts) {
            addMissing(part, given.looks(), wrong);
            if (unseen.contains(part.id())) {
                back.add(aways.findByPartIdOrderByAtDesc(part.id()).get(0));
            } else {
                wrong.add("parts", "part.seenAlready", part.tag());
            }
        }
        wrong.refuseIfAny();
        Instant at = clock.instant();
        back.forEach(away -> look(given.id(), away, at, person));
        revision.touchesNone();
    }

    /** Anybody may say so: it makes nothing more usable. A saw that it hangs on by now is held again. */
    void notSeen(UUID lookId, NotSeen given) {
        Person person = people.acting();
        String reason = Violations.onlyText("reason", given.reason(), GoingChecks.SENTENCE);
        PartLook look = looks.findById(lookId).orElseThrow(() -> Refusal.gone("away.unknown"));
        if (look.struck()) {
            throw Refusal.conflict("", "part.lookStruck");
        }
        look.strike(clock.instant(), person.id(), reason);
        // Whoever fits it at this moment is waited for: the saw that it hangs on then is held.
        UUID saw = aways.findById(look.awayId())
                .flatMap(away -> finder.claimed(away.partId()))
                .map(Part::sawId)
                .orElse(null);
        if (saw == null) {
            revision.touchesNone();
        } else {
            revision.touches(saw);
        }
    }

    private void look(UUID request, PartAway away, Instant at, Person person) {
        looks.save(new PartLook(OwnId.of(request, away.id() + " look"), away.id(), at, person.id()));
    }

    /** Half a look is none. */
    private static void addMissing(Part part, List<Step> looks, Violations wrong) {
        for (Step step : PartBack.looks(part.subject())) {
            if (!looks.contains(step)) {
                wrong.add("looks", "part.lookMissing." + step, part.tag());
            }
        }
    }

    /** Those that are away, each with the record of it. */
    private List<PartAway> gone(List<Part> parts, Violations wrong) {
        List<PartAway> gone = new ArrayList<>();
        for (Part part : parts) {
            aways.findByOpenPartId(part.id())
                    .ifPresentOrElse(gone::add, () -> wrong.add("parts", "part.here", part.tag()));
        }
        return gone;
    }

    /** In one order, each once: two writes that name the same parts do not wait for each other for ever. */
    private List<Part> claimed(List<String> tags, Violations wrong) {
        if (tags.isEmpty()) {
            wrong.add("parts", "missing");
        } else if (tags.size() > MOST_PARTS) {
            wrong.add("parts", "number.range", 1, MOST_PARTS);
            return List.of();
        }
        TreeSet<String> each = new TreeSet<>();
        tags.forEach(tag -> each.add(tag.toUpperCase(Locale.ROOT)));
        List<Part> parts = new ArrayList<>();
        for (String tag : each) {
            finder.claimed(tag).ifPresentOrElse(parts::add, () -> wrong.add("parts", "part.unknown", tag));
        }
        return parts;
    }
}
