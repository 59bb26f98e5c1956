package yellowtally.server.away;

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
import yellowtally.server.support.OnceOnly;

/** Loops, bars and sprockets with a mechanic or dealer. */
@RestController
class PartAwayController {

    private final PartAwayPages pages;
    private final PartAwayBook book;
    private final OnceOnly onceOnly;

    PartAwayController(PartAwayPages pages, PartAwayBook book, OnceOnly onceOnly) {
        this.pages = pages;
        this.book = book;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/parts-away")
    @Transactional(readOnly = true)
    PartAwayPages.PartsAwayPage page() {
        return pages.all();
    }

    @GetMapping("/api/parts/{tag}/away")
    @Transactional(readOnly = true)
    List<PartAwayPages.PartAwayView> ofPart(@PathVariable String tag) {
        return pages.ofPart(tag);
    }

    @PostMapping("/api/parts-away")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void give(@RequestBody PartAwayBook.GivenParts given) {
        onceOnly.run(given.id(), given, () -> book.give(given));
    }

    @PostMapping("/api/parts-away/words")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(@RequestBody PartAwayBook.PartsWord given) {
        onceOnly.run(given.id(), given, () -> book.say(given));
    }

    @PostMapping("/api/parts-away/back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(@RequestBody PartAwayBook.PartsBack given) {
        onceOnly.run(given.id(), given, () -> book.back(given));
    }

    @PostMapping("/api/parts-away/seen")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void seen(@RequestBody PartAwayBook.PartsSeen given) {
        onceOnly.run(given.id(), given, () -> book.seen(given));
    }

    @PostMapping("/api/parts-away/looks/{lookId}/struck")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void notSeen(@PathVariable UUID lookId, @RequestBody PartAwayBook.NotSeen given) {
        onceOnly.run(given.id(), List.of(lookId, given), () -> book.notSeen(lookId, given));
    }
}
