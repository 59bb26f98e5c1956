package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A loop in the vice over HTTP: lengths, plan, strokes, record; and a caliper of any make. */
@ExtendWith(RunningServer.class)
class SharpeningHttpTest {

    private final Api api;
    private String tag;
    private String vice;

    SharpeningHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aLoopInTheVice() {
        tag = "E" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        vice = RunningServer.id();
        assertThat(begin(vice).status()).isEqualTo(204);
    }

    private Answer begin(String id) {
        return api.post("/api/saws/" + tag + "/sharpening", "{\"id\":\"%s\"}".formatted(id));
    }

    private Answer write(String what, String more) {
        return api.post(
                "/api/sharpenings/" + vice + "/" + what, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
    }

    private Answer length(int place, String typed, boolean after) {
        return write("cutters", ",\"place\":%d,\"after\":%b,\"length\":\"%s\"".formatted(place, after, typed));
    }

    private Answer finish(boolean allFiled) {
        return write("finish", ",\"allFiled\":" + allFiled);
    }

    private JsonNode page() {
        return api.get("/api/saws/" + tag + "/sharpening").body();
    }

    /** Left 7.6, right 7.0: far apart. */
    private void mapUneven() {
        for (int place = 0; place < 34; place++) {
            assertThat(length(place, place % 2 == 0 ? "7.60" : "7.00", false).status())
                    .isEqualTo(204);
        }
    }

    @Test
    void aMapGivesStrokesAndTheCurve() {
        mapUneven();
        JsonNode plan = page().path("open").path("plan");
        assertThat(plan.path("advice").asString()).isEqualTo("EQUALISE");
        assertThat(plan.path("balance").path("leadsTo").asString()).isEqualTo("LEFT");
        assertThat(plan.path("cutters").size()).isEqualTo(34);
        assertThat(plan.path("cutters").path(1).path("strokes").asInt()).isEqualTo(2);
        assertThat(plan.path("cutters").path(0).path("strokes").asInt()).isGreaterThan(2);
    }

    @Test
    void fourLengthsAreEnoughAndTwoAreNot() {
        length(0, "7.3", false);
        length(2, "7.2", false);
        assertThat(page().path("open").has("plan")).isFalse();
        assertThat(finish(true).body().path("detail").asString())
                .isEqualTo("A plan needs at least two lengths on each side, out of the 34 cutters of this loop:"
                        + " the shortest and the longest.");
        length(1, "7.3", false);
        length(3, "0.29 in", false);
        assertThat(page().path("open").path("plan").path("advice").asString()).isEqualTo("TOUCH_UP");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3  | 14.2 mm | Cutter 4 would be longer than new; it can have 12.5 mm at most. Measure again.",
                "3  | 0.1     | No cutter has this length. Measure cutter 4 again.",
                "34 | 7.2     | This loop has no cutter 35.",
            })
    void whatIsNoCutterIsRefusedAndNothingIsLost(int place, String typed, String sentence) {
        length(0, "7.3", false);
        Answer refused = length(place, typed, false);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("detail").asString()).isEqualTo(sentence);
        assertThat(page().path("open").path("places").path(0).path("beforeMm").asDouble())
                .isEqualTo(7.3);
    }

    @Test
    void filedAndMeasuredAgainItIsRecordedAndTheFileIsLearned() {
        for (int round = 0; round < 2; round++) {
            double top = 7.6 - round;
            for (int place = 0; place < 6; place++) {
                length(place, (place % 2 == 0 ? top : top - 0.4) + " mm", false);
            }
            assertThat(finish(false).body().path("detail").asString()).contains("6 cutters have not got their strokes");
            JsonNode plan = page().path("open").path("plan");
            for (JsonNode cutter : plan.path("cutters")) {
                int place = cutter.path("place").asInt();
                int strokes = cutter.path("strokes").asInt();
                write("filed", ",\"place\":%d,\"strokes\":%d".formatted(place, strokes));
                length(place, (cutter.path("mm").asDouble() - strokes * 0.05) + " mm", true);
            }
            assertThat(page().path("open").path("after").path("verdict").asString())
                    .isEqualTo("EVEN");
            assertThat(finish(false).status()).isEqualTo(204);
            vice = RunningServer.id();
            begin(vice);
        }
        JsonNode page = page();
        assertThat(page.path("past").size()).isEqualTo(2);
        assertThat(page.path("rate").path("source").asString()).isEqualTo("CHAIN");
        assertThat(page.path("rate").path("mm").asDouble()).isCloseTo(0.05, within(0.001));
        JsonNode log = api.get("/api/log?saw=" + tag).body();
        assertThat(log.toString()).contains("SHARPEN").contains("EQUALISE");
    }

    /** 1.5 mm of damage on a loop of 7.6 mm, one cutter at 5: it is scrap with that one, and good for years without it. */
    @ParameterizedTest
    @CsvSource({"'', true", "4, false"})
    void whatIsLeftOutDoesNotScrapAStruckLoop(String leaveOut, boolean scrap) {
        for (int place = 0; place < 6; place++) {
            length(place, place == 4 ? "5 mm" : "7.6 mm", false);
        }
        assertThat(write("deal", ",\"dull\":false,\"leaveOut\":[%s],\"damage\":\"1.5 mm\"".formatted(leaveOut))
                        .status())
                .isEqualTo(204);
        assertThat(page().path("open").path("fileBack").path("scrap").asBoolean())
                .isEqualTo(scrap);
    }

    @Test
    void aCrackedCutterHoldsTheSawAtOnce() {
        write("cutters", ",\"place\":5,\"after\":false,\"damage\":\"CRACKED\"");
        assertThat(finish(false).status()).isEqualTo(204);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
        assertThat(page().has("open")).isFalse();
    }

    @Test
    void oneLoopLiesInOneViceAndIsLeftWithAReason() {
        assertThat(begin(RunningServer.id()).body().path("detail").asString())
                .isEqualTo("Loop C-" + tag + " is in the vice already.");
        assertThat(write("leave", ",\"reason\":\" \"").sentenceAt("reason")).isEqualTo("Say why.");
        assertThat(write("leave", ",\"reason\":\"Wrong loop\"").status()).isEqualTo(204);
        assertThat(length(0, "7", false).body().path("detail").asString())
                .isEqualTo("This loop is out of the vice already.");
    }

    @Test
    void aFileAddsNothing() {
        length(0, "7.3", false);
        assertThat(length(0, "7.6", true).body().path("detail").asString())
                .isEqualTo("Cutter 1 had 7.3 mm before filing, and a file adds nothing. Measure again.");
    }

    @Test
    void aCaliperOfAnyMakePostsTheDocumentedMessage() {
        assertThat(api.post(
                                "/api/caliper/readings",
                                "{\"device\":\"Drawer caliper\",\"seq\":1,\"value\":7.42,\"unit\":\"mm\"}")
                        .status())
                .isEqualTo(204);
        assertThat(api.post(
                                "/api/caliper/readings",
                                "{\"device\":\"Drawer caliper\",\"seq\":2,\"value\":7.42,\"unit\":\"furlong\"}")
                        .sentenceAt("unit"))
                .isEqualTo("A caliper sends mm or in.");
    }
}
