package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

@ExtendWith(RunningServer.class)
class FleetHttpTest {

    private final Api api;
    private String tag;

    FleetHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void freshTag() {
        tag = "F" + RunningServer.id().substring(0, 6);
    }

    private JsonNode add() {
        Answer added = api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        assertThat(added.status()).isEqualTo(200);
        return added.body();
    }

    private String edit(int version, String make) {
        return "{\"id\":\"%s\",\"version\":%d,\"saw\":%s}".formatted(RunningServer.id(), version, Checks.card(make));
    }

    private String act(String more) {
        return "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more);
    }

    @Test
    void aMisfitBlocksTheWholeSawInWords() {
        Answer refused = api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 66));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt("set")).isEqualTo("This loop has 66 drive links, the bar asks for 68.");
        assertThat(api.get("/api/saws/" + tag).status()).isEqualTo(404);
        assertThat(api.get("/api/parts").raw().body()).doesNotContain("C-" + tag);
    }

    @Test
    void theFitCheckAnswersWhileTyping() {
        Answer answer = api.post("/api/fit-check", "{\"set\":" + Checks.set(tag, 66) + "}");
        assertThat(answer.body().path("misfits").get(0).path("sentence").asString())
                .isEqualTo("This loop has 66 drive links, the bar asks for 68.");
        Answer halfTyped =
                api.post("/api/fit-check", "{\"set\":{\"chain\":{\"tag\":\"X\",\"create\":true,\"pitch\":\"P_325\"}}}");
        assertThat(halfTyped.status()).isEqualTo(200);
        assertThat(halfTyped.body().path("misfits").size()).isZero();
        assertThat(halfTyped.body().path("fields").size()).isEqualTo(2);
    }

    @Test
    void aStaleEditIsToldWithWhatStandsNow() {
        int version = add().path("version").asInt();
        assertThat(api.put("/api/saws/" + tag, edit(version, "Harrowgill")).status())
                .isEqualTo(200);
        Answer stale = api.put("/api/saws/" + tag, edit(version, "Brackenfell"));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.body().path("current").path("card").path("make").asString())
                .isEqualTo("Harrowgill");
        int now = stale.body().path("current").path("version").asInt();
        assertThat(api.put("/api/saws/" + tag, edit(now, "Brackenfell"))
                        .body()
                        .path("card")
                        .path("make")
                        .asString())
                .isEqualTo("Brackenfell");
    }

    @Test
    void aRepeatedEditIsNotStale() {
        String body = edit(add().path("version").asInt(), "Harrowgill");
        assertThat(api.put("/api/saws/" + tag, body).status()).isEqualTo(200);
        assertThat(api.put("/api/saws/" + tag, body).status()).isEqualTo(200);
    }

    @Test
    void aPartHangsOnOneSawOnly() {
        int version = add().path("version").asInt();
        String theirs = "{\"id\":\"%s\",\"version\":%d,\"set\":{\"chain\":{\"tag\":\"YC-07\",\"create\":false}}}"
                .formatted(RunningServer.id(), version);
        Answer refused = api.post("/api/saws/" + tag + "/fittings", theirs);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt("set.chain.tag"))
                .isEqualTo("YC-07 is fitted to another saw. Take it off there first.");
    }

    @Test
    void fittingAnotherSetPutsTheOldOneOnTheShelfAndHoldsTheSaw() {
        int version = add().path("version").asInt();
        String off = "{\"id\":\"%s\",\"version\":%d,\"set\":{\"bar\":{\"tag\":\"B-%s\",\"create\":false}}}"
                .formatted(RunningServer.id(), version, tag);
        Answer fitted = api.post("/api/saws/" + tag + "/fittings", off);
        assertThat(fitted.body().has("chain")).isFalse();
        assertThat(api.plate(tag).path("headline").path("what").asString()).isEqualTo("NO_SET_FITTED");
        assertThat(api.get("/api/saws/" + tag + "/tension")
                        .body()
                        .path("fittings")
                        .size())
                .isEqualTo(2);
    }

    @Test
    void allThatIsWrongWithACardIsToldAtOnce() {
        String card = Checks.card(" ")
                .replace("\"displacementCc\":50", "\"displacementCc\":-5")
                .replaceFirst("\"inService\":\"[^\"]*", "\"inService\":\"2099-01-05");
        Answer refused = api.post(
                "/api/saws", "{\"id\":\"%s\",\"tag\":\"no good\",\"saw\":%s}".formatted(RunningServer.id(), card));
        assertThat(refused.sentenceAt("tag")).contains("up to 12 letters");
        assertThat(refused.sentenceAt("saw.make")).isEqualTo("Enter the make.");
        assertThat(refused.sentenceAt("saw.displacementCc")).isEqualTo("Give a number from 15 to 200.");
        assertThat(refused.sentenceAt("saw.inService")).isEqualTo("This date is in the future.");
    }

    @Test
    void aTagIsGivenOnce() {
        add();
        Answer again = api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        assertThat(again.sentenceAt("tag")).isEqualTo("Tag " + tag + " is already on another saw.");
    }

    @Test
    void aRetiredSawKeepsItsHistoryAndTakesNoMoreRecords() {
        int version = add().path("version").asInt();
        String retire = act(",\"version\":%d,\"reason\":\"Crankcase cracked\"".formatted(version));
        assertThat(api.post("/api/saws/" + tag + "/retirement", retire).status())
                .isEqualTo(200);
        assertThat(api.get("/api/saws/" + tag).body().path("retiredReason").asString())
                .isEqualTo("Crankcase cracked");
        assertThat(api.get("/api/board").raw().body()).doesNotContain("\"" + tag + "\"");
        Answer refused = api.post(
                "/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("detail").asString()).contains("is retired");
    }
}
