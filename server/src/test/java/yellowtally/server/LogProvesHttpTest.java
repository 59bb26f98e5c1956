package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Api;

/** A line of the log says what a paper book says: reading, method, part and person; and who struck what out. */
@ExtendWith(RunningServer.class)
class LogProvesHttpTest {

    private final Api api;
    private String tag;

    LogProvesHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aSawOfItsOwn() {
        tag = Checks.fitSaw(api, "L");
    }

    private List<JsonNode> log(String filter) {
        List<JsonNode> entries = new ArrayList<>();
        api.get("/api/log?" + filter).body().path("entries").forEach(entries::add);
        return entries;
    }

    private JsonNode step(String filter, String step) {
        return log(filter).stream()
                .map(entry -> entry.path("step"))
                .filter(line -> line.path("step").asString().equals(step))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aTensionCheckTellsItsLastReadingAndItsLoop() {
        api.post(
                "/api/saws/" + tag + "/tension-checks",
                Checks.check(
                        api,
                        RunningServer.id(),
                        Checks.reading("11"),
                        Checks.reading("6.1").replace("\"turnsBefore\":0.0", "\"turnsBefore\":0.25")));
        JsonNode line = step("saw=" + tag, "TENSION");
        assertThat(line.path("tension").asString()).isEqualTo("RIGHT");
        assertThat(line.path("reading").path("method").asString()).isEqualTo("TANG_LINE");
        assertThat(line.path("reading").path("figure").asDouble()).isEqualTo(6.1);
        assertThat(line.path("part").asString()).isEqualTo("C-" + tag);
    }

    @Test
    void aStepNamesThePartThatItIsAbout() {
        assertThat(step("saw=" + tag, "GROOVE").path("part").asString()).isEqualTo("B-" + tag);
        assertThat(step("saw=" + tag, "SPROCKET").path("part").asString()).isEqualTo("S-" + tag);
        assertThat(step("saw=" + tag, "PLUG").has("part")).isFalse();
    }

    @Test
    void theLogOfAPartIsWhatWasDoneWhileItWasOnAndItsFitting() {
        List<JsonNode> entries = log("part=B-" + tag);
        assertThat(entries).isNotEmpty();
        assertThat(entries).allSatisfy(entry -> {
            assertThat(entry.path("tag").asString()).isEqualTo(tag);
            assertThat(entry.path("kind").asString()).isIn("STEP", "FITTED");
        });
        assertThat(entries.get(entries.size() - 1).path("kind").asString()).isEqualTo("FITTED");
        assertThat(api.get("/api/log?part=B-none").status()).isEqualTo(404);
    }

    @Test
    void whatWasStruckOutIsFoundByWhoStruckIt() {
        assertThat(log("struck=true&saw=" + tag)).isEmpty();
        String id = RunningServer.id();
        api.post("/api/saws/" + tag + "/records", Checks.stepOf(api, id, "AIR_FILTER", "FINE", "", "{}", ""));
        api.post(
                "/api/records/" + id + "/strike",
                "{\"id\":\"%s\",\"reason\":\"It was another saw\"}".formatted(RunningServer.id()));
        List<JsonNode> struck = log("struck=true&saw=" + tag + "&person=" + api.officer());
        assertThat(struck).hasSize(1);
        assertThat(struck.get(0).path("struck").path("reason").asString()).isEqualTo("It was another saw");
        assertThat(log("struck=true&saw=" + tag + "&person=" + api.operator())).isEmpty();
    }
}
