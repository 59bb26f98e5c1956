package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Going out and coming back, and what the schedule makes of it. */
@ExtendWith(RunningServer.class)
class OutingHttpTest {

    private final Api api;
    private String tag;

    OutingHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aFitSaw() {
        tag = Checks.fitSaw(api, "U");
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
    }

    private Answer back(String saw) {
        return api.post("/api/outings/return", Checks.back(api, saw));
    }

    private JsonNode task(String name) {
        for (JsonNode task : api.get("/api/saws/" + tag + "/schedule").body().path("tasks")) {
            if (task.path("task").asString().equals(name)) {
                return task;
            }
        }
        throw new AssertionError("no task " + name);
    }

    @Test
    void aFitSawGoesOutAndComesBackDue() {
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).status())
                .isEqualTo(204);
        assertThat(api.get("/api/board").body().toString()).contains(tag);
        String hard = Checks.backSaw(tag, 4, "").replace("[\"SOFT\"]", "[\"HARD\"]");
        assertThat(back(hard).status()).isEqualTo(204);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("DUE");
        JsonNode sharpen = task("SHARPEN").path("limits").get(0);
        assertThat(sharpen.path("raw").asDouble()).isEqualTo(4);
        assertThat(sharpen.path("counted").asDouble()).as("4 tanks count as 6").isEqualTo(6);
        assertThat(sharpen.path("heavier").get(0).asString()).isEqualTo("HARD");
    }

    /** Out for four days and run on two of them with one tank: as told, where the tank alone would be one day. */
    @ParameterizedTest
    @CsvSource({"'', 1", "',\"daysRun\":2', 2"})
    void theDaysOnWhichItRanAreAskedOfALongerOuting(String told, double days) {
        String out = Checks.issue(api, tag)
                .replaceFirst("\"at\":\"[^\"]*\"", "\"at\":\"" + Instant.now().minus(Duration.ofDays(3)) + "\"");
        assertThat(api.post("/api/outings/issue", out).status()).isEqualTo(204);
        Answer back = api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1, ",\"daysRun\":9")));
        assertThat(back.sentenceAt("saws[0].daysRun")).isEqualTo("Give a number from 1 to 4.");
        assertThat(api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1, told)))
                        .status())
                .isEqualTo(204);
        double inUse = -1;
        for (JsonNode task : api.get("/api/saws/" + tag + "/schedule").body().path("tasks")) {
            for (JsonNode limit : task.path("limits")) {
                if (task.path("task").asString().equals("OIL_CARD")
                        && limit.path("unit").asString().equals("DAYS_IN_USE")) {
                    inUse = limit.path("raw").asDouble();
                }
            }
        }
        assertThat(inUse).isEqualTo(days);
    }

    @Test
    void eventsMakeTasksDueAtOnce() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        String saw = Checks.backSaw(tag, 0.5, ",\"complaint\":\"Rattles\"")
                .replace("\"rain\":false", "\"rain\":true")
                .replace("\"groundStruck\":false", "\"groundStruck\":true");
        assertThat(back(saw).status()).isEqualTo(204);
        assertThat(task("SHARPEN").path("events").get(0).asString()).isEqualTo("GROUND_STRUCK");
        assertThat(task("FULL_CLEAN").path("events").get(0).asString()).isEqualTo("RAIN");
        assertThat(task("OUTSIDE_LOOK").path("events").get(0).asString()).isEqualTo("COMPLAINT");
    }

    @Test
    void aCrewsComplaintCanHold() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        String saw = Checks.backSaw(tag, 1, ",\"complaint\":\"Kicks\"").replace("\"hold\":false", "\"hold\":true");
        assertThat(back(saw).status()).isEqualTo(204);
        assertThat(api.plate(tag).path("headline").path("what").asString()).isEqualTo("PERSON_HOLDS");
    }

    @Test
    void aHeldSawIsRefusedAndTheReasonSaid() {
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(api, "BRAKE_RUNNING", "FAIL", "\"CHAIN_NOT_STOPPED\"", ""));
        Answer refused = api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("detail").asString())
                .isEqualTo("Saw " + tag + " is held and must not go out: the brake does not stop the chain.");
    }

    @Test
    void ofSeveralSawsAllGoOutOrNone() {
        Answer refused = api.post("/api/outings/issue", Checks.issue(api, tag, "10"));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(api.get("/api/outings/open").body().toString()).doesNotContain(tag);
    }

    @Test
    void aSawThatIsNotOutCannotComeBack() {
        assertThat(back(Checks.backSaw(tag, 1, "")).body().path("detail").asString())
                .isEqualTo("Saw " + tag + " is not out, so it cannot come back.");
    }

    @Test
    void twoReturnsOfOneOutingAtOnceStoreOne() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        List<CompletableFuture<Integer>> answers = List.of(1, 2, 3, 4).stream()
                .map(i -> CompletableFuture.supplyAsync(
                        () -> back(Checks.backSaw(tag, i, "")).status()))
                .toList();
        assertThat(answers.stream().map(CompletableFuture::join).filter(status -> status == 204))
                .hasSize(1);
        assertThat(task("SHARPEN").path("limits").get(0).path("raw").asDouble()).isBetween(1.0, 4.0);
    }

    /** Out an hour and a half: at most 1 + 90 / 15 = 7 tanks. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "-1  | Give a number from 0 to 200.",
                "7.5 | 7.5 is not possible: the saw was out 90 minutes, and no more than 7 can be used in that time.",
            })
    void tanksThatCannotBeAreRefused(double tanks, String sentence) {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(back(Checks.backSaw(tag, tanks, "")).sentenceAt("saws[0].tanks"))
                .isEqualTo(sentence);
        assertThat(back(Checks.backSaw(tag, 7, ",\"sure\":true")).status())
                .as("nothing was lost")
                .isEqualTo(204);
    }

    /** More than one tank each half hour is asked about: 25 for 2.5 is a slip. */
    @Test
    void unlikelyTanksAreAskedAbout() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(back(Checks.backSaw(tag, 5, "")).sentenceAt("saws[0].sure"))
                .isEqualTo("5 in 90 minutes is more than a crew uses. Say that it is right, or change the figure.");
        assertThat(back(Checks.backSaw(tag, 5, ",\"sure\":true")).status()).isEqualTo(204);
    }

    @Test
    void loggedRefuelsCount() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        for (int i = 0; i < 2; i++) {
            assertThat(api.post("/api/saws/" + tag + "/refuels", Checks.release())
                            .status())
                    .isEqualTo(204);
        }
        assertThat(back(Checks.backSaw(tag, 1, "")).sentenceAt("saws[0].tanks"))
                .startsWith("2 tanks were logged while it was out");
        assertThat(back(Checks.backSaw(tag, 2, "")).status()).isEqualTo(204);
    }

    private Answer refuel(String oil) {
        return api.post("/api/saws/" + tag + "/refuels", "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), oil));
    }

    private JsonNode openOuting() {
        for (JsonNode outing : api.get("/api/outings/open").body()) {
            if (outing.path("tag").asString().equals(tag)) {
                return outing;
            }
        }
        throw new AssertionError("saw " + tag + " is not out");
    }

    @Test
    void theOilOfRefuelsIsTheOilOfTheOuting() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(openOuting().has("oilTanks")).as("nothing logged yet").isFalse();
        assertThat(refuel(",\"oilShare\":0").status()).isEqualTo(204);
        assertThat(refuel(",\"oilShare\":0.25").status()).isEqualTo(204);
        assertThat(refuel(",\"oilShare\":0.5").status()).isEqualTo(204);
        assertThat(openOuting().path("oilOfAll").asBoolean()).isTrue();
        assertThat(openOuting().path("oilTanks").asDouble()).isEqualTo(0.75);
        assertThat(refuel(",\"oilShare\":1.25").sentenceAt("oilShare")).isEqualTo("Give a number from 0 to 1.");
        assertThat(openOuting().path("refuels").asInt()).isEqualTo(3);
        assertThat(back(Checks.backSaw(tag, 3, ",\"oilShare\":0.5")).sentenceAt("saws[0].oilShare"))
                .isEqualTo("0.75 tanks of bar oil were logged while it was out; it cannot have used less than that.");
        assertThat(back(Checks.backSaw(tag, 3, "")).status()).isEqualTo(204);
        JsonNode oiling = api.get("/api/saws/" + tag + "/oiling").body();
        assertThat(oiling.path("ratio").path("ratio").asDouble())
                .as("0.75 of oil for 3 of fuel")
                .isEqualTo(0.25);
        assertThat(oiling.path("ratio").path("verdict").asString()).isEqualTo("NOT_OILING");
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
    }

    /** A tank at which nobody looked is none without oil: it neither holds the saw nor says anything of its oiling. */
    @Test
    void theOilOfSomeRefuelsIsNotThatOfTheOuting() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        refuel("");
        refuel(",\"oilShare\":0.25");
        refuel("");
        assertThat(openOuting().path("oilTanks").asDouble()).isEqualTo(0.25);
        assertThat(openOuting().path("oilOfAll").asBoolean()).isFalse();
        assertThat(back(Checks.backSaw(tag, 3, "")).status()).isEqualTo(204);
        assertThat(api.get("/api/saws/" + tag + "/oiling").body().has("ratio")).isFalse();
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("DUE");
    }

    @Test
    void timesInTheFutureAndBackdatingWithoutAReasonAreRefused() {
        String issue = Checks.issue(api, tag);
        String at = issue.replaceAll(
                "\"at\":\"[^\"]*\"", "\"at\":\"" + Instant.now().plusSeconds(3600) + "\"");
        assertThat(api.post("/api/outings/issue", at).sentenceAt("at")).isEqualTo("This time is in the future.");
        String silent = Checks.issue(api, tag).replaceAll("\"reason\":\"[^\"]*\",", "");
        assertThat(api.post("/api/outings/issue", silent).sentenceAt("reason")).isEqualTo("Say why.");
        api.post("/api/outings/issue", Checks.issue(api, tag));
        String before = Checks.back(api, Checks.backSaw(tag, 0, ""))
                .replace(
                        "\"saws\"",
                        "\"at\":\"%s\",\"reason\":\"x\",\"saws\""
                                .formatted(Instant.now().minusSeconds(86_400)));
        assertThat(api.post("/api/outings/return", before).sentenceAt("at")).contains("before saw " + tag);
        assertThat(back(Checks.backSaw(tag, 0, "")).status()).isEqualTo(204);
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).sentenceAt("at"))
                .isEqualTo("Saw " + tag + " was still out then. Give a time after it came back.");
    }

    @Test
    void aSawOnTheBenchStaysIn() {
        api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(RunningServer.id()));
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag))
                        .body()
                        .path("detail")
                        .asString())
                .isEqualTo("Saw " + tag + " is on the bench. End its visit first.");
    }
}
