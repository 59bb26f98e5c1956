package yellowtally.server.sharpening;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;

/** The loop in the vice. Every length and every stroke is stored as it comes; nothing waits for the end. */
@RestController
class SharpeningController {

    private final Sharpenings sharpenings;
    private final SharpeningPages pages;
    private final OnceOnly onceOnly;

    SharpeningController(Sharpenings sharpenings, SharpeningPages pages, OnceOnly onceOnly) {
        this.sharpenings = sharpenings;
        this.pages = pages;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/saws/{tag}/sharpening")
    SharpeningPages.SharpeningPage page(@PathVariable String tag) {
        return pages.of(tag);
    }

    @PostMapping("/api/saws/{tag}/sharpening")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void begin(@PathVariable String tag, @RequestBody Sharpenings.Begin given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> sharpenings.begin(tag, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/cutters")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void measure(@PathVariable UUID sharpeningId, @RequestBody Sharpenings.CutterReadingInput given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.measure(sharpeningId, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/deal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deal(@PathVariable UUID sharpeningId, @RequestBody Sharpenings.Deal given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.deal(sharpeningId, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/filed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void filed(@PathVariable UUID sharpeningId, @RequestBody Sharpenings.Filed given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.filed(sharpeningId, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/leave")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable UUID sharpeningId, @RequestBody Sharpenings.Leave given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.leave(sharpeningId, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/finish")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void finish(@PathVariable UUID sharpeningId, @RequestBody Sharpenings.Finish given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.finish(sharpeningId, given));
    }

    /** A write and the sharpening it is for. */
    record Of(UUID sharpeningId, Object given) {}
}
