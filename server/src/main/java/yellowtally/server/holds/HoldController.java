package yellowtally.server.holds;

import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.holds.HoldBook;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.support.Violations;
import yellowtally.server.worklog.SawHold;
import yellowtally.server.worklog.Worklog;

/** Holds by a person, and the officer's release once every reason is cleared. */
@RestController
class HoldController {

    private final Fleet fleet;
    private final People people;
    private final Standings standings;
    private final Worklog worklog;
    private final OnceOnly onceOnly;
    private final Sentences sentences;
    private final Clock clock;

    HoldController(
            Fleet fleet,
            People people,
            Standings standings,
            Worklog worklog,
            OnceOnly onceOnly,
            Sentences sentences,
            Clock clock) {
        this.fleet = fleet;
        this.people = people;
        this.standings = standings;
        this.worklog = worklog;
        this.onceOnly = onceOnly;
        this.sentences = sentences;
        this.clock = clock;
    }

    /** A hold by a person; a passing record of {@code step} will clear it. */
    record NewHold(UUID id, Step step, String note) {}

    /** A release of a held saw. */
    record NewRelease(UUID id) {}

    @PostMapping("/api/saws/{tag}/holds")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hold(@PathVariable String tag, @RequestBody NewHold given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person person = people.acting();
            Saw saw = fleet.sawInService(tag);
            Violations wrong = new Violations();
            String note = wrong.text("note", given.note(), 300);
            if (!given.step().appliesTo(standings.of(saw).profile())) {
                wrong.add("step", "step.STEP_DOES_NOT_APPLY");
            }
            wrong.refuseIfAny();
            worklog.hold(new SawHold(given.id(), saw.id(), given.step(), note, clock.instant(), person.id()));
        });
    }

    /** Releases every hold of a saw; each needs a passing record after it, and nobody gets around that. */
    @PostMapping("/api/saws/{tag}/release")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void release(@PathVariable String tag, @RequestBody NewRelease given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> {
            Person officer = people.actingOfficer();
            Saw saw = fleet.sawInService(tag);
            HoldBook book = standings.of(saw).account().holds();
            if (book.inForce().isEmpty()) {
                throw Refusal.conflict("", "release.notHeld", tag);
            }
            refuseUnproved(tag, book);
            Instant now = clock.instant();
            // These and no others, each on its own proofs.
            for (HoldBook.Held held : book.inForce()) {
                SawHold hold = worklog.findHold((UUID) held.hold().id()).orElseThrow();
                worklog.release(hold, held.proving().proofs(), now, officer.id());
            }
        });
    }

    private void refuseUnproved(String tag, HoldBook book) {
        String missing = book.inForce().stream()
                .flatMap(held -> held.proving().missing().stream())
                .map(need -> sentences.of(Refusal.Fault.of(
                        "", "need." + need.kind(), sentences.of(Refusal.Fault.of("", "prove." + need.step())))))
                .distinct()
                .collect(Collectors.joining("; "));
        if (!missing.isEmpty()) {
            throw Refusal.conflict("", "release.uncleared", tag, missing);
        }
    }
}
