package yellowtally.server.bench;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.steps.Step;
import yellowtally.server.support.OnceOnly;

/** A visit to the bench: begin, look, skip, take back, add, end. Steps themselves are recorded as work records. */
@RestController
class VisitController {

    private final Visits visits;
    private final VisitPages pages;
    private final Presence presence;
    private final OnceOnly onceOnly;

    VisitController(Visits visits, VisitPages pages, Presence presence, OnceOnly onceOnly) {
        this.visits = visits;
        this.pages = pages;
        this.presence = presence;
        this.onceOnly = onceOnly;
    }

    /** A saw goes on the bench; {@code id} names the visit from then on. */
    record NewVisit(UUID id, UUID personId, String device) {}

    /** A step passed over; a ride-along needs no reason. */
    record Skip(
            UUID id,
            UUID personId,
            String device,
            Step step,
            @Nullable String reason) {}

    /** The last entry taken back. */
    record Undo(UUID id, UUID personId) {}

    /** A step put in by hand. */
    record NewStep(UUID id, UUID personId, Step step) {}

    /** The end, signed by a person. */
    record End(UUID id, UUID personId, @Nullable String leftOpenReason) {}

    @PostMapping("/api/saws/{tag}/visits")
    VisitPages.VisitPage start(@PathVariable String tag, @RequestBody NewVisit given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> visits.start(tag, given));
        return pages.of(given.id(), List.of());
    }

    @GetMapping("/api/visits/{visitId}")
    VisitPages.VisitPage visit(
            @PathVariable UUID visitId,
            @RequestParam(required = false) @Nullable UUID person,
            @RequestParam(required = false) @Nullable String device) {
        List<UUID> others = person == null || device == null
                ? List.of()
                : presence.others(visitId, new Presence.Seat(person, device));
        return pages.of(visitId, others);
    }

    @PostMapping("/api/visits/{visitId}/skip")
    VisitPages.VisitPage skip(@PathVariable UUID visitId, @RequestBody Skip given) {
        onceOnly.run(given.id(), new OfVisit(visitId, given), () -> visits.skip(visitId, given));
        return pages.of(visitId, List.of());
    }

    @PostMapping("/api/visits/{visitId}/undo")
    VisitPages.VisitPage undo(@PathVariable UUID visitId, @RequestBody Undo given) {
        onceOnly.run(given.id(), new OfVisit(visitId, given), () -> visits.undo(visitId, given));
        return pages.of(visitId, List.of());
    }

    @PostMapping("/api/visits/{visitId}/steps")
    VisitPages.VisitPage add(@PathVariable UUID visitId, @RequestBody NewStep given) {
        onceOnly.run(given.id(), new OfVisit(visitId, given), () -> visits.addStep(visitId, given.step()));
        return pages.of(visitId, List.of());
    }

    @PostMapping("/api/visits/{visitId}/end")
    VisitPages.VisitPage end(@PathVariable UUID visitId, @RequestBody End given) {
        onceOnly.run(given.id(), new OfVisit(visitId, given), () -> visits.end(visitId, given));
        presence.ended(visitId);
        return pages.of(visitId, List.of());
    }

    /** A write and the saw it is for. */
    record OfSaw(String tag, Object given) {}

    /** A write and the visit it is for. */
    record OfVisit(UUID visitId, Object given) {}
}
