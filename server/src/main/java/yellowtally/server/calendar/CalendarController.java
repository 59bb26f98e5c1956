package yellowtally.server.calendar;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.persistence.EntityManager;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.people.People;
import yellowtally.server.people.PeopleEvent;
import yellowtally.server.people.PeopleEvent.PeopleEventKind;
import yellowtally.server.people.Person;
import yellowtally.server.support.Attached;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.RandomSecret;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.SlowDown;

/** The schedule as a calendar file, and the addresses under which calendar programs read it. */
@RestController
class CalendarController {

    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);
    private static final String NAMED = "text/calendar";
    private static final String FEED = "/api/calendar/";
    private static final String ENDING = ".ics";
    private static final String PLAN = "/plan.ics";
    private static final int FREE_GUESSES = 10;

    private final DueCalendar calendar;
    private final PlanCalendar plan;
    private final CalendarFeed.Feeds feeds;
    private final People people;
    private final OnceOnly onceOnly;
    private final SlowDown slowDown;
    private final EntityManager records;
    private final Clock clock;

    CalendarController(
            DueCalendar calendar,
            PlanCalendar plan,
            CalendarFeed.Feeds feeds,
            People people,
            OnceOnly onceOnly,
            SlowDown slowDown,
            EntityManager records,
            Clock clock) {
        this.calendar = calendar;
        this.plan = plan;
        this.feeds = feeds;
        this.people = people;
        this.onceOnly = onceOnly;
        this.slowDown = slowDown;
        this.records = records;
        this.clock = clock;
    }

    /** An address that a calendar program reads, without the address: that is shown once. */
    record FeedView(UUID id, String by, Instant at) {}

    /** Asks for a new address; {@code id} as with every write. */
    record NewFeed(UUID id) {}

    /** The addresses that were made, of the schedule and of the plan; they are not told again. */
    record FeedMade(UUID id, String path, String planPath) {}

    /** Ends an address. */
    record EndFeed(UUID id) {}

    /** A write and the feed it is about. */
    private record OfFeed(UUID feedId, Object given) {}

    /** The schedule as a file. */
    @GetMapping("/api/calendar.ics")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = NAMED, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> file() {
        return due();
    }

    /** The plan as a file. */
    @GetMapping("/api/plan.ics")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = NAMED, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> planFile() {
        return planned();
    }

    /** The schedule for a calendar program; the secret in the address is its only key. */
    @GetMapping(FEED + "{secret}" + ENDING)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = NAMED, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> feed(@PathVariable String secret, HttpServletRequest request) {
        refuseUnknown(secret, request);
        return due();
    }

    /** The plan for a calendar program, by the same key. */
    @GetMapping(FEED + "{secret}" + PLAN)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = NAMED, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<byte[]> planFeed(@PathVariable String secret, HttpServletRequest request) {
        refuseUnknown(secret, request);
        return planned();
    }

    /** Whoever guesses waits; a program that still asks for a calendar that was ended guesses nothing. */
    private void refuseUnknown(String secret, HttpServletRequest request) {
        SlowDown.Of guesses = new SlowDown.Of("calendar at " + request.getRemoteAddr(), FREE_GUESSES);
        slowDown.refuseIfTooSoon(guesses);
        Optional<CalendarFeed> feed = feeds.findBySecret(RandomSecret.digest(secret));
        if (feed.isEmpty()) {
            slowDown.wrong(guesses);
        }
        if (feed.isEmpty() || feed.get().ended()) {
            throw Refusal.gone("feed.none");
        }
    }

    private ResponseEntity<byte[]> due() {
        return answer("saws-due.ics", calendar.file());
    }

    private ResponseEntity<byte[]> planned() {
        return answer("saw-bench.ics", plan.file());
    }

    private static ResponseEntity<byte[]> answer(String name, String file) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .header(HttpHeaders.CONTENT_DISPOSITION, Attached.as(name))
                .body(file.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/api/calendar-feeds")
    List<FeedView> feeds() {
        return feeds.findByEndedAtNullOrderByAt().stream()
                .map(feed ->
                        new FeedView(feed.id(), people.require(feed.personId()).name(), feed.at()))
                .toList();
    }

    @PostMapping("/api/calendar-feeds")
    FeedMade make(@RequestBody NewFeed given) {
        AtomicReference<@Nullable String> secret = new AtomicReference<>();
        onceOnly.runBesideSaws(given.id(), given, () -> {
            Person by = people.actingOfficer();
            String fresh = RandomSecret.fresh();
            records.persist(new CalendarFeed(given.id(), RandomSecret.digest(fresh), by.id(), clock.instant()));
            tell(PeopleEventKind.FEED_MADE, by);
            secret.set(fresh);
        });
        String made = secret.get();
        if (made == null) {
            throw Refusal.conflict("", "feed.again");
        }
        return new FeedMade(given.id(), FEED + made + ENDING, FEED + made + PLAN);
    }

    /** Whoever has the address reads nothing any more. */
    @PostMapping("/api/calendar-feeds/{feedId}/end")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable UUID feedId, @RequestBody EndFeed given) {
        onceOnly.runBesideSaws(given.id(), new OfFeed(feedId, "end"), () -> {
            Person by = people.actingOfficer();
            CalendarFeed feed = feeds.findById(feedId).orElseThrow(() -> Refusal.gone("feed.none"));
            feed.end(clock.instant());
            tell(PeopleEventKind.FEED_ENDED, by);
        });
    }

    private void tell(PeopleEventKind kind, Person by) {
        records.persist(new PeopleEvent(kind, PeopleEvent.About.nobody(), null, clock.instant(), by.id()));
    }
}
