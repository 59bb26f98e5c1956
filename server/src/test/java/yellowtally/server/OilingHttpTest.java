package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceAccessMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** The oil of one saw: still full after a tank, limits by its power, the grade of the day, a leak that the bench found. */
@ExtendWith(RunningServer.class)
@ResourceLock(value = RunningServer.FLEET_SETTINGS, mode = ResourceAccessMode.READ)
class OilingHttpTest {

    private final Api api;

    OilingHttpTest(Api api) {
        this.api = api;
    }

    private void burns(String tag, double tanks, double oil) {
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).status())
                .isEqualTo(204);
        assertThat(api.post(
                                "/api/outings/return",
                                Checks.back(api, Checks.backSaw(tag, tanks, ",\"sure\":true,\"oilShare\":" + oil)))
                        .status())
                .isEqualTo(204);
    }

    private JsonNode oiling(String tag) {
        return api.get("/api/saws/" + tag + "/oiling").body();
    }

    /** One tank burned, the oil still full: held at once, and by a record of its own. */
    @Test
    void oilStillFullAfterOneTankHoldsAtOnce() {
        String tag = Checks.fitSaw(api, "O");
        burns(tag, 1, 0);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
        assertThat(api.get("/api/saws/" + tag + "/tension").body().path("work").toString())
                .contains("OIL_STILL_FULL");
        assertThat(oiling(tag).path("ratio").path("stillFull").asBoolean()).isTrue();
        Answer refused = api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("detail").asString())
                .contains("is held and must not go out", "oil is still full");
    }

    /** A battery saw that oils well uses a quarter of a tank a charge: no saw is held for being none that burns fuel. */
    @Test
    void aBatterySawHasLimitsOfItsOwn() {
        String tag = battery("Plover");
        burns(tag, 4, 1.08);
        JsonNode page = oiling(tag);
        assertThat(page.path("ratio").path("verdict").asString()).isEqualTo("RIGHT");
        assertThat(page.path("usual").path("source").asString()).isEqualTo("ESTIMATE");
        assertThat(page.path("limits").path("noneUnder").asDouble()).isLessThan(0.27);
        assertThat(api.get("/api/saws/" + tag + "/tension").body().path("work").toString())
                .doesNotContain("NOT_OILING", "OIL_USE_LOW");
    }

    /** A saw that has just come is judged by what another of its model used while it oiled well. */
    @Test
    void aModelThatOilsWellSaysWhatIsUsual() {
        String proven = battery("Gannet");
        burns(proven, 6, 1.2);
        assertThat(oiling(proven).path("usual").path("source").asString()).isEqualTo("ESTIMATE");
        api.post("/api/saws/" + proven + "/records", Checks.step(api, "OIL_CARD", "FINE", "", ""));
        assertThat(oiling(proven).path("usual").path("source").asString()).isEqualTo("LEARNED");
        String fresh = battery("Gannet");
        burns(fresh, 4, 0.44);
        JsonNode page = oiling(fresh);
        assertThat(page.path("usual").path("source").asString()).isEqualTo("MODEL");
        assertThat(page.path("usual").path("perTank").asDouble()).isCloseTo(0.2, within(1e-9));
        // 0.11 a charge is 0.55 of 0.2 and would be 0.37 of the estimate.
        assertThat(page.path("ratio").path("share").asDouble()).isCloseTo(0.55, within(1e-9));
        assertThat(oiling(battery("Dunlin")).path("usual").path("source").asString())
                .isEqualTo("ESTIMATE");
    }

    private String battery(String model) {
        String tag = "M" + RunningServer.id().substring(0, 6);
        api.post(
                "/api/saws",
                Checks.newSaw(api, RunningServer.id(), tag, 68, "BATTERY", "AUTOMATIC_FIXED")
                        .replace("\"K50\"", "\"" + model + "\""));
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        return tag;
    }

    /** Only an engine makes pressure in a crankcase. */
    @Test
    void aPressureOilerBelongsToAnEngine() {
        String tag = "P" + RunningServer.id().substring(0, 6);
        assertThat(api.post(
                                "/api/saws",
                                Checks.newSaw(api, RunningServer.id(), tag, 68, "BATTERY", "CRANKCASE_PRESSURE"))
                        .sentenceAt("saw.oiler"))
                .startsWith("Only an engine");
        assertThat(api.post(
                                "/api/saws",
                                Checks.newSaw(api, RunningServer.id(), tag, 68, "PETROL", "CRANKCASE_PRESSURE"))
                        .status())
                .isEqualTo(200);
        assertThat(oiling(tag).path("ladder").toString()).doesNotContain("PUMP", "OIL_DRIVE");
    }

    @Test
    void theGradeIsAskedWhileTheOilIsFilled() {
        String tag = Checks.fitSaw(api, "Q");
        JsonNode cold = api.post(
                        "/api/saws/" + tag + "/records/preview",
                        "{\"step\":\"FILL\",\"noted\":false,\"input\":{\"said\":\"FINE\",\"findings\":[],\"figures\":{\"AIR_TEMPERATURE\":\"-4\"}}}")
                .body();
        assertThat(cold.path("verdict").path("oilGrade").asString()).isEqualTo("THIN_WINTER");
    }

    /** A wet patch found at the bench opens one fault of its own, however often it is seen; a dry day closes it, not a look. */
    @Test
    void aLeakFoundAtTheBenchIsFollowedLikeAnyOther() {
        String tag = Checks.fitSaw(api, "L");
        look(tag, "ATTEND", "\"LEAK_SEEN\"");
        look(tag, "ATTEND", "\"LEAK_SEEN\"");
        JsonNode faults = api.get("/api/saws/" + tag + "/faults").body();
        assertThat(faults.size()).isOne();
        assertThat(faults.get(0).path("complaint").toString()).contains("Oil lost at rest");
        look(tag, "FINE", "");
        assertThat(api.get("/api/saws/" + tag + "/faults")
                        .body()
                        .get(0)
                        .path("stage")
                        .asString())
                .isNotEqualTo("CLOSED");
    }

    /** A look that was of another saw is struck out, and the leak that it opened was a mistake. */
    @Test
    void aLeakOfARecordThatIsStruckWasAMistake() {
        String tag = Checks.fitSaw(api, "K");
        String id = RunningServer.id();
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, id, "OUTSIDE_LOOK", "ATTEND", "\"LEAK_SEEN\"", "{}", ""));
        assertThat(api.post(
                                "/api/records/" + id + "/strike",
                                "{\"id\":\"%s\",\"reason\":\"That was saw 06\"}".formatted(RunningServer.id()))
                        .status())
                .isLessThan(300);
        assertThat(api.get("/api/saws/" + tag + "/faults")
                        .body()
                        .get(0)
                        .path("stage")
                        .asString())
                .isEqualTo("CLOSED");
        look(tag, "FINE", "");
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
    }

    private void look(String tag, String said, String findings) {
        Answer saved = api.post("/api/saws/" + tag + "/records", Checks.step(api, "OUTSIDE_LOOK", said, findings, ""));
        assertThat(saved.status()).isLessThan(300);
    }
}
