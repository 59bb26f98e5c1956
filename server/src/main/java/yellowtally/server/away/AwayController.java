package yellowtally.server.away;

import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.support.OfSaw;
import yellowtally.server.support.OnceOnly;

/** A saw with a mechanic or dealer. */
@RestController
class AwayController {

    private final Fleet fleet;
    private final AwayPages pages;
    private final AwayBook book;
    private final OnceOnly onceOnly;

    AwayController(Fleet fleet, AwayPages pages, AwayBook book, OnceOnly onceOnly) {
        this.fleet = fleet;
        this.pages = pages;
        this.book = book;
        this.onceOnly = onceOnly;
    }

    private record OfAway(UUID awayId, Object given) {}

    @GetMapping("/api/saws/{tag}/away")
    @Transactional(readOnly = true)
    AwayPages.AwayPage page(@PathVariable String tag) {
        return pages.of(fleet.sawInService(tag));
    }

    @PostMapping("/api/saws/{tag}/away")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void give(@PathVariable String tag, @RequestBody AwayBook.GivenAway given) {
        onceOnly.run(given.id(), new OfSaw(tag, given), () -> book.give(tag, given));
    }

    @PostMapping("/api/away/{awayId}/words")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(@PathVariable UUID awayId, @RequestBody AwayBook.NewWord given) {
        onceOnly.run(given.id(), new OfAway(awayId, given), () -> book.say(awayId, given));
    }

    @PostMapping("/api/away/{awayId}/back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(@PathVariable UUID awayId, @RequestBody AwayBook.TakenIn given) {
        onceOnly.run(given.id(), new OfAway(awayId, given), () -> book.back(awayId, given));
    }
}
