package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Bookings, minutes and wishes, tried and kept, and the plan that follows; on the demo fleet, a day ahead of any midnight. */
class PlanHttpTest {

    private static final String NOTHING = "\"bookings\":[],\"calledOff\":[],\"minutes\":[],\"wishes\":[]";

    /** Bookings of the demo fleet. */
    private static final int BOOKED = 4;

    private static ConfigurableApplicationContext running;
    private static Api api;

    @BeforeAll
    static void begin() {
        running = Applications.start(
                "--server.port=0",
                "--yellowtally.store=mem:plan",
                "--yellowtally.data=target/plan",
                "--yellowtally.demo=true");
        api = new Api(((WebServerApplicationContext) running).getWebServer().getPort());
    }

    @AfterAll
    static void end() {
        running.close();
    }

    private JsonNode plan() {
        return api.get("/api/plan").body();
    }

    /** A change of one kind, all others empty. */
    private static String change(String kind, String one) {
        return "{" + NOTHING.replace("\"" + kind + "\":[]", "\"" + kind + "\":[" + one + "]") + "}";
    }

    private Answer tried(String change) {
        return api.post("/api/plan/what-if", change);
    }

    private Answer kept(String change) {
        return api.post("/api/plan/changes", "{\"id\":\"%s\",\"change\":%s}".formatted(RunningServer.id(), change));
    }

    private String crew(int at) {
        return api.get("/api/crews").body().path(at).path("id").asString();
    }

    private LocalDate today() {
        return LocalDate.parse(plan().path("today").asString());
    }

    private String booking(int crew, LocalDate leaves, String more) {
        return "{\"id\":\"%s\",\"crewId\":\"%s\",\"leaves\":\"%s\",\"at\":\"07:00:00\"%s}"
                .formatted(RunningServer.id(), crew(crew), leaves, more);
    }

    private static List<String> onDay(JsonNode plan, int day) {
        List<String> tags = new ArrayList<>();
        plan.path("days")
                .path(day)
                .path("visits")
                .forEach(visit -> tags.add(visit.path("tag").asString()));
        return tags;
    }

    private static JsonNode bookingOf(JsonNode plan, String note) {
        for (JsonNode booking : plan.path("bookings")) {
            if (booking.path("note").asString("").equals(note)) {
                return booking;
            }
        }
        throw new AssertionError("no booking " + note);
    }

    /** Kept changes one after the other: they are all of one fleet. */
    @Test
    void whatIsKeptStandsUntilItIsChangedOrCalledOff() {
        aBookingIsTriedKeptAndCalledOff();
        aVisitIsPutOnADayLeftOutAndGivenBack();
        whatIsTriedIsNotStoredAndWhatIsKeptIs();
        minutesThatAreOfferedHelpAndWhatWasSeenIsKept();
        aWeekdayWithoutABenchIsNoneInAnyWeek();
    }

    @Test
    void theDemoHasABookingThatWorksOneThatDoesNotAndADayOff() {
        JsonNode plan = plan();
        assertThat(plan.path("days").size()).isEqualTo(7);
        assertThat(bookingOf(plan, "Footplate at the north portal")
                        .path("missing")
                        .asInt())
                .isZero();
        assertThat(plan.path("missing").asInt()).isEqualTo(1);
        JsonNode off = plan.path("days").path(4);
        assertThat(off.path("minutes").asDouble()).isZero();
        assertThat(off.path("visits").size()).isZero();
        for (JsonNode day : plan.path("days")) {
            assertThat(day.path("planned").asDouble())
                    .isLessThanOrEqualTo(day.path("minutes").asDouble() + 1e-6);
        }
        assertThat(plan()).as("asked again, it stays").isEqualTo(plan);
    }

    /** Each day of the plan with its visits in their order, each evening with what goes into the oil, each crew as it leaves. */
    @Test
    void thePlanIsACalendarOfItsOwn() {
        JsonNode plan = plan();
        ICalendar calendar =
                CalendarHttpTest.parsed(api.get("/api/plan.ics").raw().body());
        Set<String> titles = calendar.getEvents().stream()
                .map(event -> event.getSummary().getValue())
                .collect(Collectors.toSet());
        assertThat(calendar.getEvents().stream()
                        .map(event -> event.getUid().getValue())
                        .distinct())
                .hasSameSizeAs(calendar.getEvents());
        for (JsonNode day : plan.path("days")) {
            String tags = day.path("visits")
                    .valueStream()
                    .map(visit -> visit.path("tag").asString())
                    .collect(Collectors.joining(", "));
            assertThat(titles.stream().anyMatch(title -> title.startsWith("Bench: " + tags + " (")))
                    .as(day.path("day").asString())
                    .isEqualTo(!tags.isEmpty());
        }
        for (JsonNode booking : plan.path("bookings")) {
            int missing = booking.path("missing").asInt();
            VEvent leaves = calendar.getEvents().stream()
                    .filter(event -> event.getUid()
                            .getValue()
                            .startsWith(booking.path("id").asString()))
                    .findFirst()
                    .orElseThrow();
            assertThat(leaves.getSummary().getValue())
                    .startsWith(booking.path("crew").asString() + " leaves: ")
                    .endsWith(missing == 0 ? "" : ", " + missing + " short");
            assertThat(leaves.getDateStart().getValue().hasTime()).isTrue();
            assertThat(CalendarHttpTest.day(leaves))
                    .isEqualTo(booking.path("leaves").asString());
        }
        assertThat(plan.path("bookings")).isNotEmpty();
        assertThat(CalendarHttpTest.nobody(api, "/api/plan.ics").statusCode()).isEqualTo(401);
    }

    /** One rule for both: what the plan reckons for a saw that waits is what its own page reckons. */
    @Test
    void aVisitOfTodayTakesTheMinutesThatTheSawsPageSays() {
        JsonNode plan = plan();
        assertThat(onDay(plan, 0)).isNotEmpty();
        for (JsonNode visit : plan.path("days").path(0).path("visits")) {
            // What is for a booking may do what falls due by then, too.
            if (visit.path("riding").size() == 0 && visit.path("booking").isMissingNode()) {
                String tag = visit.path("tag").asString();
                JsonNode schedule = api.get("/api/saws/" + tag + "/schedule").body();
                assertThat(visit.path("minutes").asDouble())
                        .as("saw %s", tag)
                        .isEqualTo(schedule.path("minutes").asDouble());
            }
        }
    }

    private void whatIsTriedIsNotStoredAndWhatIsKeptIs() {
        String change = change(
                "minutes", "{\"day\":\"%s\",\"minutes\":0,\"note\":\"Boiler test\"}".formatted(today().plusDays(1)));
        JsonNode before = plan();
        JsonNode answer = tried(change).body();
        assertThat(answer.path("before")).isEqualTo(before);
        assertThat(onDay(answer.path("after"), 1)).isEmpty();
        assertThat(answer.path("moved").size()).isPositive();
        assertThat(plan()).isEqualTo(before);

        assertThat(kept(change).status()).isEqualTo(204);
        JsonNode after = plan();
        assertThat(onDay(after, 1)).isEmpty();
        assertThat(after.path("days").path(1).path("note").asString()).isEqualTo("Boiler test");
    }

    /** Two things tried at once: a booking that is short, and the minutes that are offered for it. What is kept is what was seen. */
    private void minutesThatAreOfferedHelpAndWhatWasSeenIsKept() {
        String asked = booking(1, today().plusDays(1), ",\"saws\":11,\"handle\":\"REAR\",\"note\":\"Windthrow\"");
        JsonNode alone = tried(change("bookings", asked)).body().path("after");
        JsonNode way = bookingOf(alone, "Windthrow")
                .path("waysOut")
                .valueStream()
                .filter(one -> one.path("kind").asString().equals("WORK_LONGER"))
                .findFirst()
                .orElseThrow();
        String minutes = "{\"day\":\"%s\",\"minutes\":%s}"
                .formatted(way.path("day").asString(), way.path("dayMinutes").asDouble());
        String both = change("bookings", asked).replace("\"minutes\":[]", "\"minutes\":[" + minutes + "]");
        JsonNode longer = tried(both).body().path("after");
        assertThat(longer.path("missing").asInt())
                .isLessThan(alone.path("missing").asInt());

        assertThat(kept(both).status()).isEqualTo(204);
        assertThat(plan()).isEqualTo(longer);
        String id = "\"" + bookingOf(longer, "Windthrow").path("id").asString() + "\"";
        assertThat(kept(change("calledOff", id)).status()).isEqualTo(204);
    }

    private void aBookingIsTriedKeptAndCalledOff() {
        LocalDate day = today().plusDays(6);
        String asked =
                booking(0, day, ",\"saws\":2,\"bar\":\"16 in\",\"handle\":\"REAR\",\"note\":\"Ash at the loop\"");
        assertThat(bookingOf(tried(change("bookings", asked)).body().path("after"), "Ash at the loop")
                        .path("missing")
                        .asInt())
                .isZero();
        assertThat(kept(change("bookings", asked)).status()).isEqualTo(204);
        JsonNode booking = bookingOf(plan(), "Ash at the loop");
        assertThat(booking.path("saws").size()).isEqualTo(2);
        assertThat(booking.path("wanted").path("barAtLeastMm").asDouble()).isEqualTo(406.4);

        String id = "\"" + booking.path("id").asString() + "\"";
        assertThat(kept(change("calledOff", id)).status()).isEqualTo(204);
        assertThat(plan().path("bookings").size()).isEqualTo(BOOKED);
        Answer again = kept(change("calledOff", id));
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.sentenceAt("")).contains("called off or changed in the meantime");
    }

    /** Changed, the old one is no more, and it is in nobody's way. */
    @Test
    void aBookingTakesThePlaceOfAnother() {
        JsonNode old = bookingOf(plan(), "Footplate at the north portal");
        String changed =
                "{\"id\":\"%s\",\"amends\":\"%s\",\"crewId\":\"%s\",\"leaves\":\"%s\",\"at\":\"07:00:00\",\"saws\":1,\"note\":\"Only one\"}"
                        .formatted(
                                RunningServer.id(),
                                old.path("id").asString(),
                                old.path("crewId").asString(),
                                old.path("leaves").asString());
        JsonNode after = tried(change("bookings", changed)).body().path("after");
        assertThat(bookingOf(after, "Only one").path("saws").size()).isEqualTo(1);
        assertThat(after.path("bookings").size()).isEqualTo(BOOKED);
    }

    private void aVisitIsPutOnADayLeftOutAndGivenBack() {
        JsonNode before = plan();
        String tag = onDay(before, 1).get(0);
        LocalDate third = today().plusDays(3);
        String put = change("wishes", "{\"tag\":\"%s\",\"kind\":\"ON_DAY\",\"day\":\"%s\"}".formatted(tag, third));
        assertThat(kept(put).status()).isEqualTo(204);
        assertThat(onDay(plan(), 3)).contains(tag);
        assertThat(onDay(plan(), 1)).doesNotContain(tag);

        assertThat(kept(change("wishes", "{\"tag\":\"%s\",\"kind\":\"LEFT_OUT\"}".formatted(tag)))
                        .status())
                .isEqualTo(204);
        JsonNode left = plan();
        for (int day = 0; day < 7; day++) {
            assertThat(onDay(left, day)).doesNotContain(tag);
        }
        assertThat(left.path("left").valueStream())
                .anyMatch(one -> one.path("tag").asString().equals(tag)
                        && one.path("why").path("cause").asString().equals("LEFT_OUT"));

        assertThat(kept(change("wishes", "{\"tag\":\"%s\",\"kind\":\"AS_PLANNED\"}".formatted(tag)))
                        .status())
                .isEqualTo(204);
        assertThat(plan().path("left").valueStream())
                .noneMatch(one -> one.path("why").path("cause").asString().equals("LEFT_OUT"));
    }

    /** A saw that is out cannot be put on a day; it is said, and the rest is planned all the same. */
    @Test
    void whatCannotBeThereIsSaid() {
        String out = api.get("/api/outings/open").body().path(0).path("tag").asString();
        String put = change(
                "wishes", "{\"tag\":\"%s\",\"kind\":\"ON_DAY\",\"day\":\"%s\"}".formatted(out, today().plusDays(1)));
        JsonNode after = tried(put).body().path("after");
        assertThat(after.path("notKept").path(0).path("tag").asString()).isEqualTo(out);
        assertThat(after.path("notKept").path(0).path("why").path("cause").asString())
                .isEqualTo("OUT");
        assertThat(onDay(after, 1)).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "-1  | 1 |                            | leaves | That day is over. A booking is for today or a day to come.",
                "6   | 0 |                            | saws   | 1",
                "6   | 1 | ,\"until\":\"2020-01-01\" | until  | The crew would be back before it leaves. Enter the last day it is away.",
                "6   | 1 | ,\"bar\":\"long\"        | bar    | .",
                "2   | 1 |                            | leaves | Tunnel gang has a booking from",
                "900 | 1 |                            | leaves | That is more than a year ahead.",
            })
    void aBookingThatCannotBeIsRefusedInWords(int inDays, int saws, String more, String field, String sentence) {
        int tunnelGang = 1;
        String asked = booking(tunnelGang, today().plusDays(inDays), ",\"saws\":" + saws + (more == null ? "" : more));
        Answer answer = tried(change("bookings", asked));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.sentenceAt(field)).contains(sentence);
        assertThat(kept(change("bookings", asked)).status()).isEqualTo(422);
        assertThat(plan().path("bookings").size()).isEqualTo(BOOKED);
    }

    /** No saw of the fleet is of that kind: the plan says so, and plans the rest. */
    @Test
    void aBookingThatNoSawCanMeetIsToldAndTheRestIsPlanned() {
        String asked = booking(2, today().plusDays(3), ",\"saws\":1,\"bar\":\"60 in\",\"note\":\"The giant\"");
        JsonNode after = tried(change("bookings", asked)).body().path("after");
        JsonNode giant = bookingOf(after, "The giant");
        assertThat(giant.path("candidates").asInt()).isZero();
        assertThat(giant.path("missing").asInt()).isEqualTo(1);
        assertThat(bookingOf(after, "Footplate at the north portal")
                        .path("missing")
                        .asInt())
                .isZero();
    }

    /** A day without minutes on every day: nothing is planned, everything is told. */
    @Test
    void withoutMinutesOnAnyDayThePlanStillAnswers() {
        StringBuilder all = new StringBuilder();
        for (int day = 0; day < 7; day++) {
            all.append(day == 0 ? "" : ",").append("{\"day\":\"%s\",\"minutes\":0}".formatted(today().plusDays(day)));
        }
        JsonNode after = tried(change("minutes", all.toString())).body().path("after");
        assertThat(after.path("minutes").asDouble()).isZero();
        assertThat(after.path("left").size()).isPositive();
        assertThat(after.path("missing").asInt()).isGreaterThan(1);
    }

    private void aWeekdayWithoutABenchIsNoneInAnyWeek() {
        int weekday = today().plusDays(2).getDayOfWeek().getValue();
        assertThat(kept(change("minutes", "{\"weekday\":%d,\"minutes\":0}".formatted(weekday)))
                        .status())
                .isEqualTo(204);
        assertThat(plan().path("days").path(2).path("minutes").asDouble()).isZero();
        // As it was, for the tests that follow.
        String usual = "{\"weekday\":%d,\"minutes\":120},{\"day\":\"%s\",\"minutes\":120}"
                .formatted(weekday, today().plusDays(1));
        assertThat(kept(change("minutes", usual)).status()).isEqualTo(204);
    }
}
