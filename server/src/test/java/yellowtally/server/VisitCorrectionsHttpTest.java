package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A step of a closed visit, and a whole visit on the wrong saw, are put right; the old entries stay readable. */
@ExtendWith(RunningServer.class)
class VisitCorrectionsHttpTest {

    private final Api api;
    private String tag;
    private String other;

    VisitCorrectionsHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void twoFitSaws() {
        tag = Checks.fitSaw(api, "Y");
        other = Checks.fitSaw(api, "Z");
    }

    private String begin() {
        String visit = RunningServer.id();
        api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(visit));
        return visit;
    }

    private void step(String visit, String step, String said, String findings, String figures) {
        Answer answer = api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(
                        api, RunningServer.id(), step, said, findings, figures, ",\"visitId\":\"" + visit + "\""));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(204);
    }

    private void end(String visit) {
        Answer ended = api.post(
                "/api/visits/" + visit + "/end",
                "{\"id\":\"%s\",\"leftOpenReason\":\"Done for today\"}".formatted(RunningServer.id()));
        assertThat(ended.status()).as(ended.raw().body()).isEqualTo(200);
    }

    private Answer strike(String visit, String person) {
        return api.by(person)
                .post(
                        "/api/visits/" + visit + "/strike",
                        "{\"id\":\"%s\",\"reason\":\"Another saw\"}".formatted(RunningServer.id()));
    }

    private String move(String to) {
        return "{\"id\":\"%s\",\"tag\":\"%s\",\"reason\":\"Wrong plate\"}".formatted(RunningServer.id(), to);
    }

    private Answer move(String visit, String person, String to) {
        return api.by(person).post("/api/visits/" + visit + "/move", move(to));
    }

    private String state(String of) {
        return api.plate(of).path("state").asString();
    }

    private List<JsonNode> steps(String of) {
        List<JsonNode> steps = new ArrayList<>();
        api.get("/api/log?kinds=STEP&saw=" + of).body().path("entries").forEach(steps::add);
        return steps;
    }

    /** The bar came off at a visit of this saw: the whole of it happened to the other one. */
    @Test
    void aVisitOnTheWrongSawIsMovedStepByStep() {
        String visit = begin();
        step(visit, "GROOVE", "FINE", "", "{\"GROOVE_DEPTH\":\"7.1\"}");
        step(visit, "OUTSIDE_LOOK", "ATTEND", "\"LEAK_SEEN\"", "{}");
        api.post(
                "/api/visits/" + visit + "/skip",
                "{\"id\":\"%s\",\"step\":\"NUTS\",\"reason\":\"No time\"}".formatted(RunningServer.id()));
        api.post(
                "/api/saws/" + tag + "/tension-checks",
                Checks.checkOf(
                        api,
                        RunningServer.id(),
                        "ROUTINE",
                        ",\"visitId\":\"" + visit + "\"",
                        Checks.reading("6.5", Checks.FAIR, 0.25)));
        end(visit);
        assertThat(state(tag)).isEqualTo("HELD");
        assertThat(state(other)).isEqualTo("FIT");
        JsonNode effect =
                api.post("/api/visits/" + visit + "/move/preview", move(other)).body();
        assertThat(effect.path("officer").asBoolean())
                .as("what lies apart would be whole")
                .isTrue();
        assertThat(move(visit, api.operator(), other).sentenceAt("")).contains("Only an officer may do this");
        assertThat(state(other)).as("nothing half stored").isEqualTo("FIT");
        assertThat(move(visit, api.officer(), other).status()).isEqualTo(204);
        assertThat(state(other)).isEqualTo("HELD");
        // What held it holds on until somebody has looked.
        assertThat(state(tag)).isEqualTo("HELD");
        assertThat(api.post("/api/saws/" + tag + "/release", Checks.release()).status())
                .isEqualTo(409);
        Checks.setBack(api, tag);
        assertThat(api.post("/api/saws/" + tag + "/release", Checks.release()).status())
                .isEqualTo(204);
        assertThat(state(tag)).isEqualTo("FIT");
        List<JsonNode> moved = steps(other).stream()
                .filter(line -> line.path("step").has("visitId"))
                .toList();
        assertThat(moved)
                .extracting(line -> line.path("step").path("step").asString())
                .containsExactlyInAnyOrder("GROOVE", "OUTSIDE_LOOK", "NUTS", "TENSION");
        List<JsonNode> struck =
                steps(tag).stream().filter(line -> line.has("struck")).toList();
        assertThat(struck).hasSize(4);
        for (JsonNode line : moved) {
            JsonNode was = struck.stream()
                    .filter(s ->
                            s.path("step").path("step").equals(line.path("step").path("step")))
                    .findFirst()
                    .orElseThrow();
            assertThat(line.path("at")).as("when it was done").isEqualTo(was.path("at"));
            assertThat(line.path("by")).as("who did it").isEqualTo(was.path("by"));
            assertThat(line.path("step").path("figures"))
                    .isEqualTo(was.path("step").path("figures"));
            assertThat(line.path("step").path("outcome"))
                    .isEqualTo(was.path("step").path("outcome"));
            assertThat(line.path("note").asString()).contains("Recorded on saw " + tag + " at first: Wrong plate");
        }
        JsonNode page = api.get("/api/visits/" + visit).body();
        assertThat(page.path("struck").path("reason").asString()).isEqualTo("Wrong plate");
        String instead = page.path("struck").path("instead").asString();
        assertThat(api.get("/api/visits/" + instead).body().path("tag").asString())
                .isEqualTo(other);
        assertThat(api.get("/api/visits/" + instead)
                        .body()
                        .path("ended")
                        .path("leftOpenReason")
                        .asString())
                .isEqualTo("Done for today");
    }

    /** The wrong plate was taken off the board: what lies on the bench goes on as the other saw. */
    @Test
    void anOpenVisitGoesOnOnTheRightSaw() {
        String visit = begin();
        step(visit, "OUTSIDE_LOOK", "FINE", "", "{}");
        assertThat(move(visit, api.operator(), other).status()).isEqualTo(204);
        String instead = api.get("/api/visits/" + visit)
                .body()
                .path("struck")
                .path("instead")
                .asString();
        assertThat(api.get("/api/saws/" + other + "/schedule")
                        .body()
                        .path("visitId")
                        .asString())
                .isEqualTo(instead);
        assertThat(api.get("/api/saws/" + tag + "/schedule").body().has("visitId"))
                .isFalse();
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).status())
                .isEqualTo(204);
        assertThat(strike(instead, api.operator()).status()).isEqualTo(204);
        assertThat(state(other)).isEqualTo("FIT");
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void aStruckVisitLeavesNothingButItsHolds(boolean failed) {
        String visit = begin();
        step(visit, "OUTSIDE_LOOK", "FINE", "", "{}");
        if (failed) {
            step(visit, "BRAKE_LEVER", "FAIL", "\"LEVER_DOES_NOT_SNAP\"", "{}");
        }
        end(visit);
        assertThat(api.get("/api/visits/" + visit + "/strike")
                        .body()
                        .path("officer")
                        .asBoolean())
                .isEqualTo(failed);
        if (failed) {
            assertThat(strike(visit, api.operator()).status()).isEqualTo(403);
        }
        assertThat(strike(visit, failed ? api.officer() : api.operator()).status())
                .isEqualTo(204);
        assertThat(state(tag)).as("a failure stays until it is looked at anew").isEqualTo(failed ? "HELD" : "FIT");
        JsonNode line = api.get("/api/log?kinds=VISIT_ENDED&saw=" + tag)
                .body()
                .path("entries")
                .get(0);
        assertThat(line.path("struck").path("reason").asString()).isEqualTo("Another saw");
        assertThat(strike(visit, api.officer()).body().path("detail").asString())
                .isEqualTo("Somebody has already put this visit right. Look at it as it is now.");
    }

    @Test
    void oneFineStepOfAClosedVisitIsStruckByItself() {
        String visit = begin();
        step(visit, "OUTSIDE_LOOK", "FINE", "", "{}");
        step(visit, "CONTROLS", "FINE", "", "{}");
        end(visit);
        JsonNode look = steps(tag).stream()
                .filter(line -> line.path("step").path("visitId").asString().equals(visit)
                        && line.path("step").path("step").asString().equals("OUTSIDE_LOOK"))
                .findFirst()
                .orElseThrow();
        assertThat(api.post(
                                "/api/records/" + look.path("id").asString() + "/strike",
                                "{\"id\":\"%s\",\"reason\":\"Not checked\"}".formatted(RunningServer.id()))
                        .status())
                .isEqualTo(204);
        assertThat(steps(tag).stream().filter(line -> line.has("struck"))).hasSize(1);
    }

    @Test
    void whatCannotBeMovedIsRefusedAndNothingIsLost() {
        String visit = begin();
        step(visit, "OUTSIDE_LOOK", "FINE", "", "{}");
        assertThat(move(visit, api.operator(), tag).sentenceAt("tag")).contains("is on saw " + tag + " already");
        assertThat(move(visit, api.operator(), "NONE").status()).isEqualTo(404);
        api.post("/api/outings/issue", Checks.issue(api, other));
        assertThat(move(visit, api.operator(), other).sentenceAt("tag")).contains("is out with a crew");
        assertThat(api.get("/api/visits/" + visit).body().has("struck")).isFalse();
        assertThat(api.get("/api/saws/" + tag + "/schedule")
                        .body()
                        .path("visitId")
                        .asString())
                .isEqualTo(visit);
    }

    @Test
    void ofTwoWhoMoveOneVisitAtOnceOneDoes() {
        String visit = begin();
        step(visit, "OUTSIDE_LOOK", "FINE", "", "{}");
        List<CompletableFuture<Answer>> both = List.of(1, 2, 3).stream()
                .map(i -> CompletableFuture.supplyAsync(
                        () -> i == 1 ? strike(visit, api.operator()) : move(visit, api.operator(), other)))
                .toList();
        assertThat(both.stream()
                        .map(CompletableFuture::join)
                        .map(Answer::status)
                        .sorted())
                .containsExactly(204, 409, 409);
    }

    @Test
    void ofTwoWhoStrikeOneStepAtOnceOneDoes() {
        String look = RunningServer.id();
        api.post("/api/saws/" + tag + "/records", Checks.stepOf(api, look, "OUTSIDE_LOOK", "FINE", "", "{}", ""));
        List<CompletableFuture<Answer>> all = List.of(1, 2, 3, 4).stream()
                .map(i -> CompletableFuture.supplyAsync(() -> api.post(
                        "/api/records/" + look + "/strike",
                        "{\"id\":\"%s\",\"reason\":\"Wrong saw\"}".formatted(RunningServer.id()))))
                .toList();
        List<Answer> answers = all.stream().map(CompletableFuture::join).toList();
        assertThat(answers.stream().map(Answer::status).sorted()).containsExactly(204, 409, 409, 409);
        assertThat(answers.stream()
                        .filter(answer -> answer.status() == 409)
                        .map(answer -> answer.body().path("detail").asString()))
                .containsOnly("This record is struck out already.");
    }
}
