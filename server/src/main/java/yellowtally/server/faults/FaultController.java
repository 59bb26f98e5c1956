package yellowtally.server.faults;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;

/** Faults over HTTP: the list, one fault with the finder, and every act on it. */
@RestController
class FaultController {

    private final Complaints complaints;
    private final Faults faults;
    private final FaultLists lists;
    private final FaultPages pages;
    private final OnceOnly onceOnly;

    FaultController(Complaints complaints, Faults faults, FaultLists lists, FaultPages pages, OnceOnly onceOnly) {
        this.complaints = complaints;
        this.faults = faults;
        this.lists = lists;
        this.pages = pages;
        this.onceOnly = onceOnly;
    }

    /** A write and the fault it is for. */
    record OfFault(UUID faultId, String act, Object given) {}

    @GetMapping("/api/faults")
    @Transactional(readOnly = true)
    FaultLists.FaultsPage list() {
        return lists.list();
    }

    @GetMapping("/api/faults/{id}")
    @Transactional(readOnly = true)
    FaultPage one(@PathVariable UUID id) {
        return pages.one(id);
    }

    /** What a crew can complain of on this saw. */
    @GetMapping("/api/saws/{tag}/complaints")
    @Transactional(readOnly = true)
    List<FaultPage.ComplaintChoice> complaints(@PathVariable String tag) {
        return pages.complaints(tag);
    }

    /** Faults of one saw, latest first. */
    @GetMapping("/api/saws/{tag}/faults")
    @Transactional(readOnly = true)
    List<FaultLists.FaultLine> ofSaw(@PathVariable String tag) {
        return lists.ofSaw(tag);
    }

    @PostMapping("/api/saws/{tag}/faults")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void open(@PathVariable String tag, @RequestBody Complaints.NewFault given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> complaints.open(tag, given));
    }

    @PostMapping("/api/faults/{id}/answers")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(@PathVariable UUID id, @RequestBody Faults.Answer given) {
        once(id, "answer", given.id(), given, () -> faults.answer(id, given));
    }

    /** An answer that stands, given or on record, is asked for again. */
    @PostMapping("/api/faults/{id}/doubt")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void doubt(@PathVariable UUID id, @RequestBody Faults.AskAgain given) {
        once(id, "doubt", given.id(), given, () -> faults.doubt(id, given));
    }

    /** Which complaint was told in words. */
    @PostMapping("/api/faults/{id}/sort")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sort(@PathVariable UUID id, @RequestBody Faults.SortedAs given) {
        once(id, "sort", given.id(), given, () -> faults.sort(id, given));
    }

    /** Put right and proved, and still there. */
    @PostMapping("/api/faults/{id}/still-there")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stillThere(@PathVariable UUID id, @RequestBody Faults.Noted given) {
        once(id, "still there", given.id(), given, () -> faults.stillThere(id, given));
    }

    /** Takes the last answer back. */
    @PostMapping("/api/faults/{id}/back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@PathVariable UUID id, @RequestBody Faults.Act given) {
        once(id, "back", given.id(), given, () -> faults.takeBack(id, given));
    }

    @PostMapping("/api/faults/{id}/cause")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cause(@PathVariable UUID id, @RequestBody Faults.Found given) {
        once(id, "cause", given.id(), given, () -> faults.cause(id, given));
    }

    /** That was not it: the questions go on. */
    @PostMapping("/api/faults/{id}/drop")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(@PathVariable UUID id, @RequestBody Faults.Act given) {
        once(id, "drop", given.id(), given, () -> faults.drop(id, given));
    }

    @PostMapping("/api/faults/{id}/mechanic")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void mechanic(@PathVariable UUID id, @RequestBody Faults.Noted given) {
        once(id, "mechanic", given.id(), given, () -> faults.mechanic(id, given));
    }

    /** Stands the saw on fresh card with its oil tank full. */
    @PostMapping("/api/faults/{id}/stand")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stand(@PathVariable UUID id, @RequestBody Faults.Stood given) {
        once(id, "stand", given.id(), given, () -> faults.stand(id, given));
    }

    @PostMapping("/api/faults/{id}/look")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void look(@PathVariable UUID id, @RequestBody Faults.Look given) {
        once(id, "look", given.id(), given, () -> faults.look(id, given));
    }

    @PostMapping("/api/faults/{id}/close")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(@PathVariable UUID id, @RequestBody Faults.Noted given) {
        once(id, "close", given.id(), given, () -> faults.close(id, given));
    }

    /** Not confirmed, or entered by mistake. */
    @PostMapping("/api/faults/{id}/end")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable UUID id, @RequestBody Faults.EndWithoutCause given) {
        once(id, "end", given.id(), given, () -> faults.end(id, given));
    }

    private void once(UUID faultId, String act, UUID writeId, Object given, Runnable action) {
        onceOnly.run(writeId, new OfFault(faultId, act, given), action);
    }
}
