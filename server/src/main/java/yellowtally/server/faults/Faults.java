package yellowtally.server.faults;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.diagnosis.Cause;
import yellowtally.core.diagnosis.Check;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.diagnosis.FaultProgress.FaultStage;
import yellowtally.core.oiling.LeakWatch;
import yellowtally.core.oiling.OilingSetting;
import yellowtally.core.oiling.Wet;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.support.Violations;
import yellowtally.server.usage.Outings;
import yellowtally.server.visit.WorkForVisits;

/** Writes down what happens to a fault, and closes none unproven. Runs within the caller's transaction. */
@Service
class Faults {

    /** An act with a note. */
    record Noted(UUID id, @Nullable String note) {}

    /** Stood on card; {@code full} says that the oil tank is full, the note what was swapped before. */
    record Stood(UUID id, boolean full, @Nullable String note) {}

    /** An act that says no more than what it is. */
    record Act(UUID id) {}

    /** An end without a proof; the note says why. */
    record EndWithoutCause(
            UUID id, boolean mistake, @Nullable String note) {}

    /** A look at the card. */
    record Look(UUID id, Wet wet, @Nullable String note) {}

    /** An answer that is doubted, by its check. */
    record AskAgain(UUID id, String check) {}

    /** The complaint that words are sorted as. */
    record SortedAs(UUID id, String complaint) {}

    /** A cause that was found. */
    record Found(UUID id, String cause, @Nullable String note) {}

    /**
     * An answer.
     *
     * @param answer absent for "cannot tell"
     * @param expects how many answers stood when it was given
     */
    record Answer(UUID id, String check, @Nullable String answer, int expects) {}

    private final Fleet fleet;
    private final People people;
    private final Knowledge knowledge;
    private final Outings outings;
    private final FaultRepository repository;
    private final FaultReader reader;
    private final FaultHolds holds;
    private final WorkForVisits bench;
    private final FleetRevision revision;
    private final Sentences sentences;
    private final Clock clock;

    Faults(
            Fleet fleet,
            People people,
            Knowledge knowledge,
            Outings outings,
            FaultRepository repository,
            FaultReader reader,
            FaultHolds holds,
            WorkForVisits bench,
            FleetRevision revision,
            Sentences sentences,
            Clock clock) {
        this.fleet = fleet;
        this.people = people;
        this.knowledge = knowledge;
        this.outings = outings;
        this.repository = repository;
        this.reader = reader;
        this.holds = holds;
        this.bench = bench;
        this.revision = revision;
        this.sentences = sentences;
        this.clock = clock;
    }

    void answer(UUID faultId, Answer given) {
        Live live = asking(faultId, given.expects());
        Check check = live.read.finder().check(given.check()).orElseThrow(() -> Refusal.unfit("check", "fault.check"));
        if (!check.takes(given.answer())) {
            throw Refusal.unfit("answer", "fault.answer");
        }
        live.write(given.id(), FaultEventKind.ANSWERED, check.code(), given.answer(), null, null, null);
    }

    /** What stood of a check stands no more, whoever said it: it is asked for again. */
    void doubt(UUID faultId, AskAgain given) {
        Live live = live(faultId);
        live.require(FaultStage.FIND, "fault.found");
        boolean stands = Stream.concat(
                        live.read.story().path().stream(),
                        live.read.finder().standing(live.read.story().path()).stream())
                .anyMatch(answer -> answer.check().equals(given.check()));
        if (!stands) {
            throw Refusal.conflict("check", "fault.noSuchAnswer");
        }
        live.write(given.id(), FaultEventKind.DOUBTED, given.check(), null, null, null, null);
    }

    /** Says which complaint was told in words; one that can hurt somebody holds the saw from then on. */
    void sort(UUID faultId, SortedAs given) {
        Live live = live(faultId);
        live.require(FaultStage.SORT, "fault.sorted");
        Complaint complaint = knowledge
                .offered(given.complaint())
                .filter(known -> knowledge.base().possible(known, live.read.traits()))
                .orElseThrow(() -> Refusal.unfit("complaint", "complaint.impossible"));
        live.write(given.id(), FaultEventKind.SORTED, null, null, complaint.code(), null, null);
        if (complaint.holds()) {
            holds.hold(
                    live.saw,
                    faultId,
                    complaint.title(),
                    complaint.proof(),
                    people.acting().id());
        }
    }

    /** A fault that still asks, and where nobody else has answered meanwhile. */
    private Live asking(UUID faultId, int expects) {
        Live live = live(faultId);
        live.require(FaultStage.FIND, "fault.found");
        if (live.read.story().path().size() != expects) {
            throw Refusal.conflict("", "fault.stale");
        }
        return live;
    }

    void takeBack(UUID faultId, Act given) {
        Live live = live(faultId);
        live.require(FaultStage.FIND, "fault.found");
        if (live.read.story().path().isEmpty()) {
            throw Refusal.conflict("", "fault.nothingToTakeBack");
        }
        live.write(given.id(), FaultEventKind.TAKEN_BACK, null, null, null, null, null);
    }

    /** The cause becomes bench work, and a hold where its rule says so. */
    void cause(UUID faultId, Found given) {
        Live live = live(faultId);
        live.require(FaultStage.FIND, "fault.found");
        Cause cause = knowledge.base().behind(live.read.complaint(), live.read.traits()).stream()
                .filter(c -> c.code().equals(given.cause()))
                .findFirst()
                .orElseThrow(() -> Refusal.unfit("cause", "fault.cause"));
        live.write(given.id(), FaultEventKind.CAUSE_FOUND, null, null, cause.code(), null, live.note(given.note()));
        Step proof = cause.proofAfter(live.read.complaint());
        if (cause.holds()) {
            holds.hold(live.saw, faultId, cause.title(), proof, people.acting().id());
        }
        if (!cause.mechanic()) {
            bench.join(live.saw, cause.steps());
        }
        bench.join(live.saw, List.of(proof));
    }

    void drop(UUID faultId, Act given) {
        Live live = live(faultId);
        if (live.read.progress().stage().compareTo(FaultStage.FIND) <= 0) {
            throw Refusal.conflict("", "fault.notFound");
        }
        live.refuseClosed();
        live.write(given.id(), FaultEventKind.CAUSE_DROPPED, null, null, null, null, null);
    }

    /** Put right and proved, and the complaint is still there: two things were wrong at once (handbook section 12). */
    void stillThere(UUID faultId, Noted given) {
        Live live = live(faultId);
        live.refuseClosed();
        FaultStage stage = live.read.progress().stage();
        if (stage != FaultStage.CLOSES && stage != FaultStage.STAND) {
            throw Refusal.conflict("", "fault.close." + stage, missing(live.read, stage));
        }
        live.write(given.id(), FaultEventKind.STILL_THERE, null, null, null, null, live.note(given.note()));
    }

    void mechanic(UUID faultId, Noted given) {
        Live live = live(faultId);
        live.refuseClosed();
        Violations wrong = new Violations();
        String note = wrong.text("note", given.note(), 300);
        wrong.refuseIfAny();
        live.write(given.id(), FaultEventKind.TO_MECHANIC, null, null, null, null, note);
    }

    void toMechanic(UUID faultId, Saw saw, UUID eventId, String who) {
        Live live = liveOf(faultId, saw);
        if (live.read.progress().stage() != FaultStage.WITH_MECHANIC) {
            live.write(eventId, FaultEventKind.TO_MECHANIC, null, null, null, null, who);
        }
    }

    void fromMechanic(UUID faultId, Saw saw, UUID eventId, String done) {
        Live live = liveOf(faultId, saw);
        live.require(FaultStage.WITH_MECHANIC, "fault.notWithMechanic");
        live.write(eventId, FaultEventKind.FROM_MECHANIC, null, null, null, null, done);
        bench.join(saw, List.of(live.read.progress().proof()));
    }

    private Live liveOf(UUID faultId, Saw saw) {
        Live live = live(faultId);
        live.refuseClosed();
        if (!live.saw.id().equals(saw.id())) {
            throw Refusal.unfit("faults", "away.otherFault");
        }
        return live;
    }

    /** A wet place needs a full tank: an empty one proves nothing (handbook section 12). */
    void stand(UUID faultId, Stood given) {
        Live live = live(faultId);
        live.refuseClosed();
        if (!given.full()) {
            throw Refusal.unfit("full", "fault.tankNotFull");
        }
        if (outings.findByOpenSawId(live.saw.id()).isPresent()) {
            throw Refusal.conflict("", "fault.standsOut", live.saw.tag());
        }
        live.read.standing().refuseAway();
        live.write(given.id(), FaultEventKind.STOOD, null, null, null, null, live.note(given.note()));
    }

    void look(UUID faultId, Look given) {
        Live live = live(faultId);
        live.refuseClosed();
        boolean out = outings.findByOpenSawId(live.saw.id()).isPresent();
        if (out || live.read.watch().state() == LeakWatch.LeakState.NOT_STANDING) {
            throw Refusal.conflict("", "fault.notStanding", live.saw.tag());
        }
        live.write(given.id(), FaultEventKind.LOOKED, null, null, null, given.wet(), live.note(given.note()));
    }

    void close(UUID faultId, Noted given) {
        people.actingOfficer();
        Live live = live(faultId);
        live.refuseClosed();
        FaultStage stage = live.read.progress().stage();
        if (stage != FaultStage.CLOSES) {
            throw Refusal.conflict("", "fault.close." + stage, missing(live.read, stage));
        }
        live.write(given.id(), FaultEventKind.CLOSED, null, null, null, null, live.note(given.note()));
    }

    /**
     * Ends a fault that nobody could confirm, or that was entered by mistake: not without a reason, and not before what it was
     * about has passed its test (handbook section 11, rule 1).
     */
    void end(UUID faultId, EndWithoutCause given) {
        people.actingOfficer();
        Live live = live(faultId);
        live.refuseClosed();
        Violations wrong = new Violations();
        String reason = wrong.text("note", given.note(), 300);
        wrong.refuseIfAny();
        Step check = live.read.complaint().proof();
        boolean passed = live.read.standing().ledger().schedule().log().provedAfter(check, live.fault.at());
        if (!passed) {
            throw Refusal.conflict("", "fault.end.check", sentences.of(Refusal.Fault.of("", "prove." + check)));
        }
        FaultEventKind kind = given.mistake() ? FaultEventKind.MISTAKEN : FaultEventKind.NOT_CONFIRMED;
        live.write(given.id(), kind, null, null, null, null, reason);
    }

    private Object[] missing(FaultReader.Read read, FaultStage stage) {
        if (stage == FaultStage.STAND) {
            double hours = read.standing().numbers().of(OilingSetting.DRY_HOURS);
            return new Object[] {hours, sentences.of(stood(read.watch()))};
        }
        return new Object[] {
            read.progress().steps().stream()
                    .map(step -> sentences.of(Refusal.Fault.of("", "prove." + step)))
                    .collect(Collectors.joining("; "))
        };
    }

    private Refusal.Fault stood(LeakWatch watch) {
        return switch (watch.state()) {
            case NOT_STANDING, DRY -> Refusal.Fault.of("", "fault.stood.never");
            case WET -> Refusal.Fault.of("", "fault.stood.wet");
            case LAST_LOOK_DUE -> Refusal.Fault.of("", "fault.stood.dry");
            case STANDS, LOOK_DUE, DRY_SO_FAR -> {
                Instant stoodAt = Objects.requireNonNull(watch.stoodAt());
                double hours = Duration.between(stoodAt, clock.instant()).toMinutes() / 60.0;
                yield Refusal.Fault.of("", "fault.stood.hours", hours);
            }
        };
    }

    private Live live(UUID faultId) {
        Fault fault = repository.findForWriting(faultId).orElseThrow(() -> Refusal.gone("fault.unknown"));
        Saw saw = fleet.sawInService(fleet.tag(fault.sawId()));
        return new Live(fault, saw, reader.read(fault));
    }

    /** A fault while something is written about it. */
    private final class Live {
        private final Fault fault;
        private final Saw saw;
        private final FaultReader.Read read;

        Live(Fault fault, Saw saw, FaultReader.Read read) {
            this.fault = fault;
            this.saw = saw;
            this.read = read;
        }

        void refuseClosed() {
            if (read.progress().stage() == FaultStage.CLOSED) {
                throw Refusal.conflict("", "fault.closed");
            }
        }

        void require(FaultStage stage, String otherwise) {
            refuseClosed();
            if (read.progress().stage() != stage) {
                throw Refusal.conflict("", otherwise);
            }
        }

        @Nullable
        String note(@Nullable String given) {
            Violations wrong = new Violations();
            String note = wrong.optionalText("note", given, 300);
            wrong.refuseIfAny();
            return note;
        }

        void write(
                UUID id,
                FaultEventKind kind,
                @Nullable String check,
                @Nullable String answer,
                @Nullable String cause,
                @Nullable Wet wet,
                @Nullable String note) {
            Person person = people.acting();
            FaultEvent event = new FaultEvent(0, kind, clock.instant(), check, answer, cause, wet);
            repository.add(new FaultEventRow(id, fault.id(), event, note, person.id(), Acting.deviceNow()));
            revision.touches(saw.id());
        }
    }
}
