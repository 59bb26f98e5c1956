package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceAccessMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** The edge of one loop, at the bench and in the vice: one removal, gauges on both sides, damage, uneven strokes. */
@ExtendWith(RunningServer.class)
@ResourceLock(value = RunningServer.FLEET_SETTINGS, mode = ResourceAccessMode.READ)
class EdgeHttpTest {

    private static final String SAMPLE =
            "\"LEFT_SHORTEST\":\"7.3\",\"LEFT_LONGEST\":\"7.6\",\"RIGHT_SHORTEST\":\"7.0\",\"RIGHT_LONGEST\":\"7.0\"";

    private final Api api;
    private String tag;

    EdgeHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void freshSaw() {
        tag = Checks.fitSaw(api, "E");
    }

    private Answer record(String step, String figures) {
        return api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, RunningServer.id(), step, "FINE", "", "{" + figures + "}", ""));
    }

    private JsonNode preview(String step, String findings, String figures) {
        return api.post(
                        "/api/saws/" + tag + "/records/preview",
                        "{\"step\":\"%s\",\"noted\":false,\"input\":{\"said\":\"FINE\",\"findings\":[%s],\"figures\":{%s}}}"
                                .formatted(step, findings, figures))
                .body();
    }

    private static String strokes(int left, int right) {
        return "\"STROKES_LEFT\":\"%d\",\"STROKES_RIGHT\":\"%d\"".formatted(left, right);
    }

    private int mostStrokes() {
        int most = 0;
        for (JsonNode cutter : preview("SHARPEN", "", strokes(3, 3) + "," + SAMPLE)
                .path("verdict")
                .path("plan")
                .path("cutters")) {
            most = Math.max(most, cutter.path("strokes").asInt());
        }
        return most;
    }

    /** What a stroke takes by the page of the vice. */
    private JsonNode rate() {
        return api.get("/api/saws/" + tag + "/sharpening").body().path("rate");
    }

    private int strokesFor(double mm) {
        return (int) Math.ceil(mm / rate().path("mm").asDouble() - 1e-6);
    }

    private boolean waits(String what) {
        for (JsonNode work : api.get("/api/saws/" + tag + "/tension").body().path("work")) {
            if (work.path("what").asString().equals(what)) {
                return true;
            }
        }
        return false;
    }

    /** Two filings of 0.12 mm a stroke: the bench asks for half the strokes then, and the vice says the same figure. */
    @Test
    void whatAStrokeTakesIsLearnedOnceForBenchAndVice() {
        assertThat(rate().path("source").asString()).isNotEqualTo("CHAIN");
        assertThat(mostStrokes()).as("of its pitch, the same for both").isEqualTo(2 + strokesFor(0.6));
        record(
                "SHARPEN",
                strokes(5, 5)
                        + ",\"LEFT_SHORTEST\":\"9.2\",\"LEFT_LONGEST\":\"9.2\",\"RIGHT_SHORTEST\":\"9.2\",\"RIGHT_LONGEST\":\"9.2\",\"FILED_SHORTEST\":\"8.6\"");
        assertThat(rate().path("source").asString())
                .as("one filing is none to learn from")
                .isNotEqualTo("CHAIN");
        record(
                "SHARPEN",
                strokes(5, 5)
                        + ",\"LEFT_SHORTEST\":\"8.6\",\"LEFT_LONGEST\":\"8.6\",\"RIGHT_SHORTEST\":\"8.6\",\"RIGHT_LONGEST\":\"8.6\",\"FILED_SHORTEST\":\"8.0\"");
        assertThat(mostStrokes()).isEqualTo(7);
        assertThat(rate().path("mm").asDouble()).isCloseTo(0.12, within(1e-9));
        assertThat(rate().path("source").asString()).isEqualTo("CHAIN");
    }

    /** 2 mm of damage are 34 strokes of 0.06 mm, or what was learned of its pitch, at the bench and in the vice; a figure that cannot be is refused. */
    @Test
    void damageAsksForItsStrokesWhereverItIsTold() {
        JsonNode bench = preview("SHARPEN", "\"FOUND_STRUCK\"", strokes(34, 34) + ",\"DAMAGE_DEPTH\":\"2\"")
                .path("verdict")
                .path("fileBack");
        assertThat(bench.path("strokes").asInt()).isEqualTo(strokesFor(2));
        assertThat(bench.path("percentOfLife").asDouble()).isGreaterThan(30);
        String id = RunningServer.id();
        api.post("/api/saws/" + tag + "/sharpening", "{\"id\":\"%s\"}".formatted(id));
        assertThat(deal(id, "2 mm").status()).isLessThan(300);
        JsonNode open = api.get("/api/saws/" + tag + "/sharpening").body().path("open");
        assertThat(open.path("baseStrokes").asInt()).isEqualTo(strokesFor(2));
        assertThat(open.path("fileBack").path("strokes").asInt()).isEqualTo(strokesFor(2));
        assertThat(deal(id, "9 mm").sentenceAt("damage")).isEqualTo("Give a length from 0 mm to 6 mm.");
        assertThat(api.get("/api/saws/" + tag + "/sharpening")
                        .body()
                        .path("open")
                        .path("damageMm")
                        .asDouble())
                .as("nothing is lost")
                .isEqualTo(2);
    }

    private Answer deal(String id, String damage) {
        return api.post(
                "/api/sharpenings/" + id + "/deal",
                "{\"id\":\"%s\",\"dull\":false,\"leaveOut\":[],\"damage\":\"%s\"}"
                        .formatted(RunningServer.id(), damage));
    }

    /** One gauge too low holds whatever the others are; the cure is on the bench at once, and the gauges are read anew after it. */
    @Test
    void gaugesAreReadOnBothSidesAndCuredByFilingBack() {
        String sides =
                "\"GAUGE_LEFT_LEAST\":\"0.6\",\"GAUGE_LEFT_MOST\":\"0.7\",\"GAUGE_RIGHT_LEAST\":\"0.62\",\"GAUGE_RIGHT_MOST\":\"%s\"";
        JsonNode verdict = preview("DEPTH_GAUGES", "", sides.formatted("0.85")).path("verdict");
        assertThat(verdict.path("outcome").asString()).isEqualTo("FAIL");
        assertThat(verdict.path("opens").toString()).contains("SHARPEN");
        assertThat(verdict.path("fileBack").path("strokes").asInt()).isPositive();
        assertThat(record("DEPTH_GAUGES", "\"GAUGE_LEFT_LEAST\":\"0.6\"").sentenceAt("figures.GAUGE_LEFT_MOST"))
                .isNotBlank();
        record("DEPTH_GAUGES", sides.formatted("0.85"));
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
        record("SHARPEN", strokes(21, 21));
        record("DEPTH_GAUGES", sides.formatted("0.7"));
        assertThat(api.plate(tag).path("headline").path("what").asString()).isEqualTo("RELEASE_WAITS");
    }

    /** Six strokes more on the left are said before the saw cuts a curve; measured even, it is forgotten. */
    @Test
    void unevenStrokesAreSummedUntilBothSidesAreMeasured() {
        record("SHARPEN", strokes(6, 3));
        assertThat(waits("MEASURE_BOTH_SIDES")).isFalse();
        record("SHARPEN", strokes(6, 3));
        record("SHARPEN", strokes(3, 3));
        assertThat(waits("MEASURE_BOTH_SIDES")).isTrue();
        record(
                "SHARPEN",
                strokes(3, 3)
                        + ",\"LEFT_SHORTEST\":\"8\",\"LEFT_LONGEST\":\"8.1\",\"RIGHT_SHORTEST\":\"8\",\"RIGHT_LONGEST\":\"8.1\"");
        assertThat(waits("MEASURE_BOTH_SIDES")).isFalse();
    }

    /** The maker's mark and file of a loop go before those of its pitch. */
    @Test
    void markAndFileBelongToTheLoop() {
        String other = "F" + RunningServer.id().substring(0, 6);
        String marked = Checks.newSaw(api, RunningServer.id(), other, 68)
                .replace(
                        "\"driveLinks\":68},\n",
                        "\"driveLinks\":68,\"newCutter\":\"9.5\",\"wearMark\":\"5\",\"file\":\"4.6\"},\n");
        assertThat(marked).contains("wearMark");
        assertThat(api.post("/api/saws", marked.replace("\"wearMark\":\"5\"", "\"wearMark\":\"9.6\""))
                        .sentenceAt("set.chain.wearMark"))
                .isEqualTo("The wear mark must be shorter than a new cutter.");
        assertThat(api.post("/api/saws", marked).status()).isEqualTo(200);
        JsonNode page = api.get("/api/saws/" + other + "/sharpening").body();
        assertThat(page.path("known").path("markMm").asDouble()).isEqualTo(5);
        assertThat(page.path("file").path("fileMm").asDouble()).isEqualTo(4.6);
    }

    private Answer figures(String part, String person, String figures) {
        return api.by(person)
                .post(
                        "/api/parts/" + part + "/figures",
                        "{\"id\":\"%s\",\"reason\":\"Misread on the packet\"%s}"
                                .formatted(RunningServer.id(), figures));
    }

    /** A mark that was misread is told anew by the officer, with a reason, and the part's page keeps what stood there. */
    @Test
    void whatTheMakerSaysCanBeToldAnew() {
        String loop = "C-" + tag;
        assertThat(figures(loop, api.operator(), ",\"wearMark\":\"3.6\"").status())
                .isEqualTo(403);
        assertThat(figures(loop, api.officer(), "").body().path("detail").asString())
                .startsWith("Those are its figures already.");
        assertThat(figures("B-" + tag, api.officer(), ",\"wearMark\":\"3.6\"").status())
                .isEqualTo(409);
        assertThat(figures(loop, api.officer(), ",\"wearMark\":\"9\",\"newCutter\":\"8.5\"")
                        .sentenceAt("wearMark"))
                .isEqualTo("The wear mark must be shorter than a new cutter.");
        assertThat(figures(loop, api.officer(), ",\"wearMark\":\"0.142 in\",\"file\":\"4.6\"")
                        .status())
                .isEqualTo(204);
        assertThat(figures(loop, api.officer(), ",\"wearMark\":\"3.5\",\"file\":\"4.6\"")
                        .status())
                .isEqualTo(204);
        JsonNode page = api.get("/api/saws/" + tag + "/sharpening").body();
        assertThat(page.path("known").path("markMm").asDouble()).isEqualTo(3.5);
        assertThat(page.path("file").path("fileMm").asDouble()).isEqualTo(4.6);
        JsonNode told = api.get("/api/parts/" + loop).body().path("figures");
        assertThat(told.size()).isEqualTo(2);
        assertThat(told.get(0).path("before").has("wearMarkMm")).isFalse();
        assertThat(told.get(1).path("before").path("wearMarkMm").asDouble()).isEqualTo(3.607);
        assertThat(told.get(1).path("after").path("wearMarkMm").asDouble()).isEqualTo(3.5);
        assertThat(told.get(1).path("reason").asString()).isEqualTo("Misread on the packet");
    }

    /** What a mark held stays held when the mark is set lower. */
    @Test
    void aLowerMarkLiftsNoHold() {
        assertThat(figures("C-" + tag, api.officer(), ",\"wearMark\":\"7.2\"").status())
                .isEqualTo(204);
        record("SHARPEN", strokes(2, 2) + "," + SAMPLE);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
        assertThat(figures("C-" + tag, api.officer(), ",\"wearMark\":\"4\"").status())
                .isEqualTo(204);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
    }

    /** The short one that was left out is no measure of the loop. */
    @Test
    void aShortCutterThatWasLeftOutIsNotTheLengthOfTheLoop() {
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(
                        api,
                        RunningServer.id(),
                        "SHARPEN",
                        "FINE",
                        "\"SHORT_ONE_LEFT_OUT\"",
                        "{" + strokes(2, 2)
                                + ",\"LEFT_SHORTEST\":\"6.1\",\"LEFT_LONGEST\":\"7.3\",\"RIGHT_SHORTEST\":\"7.2\",\"RIGHT_LONGEST\":\"7.4\"}",
                        ""));
        assertThat(api.get("/api/saws/" + tag + "/sharpening")
                        .body()
                        .path("known")
                        .path("latestMm")
                        .asDouble())
                .isEqualTo(7.2);
    }
}
