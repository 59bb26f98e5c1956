package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** The log finds what was done, by whom and when, page after page, and loses nothing between two pages. */
@ExtendWith(RunningServer.class)
class LogHttpTest {

    private final Api api;
    private String tag;

    LogHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aSaw() {
        tag = "L" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
    }

    private Answer log(String query) {
        return api.get("/api/log?" + query);
    }

    private static List<String> ids(JsonNode page) {
        List<String> ids = new ArrayList<>();
        page.path("entries")
                .forEach(entry ->
                        ids.add(entry.path("kind").asString() + entry.path("id").asString()));
        return ids;
    }

    @Test
    void pageAfterPageTheWholeLogComesOnceAndLatestFirst() {
        List<String> seen = new ArrayList<>();
        Instant last = Instant.MAX;
        String query = "";
        int pages = 0;
        while (query != null) {
            JsonNode page = log(query).body();
            for (JsonNode entry : page.path("entries")) {
                Instant at = Instant.parse(entry.path("at").asString());
                assertThat(at).isBeforeOrEqualTo(last);
                last = at;
            }
            seen.addAll(ids(page));
            query = page.has("next") ? "before=" + page.path("next").asString() : null;
            pages++;
        }
        assertThat(pages).as("eight weeks of sixteen saws").isGreaterThan(3);
        assertThat(new HashSet<>(seen)).hasSameSizeAs(seen);
        // Each kind asked for alone gives as many as stand in the whole.
        for (String kind : List.of("OUT", "BACK")) {
            long inWhole = seen.stream().filter(id -> id.startsWith(kind)).count();
            Set<String> alone = new HashSet<>();
            String next = "kinds=" + kind;
            while (next != null) {
                JsonNode page = log(next).body();
                alone.addAll(ids(page));
                next = page.has("next")
                        ? "kinds=" + kind + "&before=" + page.path("next").asString()
                        : null;
            }
            assertThat(alone).as(kind).hasSizeGreaterThanOrEqualTo((int) inWhole);
        }
    }

    @Test
    void aSpanOfTimeLeavesOutWhatCameBeforeAndAfter() {
        api.post("/api/saws/" + tag + "/records", Checks.step(api, "AIR_FILTER", "FINE", "", ""));
        Instant now = Instant.now().plusSeconds(60);
        String own = "saw=" + tag + "&kinds=STEP";
        assertThat(log(own + "&from=" + now.minusSeconds(600))
                        .body()
                        .path("entries")
                        .size())
                .isEqualTo(1);
        assertThat(log(own + "&from=" + now).body().path("entries").size()).isZero();
        assertThat(log(own + "&before=" + now.minusSeconds(600))
                        .body()
                        .path("entries")
                        .size())
                .isZero();
    }

    @Test
    void personAndKindNarrowIt() {
        api.post("/api/saws/" + tag + "/records", Checks.step(api, "AIR_FILTER", "FINE", "", ""));
        api.by(api.operator())
                .post(
                        "/api/saws/" + tag + "/holds",
                        "{\"id\":\"%s\",\"step\":\"TANKS\",\"note\":\"Smells\"}".formatted(RunningServer.id()));
        JsonNode byOperator =
                log("saw=" + tag + "&person=" + api.operator()).body().path("entries");
        assertThat(byOperator.size()).isEqualTo(1);
        assertThat(byOperator.get(0).path("kind").asString()).isEqualTo("HELD");
        assertThat(byOperator.get(0).path("note").asString()).isEqualTo("Smells");
        JsonNode fitted = log("saw=" + tag + "&kinds=FITTED").body().path("entries");
        assertThat(fitted.get(0).path("set").path("chain").asString()).isEqualTo("C-" + tag);
    }

    @Test
    void aStruckRecordStaysReadableWithItsReason() {
        String id = RunningServer.id();
        api.post("/api/saws/" + tag + "/records", Checks.stepOf(api, id, "AIR_FILTER", "FINE", "", "{}", ""));
        api.post(
                "/api/records/" + id + "/strike",
                "{\"id\":\"%s\",\"reason\":\"Wrong saw\"}".formatted(RunningServer.id()));
        JsonNode entry =
                log("saw=" + tag + "&kinds=STEP").body().path("entries").get(0);
        assertThat(entry.path("step").path("step").asString()).isEqualTo("AIR_FILTER");
        assertThat(entry.path("struck").path("reason").asString()).isEqualTo("Wrong saw");
        assertThat(entry.path("struck").path("by").asString()).isEqualTo("Ida Marsh");
        assertThat(Instant.parse(entry.path("struck").path("at").asString()))
                .isAfterOrEqualTo(Instant.parse(entry.path("at").asString()));
    }

    @Test
    void whatASawBurnsIsNamedByItsPower() {
        for (JsonNode entry : log("saw=14&kinds=BACK").body().path("entries")) {
            assertThat(entry.path("back").path("power").asString()).isEqualTo("BATTERY");
        }
        assertThat(log("saw=04&kinds=BACK")
                        .body()
                        .path("entries")
                        .get(0)
                        .path("back")
                        .path("power")
                        .asString())
                .isEqualTo("PETROL");
    }

    @Test
    void anUnknownSawOrKindIsRefused() {
        assertThat(log("saw=nosuch").status()).isEqualTo(404);
        assertThat(log("kinds=GOSSIP").status()).isBetween(400, 422);
        assertThat(log("from=yesterday").status()).isBetween(400, 422);
    }
}
