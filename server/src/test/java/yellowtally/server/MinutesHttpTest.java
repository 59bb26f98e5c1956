package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** What visits took, and estimates that follow it: on a fleet of its own, since all others count by the same numbers. */
class MinutesHttpTest {

    private static final String SHARPEN = "schedule.sharpen.minutes";

    private static OwnFleet fleet;
    private static Api api;

    @BeforeAll
    static void begin() {
        fleet = OwnFleet.empty("minutes");
        api = fleet.api();
    }

    @AfterAll
    static void end() {
        fleet.close();
    }

    private static String saw(String tag) {
        assertThat(api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68))
                        .status())
                .isLessThan(300);
        return tag;
    }

    /** A visit that sharpens for so many minutes, written down afterwards, a day after it was done. */
    private static JsonNode sharpened(String tag, int minutes) {
        Instant begun = Instant.now().minus(Duration.ofHours(26));
        String visit = begun(tag);
        record(tag, visit, "MAKE_SAFE", begun);
        record(tag, visit, "SHARPEN", begun.plus(Duration.ofMinutes(minutes)));
        return ended(visit);
    }

    private static String begun(String tag) {
        String visit = RunningServer.id();
        assertThat(api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(visit))
                        .status())
                .isLessThan(300);
        return visit;
    }

    private static void record(String tag, String visit, String step, Instant at) {
        String figures = step.equals("SHARPEN") ? "{\"STROKES_LEFT\":\"3\",\"STROKES_RIGHT\":\"3\"}" : "{}";
        String more = ",\"visitId\":\"%s\",\"at\":\"%s\",\"note\":\"From the slip\"".formatted(visit, at);
        Answer answer = api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, RunningServer.id(), step, "FINE", "", figures, more));
        assertThat(answer.status()).as(answer.body().toString()).isLessThan(300);
    }

    private static JsonNode ended(String visit) {
        Answer answer = api.post(
                "/api/visits/" + visit + "/end",
                "{\"id\":\"%s\",\"leftOpenReason\":\"Only the edge today\"}".formatted(RunningServer.id()));
        assertThat(answer.status()).as(answer.body().toString()).isLessThan(300);
        return api.get("/api/visits/" + visit).body();
    }

    private static JsonNode work(String key) {
        for (JsonNode work : api.get("/api/minutes").body().path("work")) {
            if (work.path("key").asString().equals(key)) {
                return work;
            }
        }
        throw new AssertionError("nothing told of " + key);
    }

    private static JsonNode setting(String key) {
        for (JsonNode number : api.get("/api/settings").body().path("numbers")) {
            if (number.path("key").asString().equals(key)) {
                return number;
            }
        }
        throw new AssertionError("no setting " + key);
    }

    /** The bill of a visit in which nothing is done: all that a saw needs, sharpening among it. */
    private static double counted(String tag) {
        String visit = begun(tag);
        double minutes = api.get("/api/visits/" + visit).body().path("minutes").asDouble();
        ended(visit);
        return minutes;
    }

    @Test
    void anEstimateFollowsWhatTheWorkTookUntilPeopleSetItAnew() {
        String tag = saw("M1");
        String other = saw("M0");
        double before = counted(other);
        for (int done = 1; done <= 4; done++) {
            JsonNode took = sharpened(tag, 16).path("ended").path("took");
            assertThat(took.path("estimated").asDouble()).isEqualTo(10);
            assertThat(took.path("told").asDouble()).isEqualTo(10);
            assertThat(took.path("taken").asDouble()).isCloseTo(16, within(0.01));
            assertThat(work(SHARPEN).path("counts").asDouble()).isEqualTo(10);
        }
        sharpened(tag, 16);
        JsonNode told = work(SHARPEN);
        assertThat(told.path("task").asString()).isEqualTo("SHARPEN");
        assertThat(told.path("times").asDouble()).isEqualTo(5);
        assertThat(told.path("set").asDouble()).isEqualTo(10);
        assertThat(told.path("counts").asDouble()).isEqualTo(13);
        assertThat(told.path("minutes").asDouble())
                .isBetween(told.path("from").asDouble(), told.path("to").asDouble());
        JsonNode setting = setting(SHARPEN);
        assertThat(setting.path("value").asDouble()).isEqualTo(10);
        assertThat(setting.path("taken").path("counts").asDouble()).isEqualTo(13);
        assertThat(setting.path("taken").path("times").asDouble()).isEqualTo(5);
        assertThat(counted(other)).as("the bill of a visit").isEqualTo(before + 3);

        api.post(
                "/api/settings/changes",
                "{\"id\":\"%s\",\"key\":\"%s\",\"value\":\"11\",\"reason\":\"New files\"}"
                        .formatted(RunningServer.id(), SHARPEN));
        assertThat(setting(SHARPEN).has("taken")).isFalse();
        assertThat(counted(other)).isEqualTo(before + 1);
        assertThat(api.get("/api/minutes").body().path("work").findValuesAsString("key"))
                .as("what was done before they said it")
                .doesNotContain(SHARPEN);
        for (int done = 1; done <= 4; done++) {
            sharpened(tag, 16);
            assertThat(work(SHARPEN).path("counts").asDouble()).isEqualTo(11);
        }
        sharpened(tag, 16);
        assertThat(work(SHARPEN).path("counts").asDouble()).isEqualTo(13.5);
    }

    @Test
    void whatIsWrittenDownInOneGoTellsNothing() {
        String tag = saw("M2");
        String visit = begun(tag);
        Instant now = Instant.now();
        record(tag, visit, "MAKE_SAFE", now);
        record(tag, visit, "SHARPEN", now);
        JsonNode took = ended(visit).path("ended").path("took");
        assertThat(took.path("estimated").asDouble()).isPositive();
        assertThat(took.path("told").asDouble()).isZero();
        assertThat(took.path("taken").asDouble()).isZero();
        assertThat(api.get("/api/minutes").body().path("today").findValuesAsString("tag"))
                .contains(tag);
    }

    @Test
    void aVisitThatIsStruckTellsNothing() {
        String tag = saw("M3");
        String visit = begun(tag);
        Instant begun = Instant.now().minus(Duration.ofHours(26));
        record(tag, visit, "MAKE_SAFE", begun);
        record(tag, visit, "CLEAN_COVER", begun.plus(Duration.ofMinutes(12)));
        ended(visit);
        assertThat(work("schedule.clean.minutes").path("times").asDouble()).isEqualTo(1);
        Answer struck = api.post(
                "/api/visits/" + visit + "/strike",
                "{\"id\":\"%s\",\"reason\":\"That was another saw\"}".formatted(RunningServer.id()));
        assertThat(struck.status()).as(struck.body().toString()).isLessThan(300);
        assertThat(api.get("/api/minutes").body().path("work").findValuesAsString("key"))
                .doesNotContain("schedule.clean.minutes");
    }
}
