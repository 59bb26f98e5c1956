package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A visit to the bench over HTTP: steps, findings, holds, undo, end. */
@ExtendWith(RunningServer.class)
class VisitHttpTest {

    private final Api api;
    private String tag;
    private String visit;

    VisitHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aSawBackFromADay() {
        tag = "V" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        api.post("/api/outings/issue", Checks.issue(api, tag));
        api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1.5, "")));
        visit = RunningServer.id();
        assertThat(start(visit).status()).isEqualTo(200);
    }

    private Answer start(String id) {
        return api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(id));
    }

    private JsonNode page() {
        return api.get("/api/visits/" + visit).body();
    }

    private List<String> steps(boolean open) {
        List<String> steps = new ArrayList<>();
        for (JsonNode step : page().path("steps")) {
            if (!open || !step.has("record")) {
                steps.add(step.path("step").asString());
            }
        }
        return steps;
    }

    private Answer record(String step, String said, String findings) {
        return api.post("/api/saws/" + tag + "/records", Checks.step(api, step, said, findings, inVisit()));
    }

    private String inVisit() {
        return ",\"visitId\":\"" + visit + "\"";
    }

    private Answer post(String what, String more) {
        return api.post("/api/visits/" + visit + "/" + what, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
    }

    private void doAll() {
        for (String step : steps(true)) {
            if (step.equals("TENSION")) {
                api.post(
                        "/api/saws/" + tag + "/tension-checks",
                        Checks.checkOf(api, RunningServer.id(), "ROUTINE", inVisit(), Checks.reading("6")));
            } else {
                assertThat(record(step, "FINE", "").status()).isEqualTo(204);
            }
        }
    }

    @Test
    void aVisitDoesWhatIsDueAndLeavesTheSawFit() {
        assertThat(steps(false))
                .startsWith("MAKE_SAFE", "OUTSIDE_LOOK", "BRAKE_LEVER")
                .contains("CLEAN_COVER", "TENSION", "NUTS", "BRAKE_RUNNING")
                .doesNotContain("NOSE_GREASE", "ELECTRIC_LOOK");
        doAll();
        JsonNode done = page();
        assertThat(done.path("minutesDone").asDouble())
                .isEqualTo(done.path("minutes").asDouble());
        Answer ended = post("end", "");
        assertThat(ended.body().path("ended").path("decision").asString()).isEqualTo("FIT");
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
        assertThat(api.plate(tag).has("visit")).isFalse();
        assertThat(record("NUTS", "FINE", "").body().path("detail").asString())
                .isEqualTo("This visit has ended. Start another one to go on.");
    }

    @Test
    void theBoardShowsHowFarItIs() {
        record("MAKE_SAFE", "FINE", "");
        record("OUTSIDE_LOOK", "FINE", "");
        assertThat(api.plate(tag).path("visit").path("stepsDone").asInt()).isEqualTo(2);
        assertThat(api.plate(tag).path("visit").path("steps").asInt())
                .isEqualTo(steps(false).size());
    }

    @Test
    void aFindingOpensItsStepAndWhatClosesIt() {
        assertThat(steps(false)).doesNotContain("DRESS_RAILS", "BLUING_CAUSE");
        post("steps", ",\"step\":\"RAILS\"");
        assertThat(steps(false)).contains("RAILS", "REFIT");
        record("RAILS", "ATTEND", "\"BLUING\"");
        assertThat(steps(true)).contains("BLUING_CAUSE");
        assertThat(record("BLUING_CAUSE", "FINE", "").sentenceAt("findings"))
                .isEqualTo("Say which of the causes it was, or skip the step with a reason.");
        record("BLUING_CAUSE", "FINE", "\"BLUED_BY_NO_OIL\"");
        assertThat(steps(true)).contains("OIL_CARD");
    }

    @Test
    void whatWasClosedIsOpenAgainWhenTheSawIsOpenedAgain() {
        doAll();
        assertThat(steps(true)).isEmpty();
        post("steps", ",\"step\":\"NOSE\"");
        assertThat(steps(true)).containsExactlyInAnyOrder("NOSE", "REFIT", "TENSION", "NUTS", "BRAKE_RUNNING");
    }

    @Test
    void undoTakesTheLastEntryBackAndWhatItHadOpened() {
        post("steps", ",\"step\":\"RAILS\"");
        List<String> before = steps(true);
        record("RAILS", "ATTEND", "\"BURR\"");
        assertThat(steps(true)).contains("DRESS_RAILS");
        assertThat(post("undo", "").status()).isEqualTo(200);
        assertThat(steps(true)).isEqualTo(before);
        assertThat(api.get("/api/log?saw=" + tag).raw().body()).contains("Taken back at the bench");
    }

    @Test
    void undoOfAFailureLeavesTheSawHeldUntilSomebodyLooks() {
        record("OUTSIDE_LOOK", "FAIL", "\"CATCHER_BROKEN\"");
        assertThat(page().path("state").asString()).isEqualTo("HELD");
        post("undo", "");
        assertThat(page().path("state").asString()).isEqualTo("HELD");
        assertThat(page().path("work").path(0).path("what").asString()).isEqualTo("LOOK_ANEW");
        assertThat(page().path("mayRelease").asBoolean()).isFalse();
        record("OUTSIDE_LOOK", "FINE", "");
        assertThat(page().path("mayRelease").asBoolean()).isTrue();
        post("undo", "");
        assertThat(page().path("mayRelease").asBoolean()).isFalse();
        post("undo", "");
        assertThat(post("undo", "").body().path("detail").asString()).isEqualTo("There is nothing to take back.");
    }

    @Test
    void onlyAnOfficerTakesAFailureBack() {
        record("OUTSIDE_LOOK", "FAIL", "\"CATCHER_BROKEN\"");
        String failed = "";
        for (JsonNode step : page().path("steps")) {
            failed = step.path("step").asString().equals("OUTSIDE_LOOK")
                    ? step.path("record").path("id").asString()
                    : failed;
        }
        String byOperator = "{\"id\":\"%s\",\"reason\":\"Slip\"}".formatted(RunningServer.id());
        assertThat(api.by(api.operator())
                        .post("/api/records/" + failed + "/strike", byOperator)
                        .sentenceAt(""))
                .contains("Only an officer may do this");
        assertThat(api.by(api.operator())
                        .post("/api/visits/" + visit + "/undo", Checks.release())
                        .sentenceAt(""))
                .contains("Only an officer may do this");
        assertThat(page().path("state").asString()).isEqualTo("HELD");
        String byOfficer = byOperator;
        assertThat(api.post(
                                "/api/records/" + failed + "/strike",
                                byOfficer.replaceFirst("\"id\":\"[^\"]*\"", "\"id\":\"" + RunningServer.id() + "\""))
                        .status())
                .isEqualTo(204);
        assertThat(page().path("work").path(0).path("what").asString()).isEqualTo("LOOK_ANEW");
    }

    @Test
    void aSkipNeedsAReasonAndMakingSafeIsNeverSkipped() {
        assertThat(post("skip", ",\"step\":\"CLEAN_COVER\"").sentenceAt("reason"))
                .isEqualTo("Say why.");
        assertThat(post("skip", ",\"step\":\"CLEAN_COVER\",\"reason\":\"No time\"")
                        .status())
                .isEqualTo(200);
        assertThat(steps(true)).doesNotContain("CLEAN_COVER");
        assertThat(post("skip", ",\"step\":\"MAKE_SAFE\",\"reason\":\"x\"").sentenceAt("step"))
                .isEqualTo("Make safe is never skipped.");
        doAll();
        assertThat(post("end", "").body().path("ended").path("decision").asString())
                .as("what was skipped is still due")
                .isEqualTo("DUE");
    }

    @Test
    void aVisitIsNotEndedWithStepsOpenButForAReason() {
        Answer refused = post("end", "");
        assertThat(refused.sentenceAt("leftOpenReason")).contains("steps are still open");
        Answer ended = post("end", ",\"leftOpenReason\":\"Bench needed for another saw\"");
        assertThat(ended.body().path("ended").path("leftOpenReason").asString())
                .isEqualTo("Bench needed for another saw");
    }

    @Test
    void aSecondVisitOfTheSameSawIsRefusedAndOneOfAnotherSawIsNot() {
        assertThat(start(RunningServer.id()).body().path("detail").asString())
                .isEqualTo("Saw " + tag + " is on the bench already.");
        assertThat(page().path("id").asString()).isEqualTo(visit);
    }

    @Test
    void twoPeopleAtOneStepTheSecondIsTold() {
        assertThat(record("MAKE_SAFE", "FINE", "").status()).isEqualTo(204);
        Answer second = record("MAKE_SAFE", "FINE", "");
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.sentenceAt("step")).contains("Somebody else has just recorded this step");
        String seen = page().path("steps").get(0).path("record").path("id").asString();
        assertThat(api.post(
                                "/api/saws/" + tag + "/records",
                                Checks.step(api, "MAKE_SAFE", "FINE", "", inVisit() + ",\"expects\":\"" + seen + "\""))
                        .status())
                .isEqualTo(204);
    }

    @Test
    void somebodyElseAtTheSameVisitIsNamed() {
        String page = "/api/visits/" + visit;
        Api other = api.by(api.operator());
        assertThat(api.get(page).body().path("others").size()).isZero();
        assertThat(other.get(page).body().path("others").size()).isEqualTo(1);
        assertThat(api.get(page).body().path("others").size()).isEqualTo(1);
    }

    @Test
    void aFailedBrakeHoldsUntilRetestedAndReleased() {
        record("BRAKE_RUNNING", "FAIL", "\"CHAIN_NOT_STOPPED\"");
        post("end", ",\"leftOpenReason\":\"Waits for a band\"");
        String release = "/api/saws/" + tag + "/release";
        Answer early = api.post(release, Checks.release());
        assertThat(early.body().path("detail").asString())
                .isEqualTo("Saw " + tag + " stays held. Still missing: brake test at full throttle.");
        api.post("/api/saws/" + tag + "/records", Checks.step(api, "BRAKE_LEVER", "FINE", "", ""));
        assertThat(api.post(release, Checks.release()).status())
                .as("another step proves nothing")
                .isEqualTo(409);
        api.post("/api/saws/" + tag + "/records", Checks.step(api, "BRAKE_RUNNING", "FINE", "", ""));
        assertThat(api.by(api.operator()).post(release, Checks.release()).status())
                .isEqualTo(403);
        assertThat(api.post(release, Checks.release()).status()).isEqualTo(204);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("DUE");
    }

    @Test
    void aCondemnedChainIsReplacedAndStaysCondemned() {
        post("steps", ",\"step\":\"CHAIN_LOOK\"");
        assertThat(record("CHAIN_LOOK", "FAIL", "\"STRAP_CRACKED\"").status()).isEqualTo(204);
        assertThat(steps(true)).contains("REPLACE_CHAIN");
        String other = "W" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), other, 68));
        Checks.takeChainOff(api, other);
        String part = inVisit() + ",\"part\":{\"tag\":\"C-" + other + "\",\"newChain\":true,\"soakHours\":13}";
        Answer replaced =
                api.post("/api/saws/" + tag + "/records", Checks.step(api, "REPLACE_CHAIN", "FINE", "", part));
        assertThat(replaced.status()).isEqualTo(204);
        assertThat(api.get("/api/saws/" + tag).body().path("chain").path("tag").asString())
                .isEqualTo("C-" + other);
        JsonNode set = api.get("/api/saws/" + other).body();
        Answer back = api.post(
                "/api/saws/" + other + "/fittings",
                "{\"id\":\"%s\",\"version\":%d,\"set\":{\"chain\":{\"tag\":\"C-%s\",\"create\":false},\"bar\":{\"tag\":\"B-%s\",\"create\":false},\"sprocket\":{\"tag\":\"S-%s\",\"create\":false}}}"
                        .formatted(RunningServer.id(), set.path("version").asInt(), tag, other, other));
        assertThat(back.body().path("detail").asString()).contains("C-" + tag + " is condemned");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GROOVE  | {\"GROOVE_DEPTH\":\"99\"}   | figures.GROOVE_DEPTH  | That is out of range. It lies between 1 mm and 15 mm; measure again if in doubt.",
                "GROOVE  | {\"GROOVE_DEPTH\":\"deep\"} | figures.GROOVE_DEPTH  | This is not a length. Write it as 6, 6.5 mm, 1/4 in or 13/64\".",
                "SHARPEN | {\"STROKES_LEFT\":\"3\"}    | figures.STROKES_RIGHT | Enter this figure: the step cannot be recorded without it.",
                "SHARPEN | {\"STROKES_LEFT\":\"x\"}    | figures.STROKES_LEFT  | This is not a number. Write it as 3 or 3.5.",
            })
    void figuresThatCannotBeAreRefusedInWords(String step, String figures, String field, String sentence) {
        String body = Checks.stepOf(api, RunningServer.id(), step, "FINE", "", figures, "");
        assertThat(api.post("/api/saws/" + tag + "/records", body).sentenceAt(field))
                .isEqualTo(sentence);
    }

    @Test
    void previewTellsWhatAFigureMeansAndStoresNothing() {
        Answer preview = api.post(
                "/api/saws/" + tag + "/records/preview",
                "{\"step\":\"GROOVE\",\"noted\":false,\"input\":{\"said\":\"FINE\",\"figures\":{\"GROOVE_DEPTH\":\"1/4 in\"}}}");
        JsonNode verdict = preview.body().path("verdict");
        assertThat(verdict.path("outcome").asString()).isEqualTo("ATTEND");
        assertThat(verdict.path("findings").get(0).asString()).isEqualTo("GROOVE_WATCH");
        assertThat(preview.body().path("figures").path("GROOVE_DEPTH").asDouble())
                .as("the figure as understood, for the drawing")
                .isEqualTo(6.35);
        assertThat(page().path("steps").toString()).doesNotContain("GROOVE_WATCH");
    }

    @Test
    void aQuickRecordIsBackdatedWithANoteOnly() {
        String at = ",\"at\":\"" + Instant.now().minusSeconds(7200) + "\"";
        String body = Checks.stepOf(api, RunningServer.id(), "AIR_FILTER", "FINE", "", "{}", at);
        assertThat(api.post("/api/saws/" + tag + "/records", body).sentenceAt("note"))
                .isEqualTo("Written down later: say in the note why.");
        String noted = Checks.stepOf(
                api, RunningServer.id(), "AIR_FILTER", "FINE", "", "{}", at + ",\"note\":\"Done at the stove\"");
        assertThat(api.post("/api/saws/" + tag + "/records", noted).status()).isEqualTo(204);
    }

    @Test
    void theLogFiltersBySawPersonAndKind() {
        record("MAKE_SAFE", "FINE", "");
        JsonNode steps = api.get("/api/log?saw=" + tag + "&kinds=BACK").body().path("entries");
        assertThat(steps.size()).isEqualTo(1);
        assertThat(steps.get(0).path("back").path("use").path("tanks").asDouble())
                .isEqualTo(1.5);
        assertThat(api.get("/api/log?saw=" + tag + "&person=" + api.operator())
                        .body()
                        .path("entries")
                        .size())
                .isZero();
        assertThat(api.get("/api/log?saw=" + tag)
                        .body()
                        .path("entries")
                        .get(0)
                        .path("step")
                        .path("step")
                        .asString())
                .isEqualTo("MAKE_SAFE");
    }
}
