package yellowtally.server.faults;

import java.time.Clock;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.diagnosis.Complaint;
import yellowtally.core.diagnosis.NearestComplaints;
import yellowtally.core.diagnosis.SawTrait;
import yellowtally.core.steps.Finding;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.people.Acting;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Violations;
import yellowtally.server.usage.TakesComplaints;
import yellowtally.server.visit.SeesFindings;
import yellowtally.server.visit.StepDone;

/** Takes complaints: of a crew on return, or of anybody about a saw. Runs within the caller's transaction. */
@Service
class Complaints implements TakesComplaints, SeesFindings {

    /** A complaint about a saw. */
    record NewFault(UUID id, String complaint, @Nullable String seen, FaultOrigin origin) {}

    /** The complaint of the fault finder that a wet patch is. */
    private static final String LEAK = "oil-lost";

    private final Fleet fleet;
    private final People people;
    private final Knowledge knowledge;
    private final Standings standings;
    private final FaultRepository repository;
    private final FaultHolds holds;
    private final FleetRevision revision;
    private final Clock clock;

    Complaints(
            Fleet fleet,
            People people,
            Knowledge knowledge,
            Standings standings,
            FaultRepository repository,
            FaultHolds holds,
            FleetRevision revision,
            Clock clock) {
        this.fleet = fleet;
        this.people = people;
        this.knowledge = knowledge;
        this.standings = standings;
        this.repository = repository;
        this.holds = holds;
        this.revision = revision;
        this.clock = clock;
    }

    @Override
    public @Nullable String title(String code) {
        return knowledge.offered(code).map(Complaint::title).orElse(null);
    }

    @Override
    public void take(Saw saw, Said said) {
        open(
                saw,
                new Fault.Said(
                        said.id(),
                        saw.id(),
                        said.complaint(),
                        FaultOrigin.RETURN,
                        said.seen(),
                        clock.instant(),
                        said.personId(),
                        said.device(),
                        said.outingId(),
                        null),
                said.holds());
    }

    /** Words that are nearest to a complaint that can hurt somebody hold the saw until they are sorted and proved otherwise. */
    @Override
    public void tell(Saw saw, UUID id, String words, UUID outingId, UUID personId, String device) {
        repository.add(new Fault(new Fault.Said(
                id,
                saw.id(),
                Complaint.TOLD,
                FaultOrigin.RETURN,
                words,
                clock.instant(),
                personId,
                device,
                outingId,
                null)));
        Set<SawTrait> traits = SawTrait.of(standings.of(saw).profile());
        NearestComplaints.of(words, knowledge.base().possible(traits)).stream()
                .findFirst()
                .map(NearestComplaints.Near::complaint)
                .filter(Complaint::holds)
                .ifPresent(near -> holds.hold(saw, id, near.title(), near.proof(), personId));
        revision.touches(saw.id());
    }

    @Override
    public List<String> ofOuting(UUID outingId) {
        return repository.ofOuting(outingId).stream()
                .map(fault -> knowledge.complaint(fault.complaint()).title())
                .toList();
    }

    @Override
    public void repeat(UUID struckOuting, Saw saw, UUID outing, UUID personId, String device) {
        for (Fault fault : repository.ofOuting(struckOuting)) {
            if (fault.complaint().equals(Complaint.TOLD)) {
                tell(saw, UUID.randomUUID(), String.valueOf(fault.seen()), outing, personId, device);
            } else {
                take(
                        saw,
                        new Said(UUID.randomUUID(), fault.complaint(), fault.seen(), false, outing, personId, device));
            }
        }
    }

    /** A wet patch at the bench is a leak like any other: closed only by a dry day (handbook section 7). */
    @Override
    public void found(Saw saw, Set<Finding> findings, StepDone done) {
        if (!findings.contains(Finding.LEAK_SEEN)
                || knowledge.offered(LEAK).isEmpty()
                || repository.isOpen(saw.id(), LEAK)) {
            return;
        }
        open(
                saw,
                new Fault.Said(
                        UUID.randomUUID(),
                        saw.id(),
                        LEAK,
                        FaultOrigin.VISIT,
                        done.note(),
                        clock.instant(),
                        done.personId(),
                        Acting.deviceNow(),
                        null,
                        done.id()),
                false);
    }

    void open(String tag, NewFault given) {
        Person person = people.acting();
        Saw saw = fleet.sawInService(tag);
        Violations wrong = new Violations();
        String seen = wrong.optionalText("seen", given.seen(), 300);
        wrong.refuseIfAny();
        open(
                saw,
                new Fault.Said(
                        given.id(),
                        saw.id(),
                        given.complaint(),
                        given.origin(),
                        seen,
                        clock.instant(),
                        person.id(),
                        Acting.deviceNow(),
                        null,
                        null),
                false);
    }

    /** A complaint that can hurt somebody holds the saw before the first question (handbook sections 8 and 12). */
    private void open(Saw saw, Fault.Said said, boolean holdsAnyway) {
        Complaint complaint =
                knowledge.offered(said.complaint()).orElseThrow(() -> Refusal.unfit("complaint", "complaint.unknown"));
        Standing standing = standings.of(saw);
        var traits = SawTrait.of(standing.profile());
        if (!knowledge.base().possible(complaint, traits)) {
            throw Refusal.unfit("complaint", "complaint.impossible");
        }
        repository.add(new Fault(said));
        if (complaint.holds() || holdsAnyway) {
            holds.hold(saw, said.id(), complaint.title(), complaint.proof(), said.personId());
        }
        revision.touches(saw.id());
    }
}
