package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A hold by a person, and every way around it that is none. */
@ExtendWith(RunningServer.class)
class HoldHttpTest {

    private final Api api;
    private String tag;

    HoldHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aFitSaw() {
        tag = "H" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        assertThat(state()).isEqualTo("FIT");
    }

    private String state() {
        return api.plate(tag).path("state").asString();
    }

    private Answer hold(String person, String step, String note) {
        return api.by(person)
                .post(
                        "/api/saws/" + tag + "/holds",
                        "{\"id\":\"%s\",\"step\":\"%s\",\"note\":\"%s\"}".formatted(RunningServer.id(), step, note));
    }

    private Answer record(String step, String said, String findings) {
        return api.post("/api/saws/" + tag + "/records", Checks.step(api, step, said, findings, ""));
    }

    private Answer release(String person) {
        return api.by(person).post("/api/saws/" + tag + "/release", Checks.release());
    }

    private JsonNode holds() {
        return api.get("/api/saws/" + tag + "/schedule").body().path("holds");
    }

    @Test
    void anybodyHoldsAndTheReasonIsShown() {
        assertThat(hold(api.operator(), "TANKS", "Smells of fuel").status()).isEqualTo(204);
        assertThat(state()).isEqualTo("HELD");
        JsonNode hold = holds().get(0);
        assertThat(hold.path("note").asString()).isEqualTo("Smells of fuel");
        assertThat(hold.path("origin").asString()).isEqualTo("PERSON");
        assertThat(hold.path("cleared").asBoolean()).isFalse();
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).status())
                .isEqualTo(409);
    }

    @ParameterizedTest
    @CsvSource({
        "TANKS,         '',      note, Write a few words here.",
        "TANKS,         ' ',     note, Write a few words here.",
        "ELECTRIC_LOOK, Sparks,  step, This saw has no such part.",
    })
    void aHoldSaysWhyAndNamesAStepThatTheSawHas(String step, String note, String field, String sentence) {
        Answer refused = hold(api.operator(), step, note);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).isEqualTo(sentence);
        assertThat(state()).isEqualTo("FIT");
    }

    @Test
    void onlyItsOwnPassingRecordAndAnOfficerReleaseIt() {
        hold(api.operator(), "TANKS", "Smells of fuel");
        record("FILL", "FINE", "");
        assertThat(release(api.officer()).body().path("detail").asString()).contains("stays held");
        record("TANKS", "FAIL", "\"HOSE_LEAKS\"");
        assertThat(release(api.officer()).status()).isEqualTo(409);
        assertThat(holds().size()).as("the failure holds too").isEqualTo(2);
        record("TANKS", "FINE", "");
        assertThat(release(api.officer()).body().path("detail").asString())
                .as("a hose that leaks is not whole for being called fine")
                .contains("the repair: new hose");
        record("NEW_HOSE", "FINE", "");
        record("TANKS", "FINE", "");
        assertThat(release(api.operator()).sentenceAt("")).contains("Only an officer may do this");
        assertThat(state()).isEqualTo("HELD");
        assertThat(release(api.officer()).status()).isEqualTo(204);
        assertThat(state()).isEqualTo("FIT");
        assertThat(release(api.officer()).body().path("detail").asString()).contains("not held");
    }

    @Test
    void holdingTwiceNeedsOneProofAndShowsBothReasons() {
        hold(api.operator(), "TANKS", "Smells of fuel");
        hold(api.officer(), "CONTROLS", "Switch is stiff");
        record("TANKS", "FINE", "");
        Answer refused = release(api.officer());
        assertThat(refused.body().path("detail").asString())
                .contains("throttle")
                .doesNotContain("tanks");
        record("CONTROLS", "FINE", "");
        assertThat(release(api.officer()).status()).isEqualTo(204);
        JsonNode log = api.get("/api/log?saw=" + tag + "&kinds=HELD,RELEASED").body();
        assertThat(log.toString()).contains("Smells of fuel", "Switch is stiff", "RELEASED");
    }

    @Test
    void strikingThePassingRecordTakesTheProofAway() {
        hold(api.operator(), "TANKS", "Smells of fuel");
        String passed = RunningServer.id();
        api.post("/api/saws/" + tag + "/records", Checks.stepOf(api, passed, "TANKS", "FINE", "", "{}", ""));
        assertThat(holds().get(0).path("cleared").asBoolean()).isTrue();
        assertThat(api.post(
                                "/api/records/" + passed + "/strike",
                                "{\"id\":\"%s\",\"reason\":\"Wrong saw\"}".formatted(RunningServer.id()))
                        .status())
                .isEqualTo(204);
        assertThat(holds().get(0).path("cleared").asBoolean()).isFalse();
        assertThat(release(api.officer()).status()).isEqualTo(409);
    }
}
