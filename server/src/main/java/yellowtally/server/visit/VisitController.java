package yellowtally.server.visit;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.Acting;
import yellowtally.server.support.OfSaw;
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

    @PostMapping("/api/saws/{tag}/visits")
    VisitPages.VisitPage start(@PathVariable String tag, @RequestBody Visits.NewVisit given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> visits.start(tag, given));
        return pages.of(given.id(), List.of());
    }

    @GetMapping("/api/visits/{visitId}")
    VisitPages.VisitPage visit(@PathVariable UUID visitId) {
        VisitPages.VisitPage page = pages.of(visitId, List.of());
        Optional<Acting> acting = Acting.now();
        if (acting.isEmpty() || page.ended() != null) {
            return page;
        }
        Presence.Seat seat =
                new Presence.Seat(acting.get().personId(), acting.get().deviceId());
        List<UUID> others = presence.others(visitId, seat);
        return others.isEmpty() ? page : pages.of(visitId, others);
    }

    @PostMapping("/api/visits/{visitId}/skip")
    VisitPages.VisitPage skip(@PathVariable UUID visitId, @RequestBody Visits.Skip given) {
        onceOnly.run(given.id(), new OfVisit(visitId, given), () -> visits.skip(visitId, given));
        return pages.of(visitId, List.of());
    }

    @PostMapping("/api/visits/{visitId}/undo")
    VisitPages.VisitPage undo(@PathVariable UUID visitId, @RequestBody Visits.Undo given) {
        onceOnly.run(given.id(), new OfVisit(visitId, given), () -> visits.undo(visitId, given));
        return pages.of(visitId, List.of());
    }

    @PostMapping("/api/visits/{visitId}/steps")
    VisitPages.VisitPage add(@PathVariable UUID visitId, @RequestBody Visits.NewStep given) {
        onceOnly.run(given.id(), new OfVisit(visitId, given), () -> visits.addStep(visitId, given.step()));
        return pages.of(visitId, List.of());
    }

    @PostMapping("/api/visits/{visitId}/end")
    VisitPages.VisitPage end(@PathVariable UUID visitId, @RequestBody Visits.End given) {
        onceOnly.run(given.id(), new OfVisit(visitId, given), () -> visits.end(visitId, given));
        presence.ended(visitId);
        return pages.of(visitId, List.of());
    }

    /** A write and the visit it is for. */
    record OfVisit(UUID visitId, Object given) {}
}
