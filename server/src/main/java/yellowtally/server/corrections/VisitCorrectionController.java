package yellowtally.server.corrections;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.holds.Corrections;
import yellowtally.server.support.OnceOnly;

/** Whole visits: strike one out or move it to the right saw, and see beforehand what that does. */
@RestController
class VisitCorrectionController {

    private final VisitCorrections corrections;
    private final OnceOnly onceOnly;

    VisitCorrectionController(VisitCorrections corrections, OnceOnly onceOnly) {
        this.corrections = corrections;
        this.onceOnly = onceOnly;
    }

    @PostMapping("/api/visits/{visitId}/strike")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void strike(@PathVariable UUID visitId, @RequestBody VisitCorrections.VisitStrike given) {
        onceOnly.run(given.id(), new WrongVisit(visitId, given), () -> corrections.strike(visitId, given));
    }

    /** What striking a visit out would do to the saw; nothing is done. */
    @GetMapping("/api/visits/{visitId}/strike")
    Corrections.Effect visitStrikeEffect(@PathVariable UUID visitId) {
        return corrections.strikeEffect(visitId);
    }

    @PostMapping("/api/visits/{visitId}/move")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(@PathVariable UUID visitId, @RequestBody VisitCorrections.VisitMove given) {
        onceOnly.run(given.id(), new WrongVisit(visitId, given), () -> corrections.move(visitId, given));
    }

    /** What moving a visit would do to both saws; nothing is done. */
    @PostMapping("/api/visits/{visitId}/move/preview")
    Corrections.Effect moveEffect(@PathVariable UUID visitId, @RequestBody VisitCorrections.VisitMove given) {
        return corrections.moveEffect(visitId, given);
    }

    /** A write and the visit it is for. */
    record WrongVisit(UUID visitId, Object given) {}
}
