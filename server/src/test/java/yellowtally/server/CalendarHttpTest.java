package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** The schedule as a calendar, read by a parser that has nothing to do with what wrote it. */
@ExtendWith(RunningServer.class)
class CalendarHttpTest {

    static ICalendar parsed(String file) {
        assertThat(file.lines()).allSatisfy(line -> assertThat(line.length()).isLessThanOrEqualTo(75));
        ICalendar calendar = Biweekly.parse(file).first();
        assertThat(calendar.validate(biweekly.ICalVersion.V2_0).isEmpty()).isTrue();
        return calendar;
    }

    static LocalDate day(VEvent event) {
        return event.getDateStart()
                .getValue()
                .toInstant()
                .atZone(ZoneId.systemDefault())
                .toLocalDate();
    }

    private static double bindingLimit(JsonNode task) {
        return task.path("limits")
                .valueStream()
                .filter(limit -> limit.path("key").equals(task.path("binding")))
                .mapToDouble(limit -> limit.path("limit").asDouble())
                .findFirst()
                .orElseThrow();
    }

    static HttpResponse<String> nobody(Api api, String path) {
        return Signed.out()
                .send(HttpRequest.newBuilder(URI.create(api.root() + path)).GET());
    }

    @Test
    @ResourceLock(RunningServer.FLEET_SETTINGS)
    void eachSawStandsOnTheDaysOnWhichItsScheduleSays(Api api) {
        ICalendar calendar = parsed(api.get("/api/calendar.ics").raw().body());
        // A saw at rest, whose schedule no other test moves.
        String tag = "16";
        JsonNode schedule = api.get("/api/saws/" + tag + "/schedule").body();
        Set<String> expected = new HashSet<>();
        boolean due = false;
        for (JsonNode task : schedule.path("tasks")) {
            due |= task.path("due").asBoolean();
            if (!task.path("due").asBoolean() && task.has("expected") && bindingLimit(task) > 1) {
                expected.add(task.path("expected").path("likely").asString());
            }
        }
        List<VEvent> events = calendar.getEvents().stream()
                .filter(event -> event.getSummary().getValue().matches("Saw " + tag + "(, held)?: .*"))
                .toList();
        LocalDate today = events.stream()
                .map(CalendarHttpTest::day)
                .min(LocalDate::compareTo)
                .orElseThrow();
        assertThat(due).isTrue();
        Set<String> days = events.stream().map(event -> day(event).toString()).collect(Collectors.toSet());
        days.remove(today.toString());
        expected.removeIf(day -> LocalDate.parse(day).isAfter(today.plusDays(90)));
        expected.remove(today.toString());
        assertThat(days).isEqualTo(expected);
        assertThat(events).allSatisfy(event -> {
            assertThat(event.getDateStart().getValue().hasTime()).isFalse();
            assertThat(event.getDescription().getValue()).matches("(?s).*(: due|\\(est\\.\\)).*");
        });
        Set<String> ids = calendar.getEvents().stream()
                .map(event -> event.getUid().getValue())
                .collect(Collectors.toSet());
        assertThat(ids).hasSameSizeAs(calendar.getEvents());
    }

    @Test
    void anAddressIsReadWithoutSigningInUntilItIsEnded(Api api) {
        Answer made = api.post("/api/calendar-feeds", "{\"id\":\"" + RunningServer.id() + "\"}");
        assertThat(made.status()).as(made.raw().body()).isEqualTo(200);
        String path = made.body().path("path").asString();
        HttpResponse<String> read = nobody(api, path);
        assertThat(read.statusCode()).isEqualTo(200);
        assertThat(read.headers().firstValue("Content-Type")).hasValue("text/calendar;charset=UTF-8");
        assertThat(parsed(read.body()).getEvents()).isNotEmpty();

        String planPath = made.body().path("planPath").asString();
        assertThat(parsed(nobody(api, planPath).body()).getEvents()).isNotEmpty();

        assertThat(nobody(api, path.replaceFirst("calendar/.", "calendar/~")).statusCode())
                .isEqualTo(404);
        assertThat(nobody(api, "/api/calendar.ics").statusCode()).isEqualTo(401);
        String id = made.body().path("id").asString();
        assertThat(api.get("/api/calendar-feeds").body().toString())
                .contains(id)
                .doesNotContain(path);
        // Sent twice, it is made once, and its address is not told a second time.
        assertThat(api.post("/api/calendar-feeds", "{\"id\":\"" + id + "\"}").status())
                .isEqualTo(409);
        assertThat(api.as(Signed.OPERATOR).get("/api/calendar-feeds").status()).isEqualTo(403);

        String end = "{\"id\":\"" + RunningServer.id() + "\"}";
        assertThat(api.post("/api/calendar-feeds/" + id + "/end", end).status()).isEqualTo(204);
        HttpResponse<String> after = nobody(api, path);
        assertThat(after.statusCode()).isEqualTo(404);
        assertThat(nobody(api, planPath).statusCode()).isEqualTo(404);
        assertThat(after.body()).contains("or it was ended");
        assertThat(api.get("/api/people/changes").body().toString()).contains("FEED_MADE", "FEED_ENDED");
    }

    /** A program that still asks for what was ended guesses nothing; whoever guesses waits, and only where it guesses. */
    @Test
    void whoeverGuessesAtAddressesHasToWait(Api api) {
        Answer made = api.post("/api/calendar-feeds", "{\"id\":\"" + RunningServer.id() + "\"}");
        String path = made.body().path("path").asString();
        String ended = api.post("/api/calendar-feeds", "{\"id\":\"" + RunningServer.id() + "\"}")
                .body()
                .toString();
        String id = ended.replaceAll(".*\"id\":\"([^\"]+)\".*", "$1");
        String endedPath = ended.replaceAll(".*\"path\":\"([^\"]+)\".*", "$1");
        api.post("/api/calendar-feeds/" + id + "/end", "{\"id\":\"" + RunningServer.id() + "\"}");
        for (int i = 0; i < 20; i++) {
            assertThat(from("203.0.113.7", api, endedPath)).isEqualTo(404);
        }
        List<Integer> guessed = IntStream.range(0, 20)
                .mapToObj(i -> from("203.0.113.7", api, "/api/calendar/guess-" + i + ".ics"))
                .toList();
        assertThat(guessed.subList(0, 10)).containsOnly(404);
        assertThat(guessed).endsWith(429, 429, 429);
        assertThat(from("203.0.113.8", api, path)).isEqualTo(200);
    }

    private static int from(String address, Api api, String path) {
        return Signed.out()
                .send(HttpRequest.newBuilder(URI.create(api.root() + path)).header("X-Forwarded-For", address))
                .statusCode();
    }
}
