package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceAccessMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** What is known of a loop and its set over many visits: growth, slack returns, heat. */
@ExtendWith(RunningServer.class)
@ResourceLock(value = RunningServer.FLEET_SETTINGS, mode = ResourceAccessMode.READ)
class TensionAccountHttpTest {

    private final Api api;
    private String tag;

    TensionAccountHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void freshSaw() {
        tag = Checks.fitSaw(api, "G");
    }

    private Answer read(String extra, String... readings) {
        return api.post(
                "/api/saws/" + tag + "/tension-checks",
                Checks.checkOf(api, RunningServer.id(), "ROUTINE", extra, readings));
    }

    private void cleansTheGroove() {
        api.post("/api/saws/" + tag + "/records", Checks.step(api, "GROOVE", "FINE", "", ""));
    }

    private void setBack(String extra) {
        read(extra, Checks.reading("8.5"), Checks.reading("6", Checks.FAIR, 2));
        for (String step : new String[] {"REFIT", "NUTS", "BRAKE_RUNNING"}) {
            api.post("/api/saws/" + tag + "/records", Checks.step(api, step, "FINE", "", ""));
        }
    }

    /** Out and back on the spot, a tank burned; a reading made now comes after. */
    private void goesOut(boolean slack) {
        String out = Checks.issue(api, tag).replaceFirst("\"at\":\"[^\"]*\",\"reason\":\"[^\"]*\",", "");
        assertThat(api.post("/api/outings/issue", out).status()).isEqualTo(204);
        String said = slack ? ",\"chainSlack\":true" : "";
        assertThat(api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1, said)))
                        .status())
                .isEqualTo(204);
    }

    private JsonNode growth() {
        return api.get("/api/saws/" + tag + "/tension").body().path("growth").path("now");
    }

    private JsonNode waits(String what) {
        for (JsonNode work : api.get("/api/saws/" + tag + "/tension").body().path("work")) {
            if (work.path("what").asString().equals(what)) {
                return work;
            }
        }
        return api.get("/api/saws/" + tag + "/tension").body().path("nothing");
    }

    private static List<String> steps(JsonNode work) {
        List<String> steps = new ArrayList<>();
        work.path("needs").forEach(need -> steps.add(need.path("step").asString()));
        return steps;
    }

    /** Two turns in at every refit are no growth, and the first cuts are waited for. */
    @Test
    void servicesDoNotMakeAnUnwornLoopOld() {
        for (int service = 0; service < 4; service++) {
            cleansTheGroove();
            setBack("");
            assertThat(api.get("/api/saws/" + tag + "/tension")
                            .body()
                            .path("occasion")
                            .asString())
                    .isEqualTo("FIRST_CUTS");
        }
        assertThat(growth().path("mm").asDouble()).isZero();
        assertThat(growth().path("advice").asString()).isEqualTo("FINE");
        assertThat(waits("TAKES_UP_FAST").isMissingNode()).isTrue();
    }

    /** A set that was opened before a reading, and nobody had written it down: what was turned then is no growth any more. */
    @Test
    void anOpeningToldLaterTakesBackWhatPassedForGrowth() {
        Instant opened = Instant.now();
        read("", Checks.reading("8.5"), Checks.reading("6", Checks.FAIR, 2));
        assertThat(growth().path("mm").asDouble()).isCloseTo(3.2, within(1e-6));
        String groove = RunningServer.id();
        String done = ",\"at\":\"" + opened + "\"";
        assertThat(api.post(
                                "/api/saws/" + tag + "/records",
                                Checks.stepOf(api, groove, "GROOVE", "FINE", "", "{}", done))
                        .status())
                .isLessThan(300);
        assertThat(growth().path("mm").asDouble()).isZero();
        // A reading of before it, told later still, was not made on an open set.
        read(",\"at\":\"" + opened.minusNanos(1000) + "\"", Checks.reading("6", Checks.FAIR, 1));
        assertThat(growth().path("mm").asDouble()).isCloseTo(1.6, within(1e-6));
        api.post(
                "/api/records/" + groove + "/strike",
                "{\"id\":\"%s\",\"reason\":\"That was saw 06\"}".formatted(RunningServer.id()));
        assertThat(growth().path("mm").asDouble()).isCloseTo(4.8, within(1e-6));
    }

    /** The adjuster's place, or ten links, keeps the account across the services; the larger figure leads on every page. */
    @Test
    void theAccountIsKeptAcrossServices() {
        cleansTheGroove();
        setBack(",\"adjusterPlace\":\"4\",\"tenLinks\":\"165 mm\"");
        cleansTheGroove();
        setBack(",\"adjusterPlace\":\"5,5\"");
        assertThat(growth().path("mm").asDouble()).isCloseTo(2.4, within(1e-6));
        assertThat(growth().path("leads").asString()).isEqualTo("TURNS");
        assertThat(growth().path("travelLeftMm").asDouble()).isCloseTo(20 - 4.4, within(1e-6));
        cleansTheGroove();
        setBack(",\"tenLinks\":\"166.65\"");
        assertThat(growth().path("leads").asString()).isEqualTo("TEN_LINKS");
        assertThat(growth().path("mm").asDouble()).isCloseTo(11.23, within(0.01));
        // Play past the limit: retired on the page of the saw, and nothing left on the page of its wear.
        read(",\"jointPlay\":\"0.2 mm\"", Checks.reading("6"));
        assertThat(growth().path("mm").asDouble()).isCloseTo(27.2, within(1e-6));
        assertThat(growth().path("advice").asString()).isEqualTo("RETIRE");
        JsonNode wear = api.get("/api/parts/C-" + tag).body();
        assertThat(wear.toString()).contains("\"kind\":\"GROWTH\"");
        for (JsonNode kind : wear.path("wear")) {
            if (kind.path("kind").asString().equals("GROWTH")) {
                assertThat(kind.path("tanksLikely").asDouble(-1)).isZero();
                assertThat(kind.path("points")
                                .get(kind.path("points").size() - 1)
                                .path("mm")
                                .asDouble())
                        .isCloseTo(27.2, within(1e-6));
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "tenLinks      | 120 mm | Give a length from 156.845 mm to 176.657 mm.",
                "tenLinks      | long   | This is not a length. Write it as 6, 6.5 mm, 1/4 in or 13/64\".",
                "adjusterPlace | -1     | Give a number from 0 to 60.",
                "adjusterPlace | out    | Give the turns out from the stop, such as 3.5.",
            })
    void whatCannotBeIsRefusedAtItsField(String field, String typed, String sentence) {
        Answer refused = read(",\"%s\":\"%s\"".formatted(field, typed), Checks.reading("6"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).isEqualTo(sentence);
    }

    /** Slack again within a tank, the second time in a row: the causes in their order, and each look crosses one out. */
    @Test
    void slackTheSecondTimeNamesTheCauses() {
        goesOut(true);
        read("", Checks.reading("6"));
        assertThat(waits("SLACK_AGAIN").isMissingNode()).isTrue();
        goesOut(false);
        read("", Checks.reading("9"), Checks.reading("6", Checks.FAIR, 0.25));
        assertThat(waits("SLACK_AGAIN").path("outings").asInt()).isEqualTo(2);
        assertThat(steps(waits("SLACK_AGAIN"))).containsExactly("NUTS", "SPROCKET", "OIL_CARD");
        api.post("/api/saws/" + tag + "/records", Checks.step(api, "NUTS", "FINE", "", ""));
        assertThat(steps(waits("SLACK_AGAIN"))).containsExactly("SPROCKET", "OIL_CARD");
    }

    /** Found too tight after an outing: heat went into nose, sprocket and bearing, and each wants a look. */
    @Test
    void tooTightOpensALook() {
        goesOut(false);
        read("", Checks.reading("1"), Checks.reading("6", Checks.FAIR, -0.25));
        assertThat(steps(waits("RAN_TOO_TIGHT"))).containsExactly("NOSE", "SPROCKET", "BEARING");
        assertThat(waits("RAN_TOO_TIGHT").path("state").asString()).isEqualTo("DUE");
    }
}
