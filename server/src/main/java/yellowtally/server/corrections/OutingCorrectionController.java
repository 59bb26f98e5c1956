package yellowtally.server.corrections;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.steps.Power;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.holds.Corrections;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.OutingBook;
import yellowtally.server.usage.TakesComplaints;
import yellowtally.server.usage.Use;

/** Entries of outings: read one, put it right, strike it out, and see beforehand what that does. */
@RestController
class OutingCorrectionController {

    private final OutingCorrections corrections;
    private final OutingBook book;
    private final TakesComplaints complaints;
    private final Fleet fleet;
    private final OnceOnly onceOnly;

    OutingCorrectionController(
            OutingCorrections corrections,
            OutingBook book,
            TakesComplaints complaints,
            Fleet fleet,
            OnceOnly onceOnly) {
        this.corrections = corrections;
        this.book = book;
        this.complaints = complaints;
        this.fleet = fleet;
        this.onceOnly = onceOnly;
    }

    /**
     * An entry as it stands; {@code version} goes back with a correction.
     *
     * @param backAt absent while it is out, as is {@code use}
     * @param complaints what was complained of with it for the fault finder: a correction leaves that where it stands
     */
    record OutingEntry(
            UUID id,
            int version,
            String tag,
            Power power,
            UUID crewId,
            Instant outAt,
            @Nullable Instant backAt,
            @Nullable Use use,
            List<String> complaints,
            boolean struck) {}

    @GetMapping("/api/outings/{outingId}")
    @Transactional(readOnly = true)
    OutingEntry entry(@PathVariable UUID outingId) {
        Outing outing = book.find(outingId);
        Fleet.SawName saw = fleet.sawName(outing.sawId());
        return new OutingEntry(
                outing.id(),
                outing.version(),
                saw.tag(),
                saw.power(),
                outing.crewId(),
                outing.outAt(),
                outing.backAt(),
                outing.use(),
                complaints.ofOuting(outingId),
                outing.struckAt() != null);
    }

    @PostMapping("/api/outings/{outingId}/correction")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void correct(@PathVariable UUID outingId, @RequestBody OutingCorrections.OutingCorrection given) {
        onceOnly.run(given.id(), new OfOuting(outingId, given), () -> corrections.correct(outingId, given));
    }

    /** What a correction would do to the saws; nothing is done. */
    @PostMapping("/api/outings/{outingId}/correction/preview")
    Corrections.Effect correctionEffect(
            @PathVariable UUID outingId, @RequestBody OutingCorrections.OutingCorrection given) {
        return corrections.correctionEffect(outingId, given);
    }

    @PostMapping("/api/outings/{outingId}/strike")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void strike(@PathVariable UUID outingId, @RequestBody OutingCorrections.OutingStrike given) {
        onceOnly.run(given.id(), new OfOuting(outingId, given), () -> corrections.strike(outingId, given));
    }

    /** What striking an entry out would do to the saws; nothing is done. */
    @GetMapping("/api/outings/{outingId}/strike")
    Corrections.Effect strikeEffect(@PathVariable UUID outingId) {
        return corrections.strikeEffect(outingId);
    }

    /** A write and the entry it is for. */
    record OfOuting(UUID outingId, Object given) {}
}
