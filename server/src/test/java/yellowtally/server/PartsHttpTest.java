package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Chains, bars and sprockets as individuals: to the shelf, priced, retired once, and what is wrong with a new one told at once. */
@ExtendWith(RunningServer.class)
class PartsHttpTest {

    private final Api api;
    private String tag;

    PartsHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aTag() {
        tag = "YP-" + RunningServer.id().substring(0, 6);
    }

    private Answer shelve(String part) {
        return api.post("/api/parts", "{\"id\":\"%s\",%s}".formatted(RunningServer.id(), part));
    }

    private String chain(String more) {
        return "\"chain\":{\"tag\":\"%s\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68%s}"
                .formatted(tag, more);
    }

    private Answer act(String what, String more) {
        return api.post("/api/parts/" + tag + "/" + what, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
    }

    private JsonNode part() {
        return api.get("/api/parts/" + tag).body();
    }

    @Test
    void aLoopGoesToTheShelfPricedAndIsRetiredOnce() {
        assertThat(shelve(chain("") + ",\"costCents\":2450").status()).isEqualTo(204);
        assertThat(part().path("chain").path("driveLinks").asInt()).isEqualTo(68);
        assertThat(part().toString()).contains("2450");
        assertThat(act("price", ",\"costCents\":2600").status()).isEqualTo(204);
        assertThat(part().toString()).contains("2600");
        assertThat(act("price", ",\"costCents\":-1").sentenceAt("costCents")).isNotBlank();
        assertThat(part().toString()).as("nothing was changed").contains("2600");

        assertThat(act("retire", ",\"reason\":\" \"").sentenceAt("reason")).isEqualTo("Say why.");
        assertThat(act("retire", ",\"reason\":\"A rivet stands proud\"").status())
                .isEqualTo(204);
        Answer again = act("retire", ",\"reason\":\"Once more\"");
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.body().path("detail").asString()).contains(tag);
        assertThat(part().toString()).contains("A rivet stands proud").doesNotContain("Once more");
    }

    /** What is not fitted again is marked wherever its tag stands; a good part is not. */
    @Test
    void whatIsCondemnedOrRetiredIsOutOfUse() {
        shelve(chain(""));
        act("retire", ",\"reason\":\"A rivet stands proud\"");
        String saw = "R" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), saw, 68));
        assertThat(outOfUse("C-" + saw)).isNull();
        api.post("/api/saws/" + saw + "/records", """
                {"id":"%s","step":"CHAIN_LOOK",
                 "input":{"said":"FAIL","findings":["STRAP_CRACKED"],"figures":{}}}""".formatted(RunningServer.id()));
        assertThat(outOfUse("C-" + saw)).isEqualTo("condemned");
        assertThat(outOfUse("B-" + saw)).isNull();
        assertThat(outOfUse(tag)).isEqualTo("retired");
    }

    private @Nullable String outOfUse(String part) {
        return api.get("/api/out-of-use")
                .body()
                .valueStream()
                .filter(one -> one.path("tag").asString().equals(part))
                .map(one -> one.path("condemned").asBoolean() ? "condemned" : "retired")
                .findAny()
                .orElse(null);
    }

    @Test
    void onlyAnOfficerRetiresAndPrices() {
        shelve(chain(""));
        String byOperator = "{\"id\":\"%s\",\"reason\":\"x\"}".formatted(RunningServer.id());
        assertThat(api.by(api.operator())
                        .post("/api/parts/" + tag + "/retire", byOperator)
                        .sentenceAt(""))
                .contains("Only an officer may do this");
        assertThat(part().path("chain").has("retired")).isFalse();
    }

    @Test
    void aPartOnASawIsNotRetiredFromTheShelf() {
        String saw = "R" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), saw, 68));
        tag = "C-" + saw;
        Answer refused = act("retire", ",\"reason\":\"Worn\"");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("detail").asString()).contains(saw);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"chain\":{\"tag\":\"%s\",\"create\":true}                                   | set.chain.pitch",
                "\"chain\":{\"tag\":\"%s\",\"create\":true,\"pitch\":\"P_325\"}                | set.chain.gauge",
                "\"chain\":{\"tag\":\"%s\",\"create\":true,\"driveLinks\":7}                    | set.chain.driveLinks",
                "\"chain\":{\"tag\":\"two words!\",\"create\":true}                           | set.chain.tag",
                "\"bar\":{\"tag\":\"%s\",\"create\":true}                                     | set.bar.length",
                "\"bar\":{\"tag\":\"%s\",\"create\":true,\"length\":\"7 miles\"}                | set.bar.length",
                "\"bar\":{\"tag\":\"%s\",\"create\":true,\"length\":\"18 in\"}                  | set.bar.nose",
                "\"sprocket\":{\"tag\":\"%s\",\"create\":true}                                | set.sprocket.kind",
                "\"sprocket\":{\"tag\":\"%s\",\"create\":true,\"teeth\":99}                     | set.sprocket.teeth",
            })
    void whatIsMissingOrCannotBeIsToldAtItsField(String part, String field) {
        Answer refused = shelve(part.formatted(tag));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).isNotBlank();
        assertThat(api.get("/api/parts/" + tag).status())
                .as("nothing is stored")
                .isEqualTo(404);
    }

    @Test
    void allThatIsWrongIsToldTogether() {
        Answer refused = shelve("\"bar\":{\"tag\":\"%s\",\"create\":true,\"length\":\"1 mm\"}".formatted(tag));
        for (String field : new String[] {"length", "pitch", "gauge", "driveLinks", "nose"}) {
            assertThat(refused.sentenceAt("set.bar." + field)).as(field).isNotBlank();
        }
    }

    @Test
    void aTagIsTakenOnce() {
        shelve(chain(""));
        assertThat(shelve(chain("")).sentenceAt("set.chain.tag")).contains(tag);
    }

    @Test
    void measuredTangAndNewCutterAreKeptInMillimetres() {
        assertThat(shelve(chain(",\"tangDepth\":\"0.22 in\",\"newCutter\":\"9.5\""))
                        .status())
                .isEqualTo(204);
        assertThat(part().path("chain").path("tangDepthMm").asDouble()).isEqualTo(5.588);
        tag = "YP-" + RunningServer.id().substring(0, 6);
        assertThat(shelve(chain(",\"newCutter\":\"90\"")).sentenceAt("set.chain.newCutter"))
                .isNotBlank();
    }

    @Test
    void anUnknownPartIsToldByItsTag() {
        Answer unknown = api.get("/api/parts/YC-nosuch");
        assertThat(unknown.status()).isEqualTo(404);
        assertThat(unknown.body().path("detail").asString()).contains("YC-nosuch");
    }
}
