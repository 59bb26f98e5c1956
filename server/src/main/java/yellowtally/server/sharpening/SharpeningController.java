package yellowtally.server.sharpening;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.edge.CutterDamage;
import yellowtally.core.edge.SharpeningPlan.FilingWay;
import yellowtally.server.stores.StockTake;
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

    /** Puts the loop into the vice; {@code id} is that of the sharpening. */
    record Begin(UUID id, UUID personId, @Nullable UUID visitId) {}

    /**
     * One cutter.
     *
     * @param place from the start cutter, 0 and up
     * @param after whether it was measured after filing
     * @param length as typed or as the caliper sent it; absent takes it back
     * @param damage absent for a whole one
     */
    record CutterReadingInput(
            UUID id,
            UUID personId,
            int place,
            boolean after,
            @Nullable String length,
            @Nullable CutterDamage damage) {}

    /**
     * How strokes are dealt out.
     *
     * @param way absent for what the loop asks for
     * @param baseStrokes absent for what the rules have
     */
    record Deal(
            UUID id,
            UUID personId,
            boolean dull,
            @Nullable FilingWay way,
            @Nullable Integer baseStrokes,
            List<Integer> leaveOut) {}

    /** Strokes that a cutter got; absent when it was not filed after all. */
    record Filed(
            UUID id, UUID personId, int place, @Nullable Integer strokes) {}

    /** Leaves the loop without a record. */
    record Leave(UUID id, UUID personId, String reason) {}

    /**
     * The end.
     *
     * @param visitId the visit it belongs to; absent outside one
     * @param allFiled says that all planned strokes were made, though not each was told
     */
    record Finish(
            UUID id,
            UUID personId,
            String device,
            @Nullable UUID visitId,
            boolean allFiled,
            @Nullable String note,
            @Nullable List<StockTake> takes) {}

    @GetMapping("/api/saws/{tag}/sharpening")
    SharpeningPages.SharpeningPage page(@PathVariable String tag) {
        return pages.of(tag);
    }

    @PostMapping("/api/saws/{tag}/sharpening")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void begin(@PathVariable String tag, @RequestBody Begin given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> sharpenings.begin(tag, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/cutters")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void measure(@PathVariable UUID sharpeningId, @RequestBody CutterReadingInput given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.measure(sharpeningId, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/deal")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deal(@PathVariable UUID sharpeningId, @RequestBody Deal given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.deal(sharpeningId, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/filed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void filed(@PathVariable UUID sharpeningId, @RequestBody Filed given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.filed(sharpeningId, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/leave")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable UUID sharpeningId, @RequestBody Leave given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.leave(sharpeningId, given));
    }

    @PostMapping("/api/sharpenings/{sharpeningId}/finish")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void finish(@PathVariable UUID sharpeningId, @RequestBody Finish given) {
        onceOnly.run(given.id(), new Of(sharpeningId, given), () -> sharpenings.finish(sharpeningId, given));
    }

    /** A write and the saw it is for. */
    record OfSaw(String tag, Object given) {}

    /** A write and the sharpening it is for. */
    record Of(UUID sharpeningId, Object given) {}
}
