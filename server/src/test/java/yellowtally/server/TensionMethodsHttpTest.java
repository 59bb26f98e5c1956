package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
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

/** Every method of reading the tension, as it is typed at the bench: previewed, refused, and stored with the same verdict. */
@ExtendWith(RunningServer.class)
@ResourceLock(value = RunningServer.FLEET_SETTINGS, mode = ResourceAccessMode.READ)
class TensionMethodsHttpTest {

    private final Api api;
    private String tag;

    TensionMethodsHttpTest(Api api) {
        this.api = api;
    }

    /** 18 in, .325": tang depth 5.5, target 5.5 × √(457.2/400) = 5.88 mm. */
    @BeforeEach
    void freshSaw() {
        tag = "M" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
    }

    private static String reading(String method, String how) {
        return """
                {"method":"%s",%s,"met":%s,"movement":"ONE_FINGER","tipsClearWithoutPull":false,"tightSpot":false,
                 "turnsBefore":0}""".formatted(method, how, Checks.FAIR);
    }

    private static String typed(String value) {
        return "\"value\":\"" + value.replace("\"", "\\\"") + "\"";
    }

    private Answer preview(String reading) {
        return api.post("/api/saws/" + tag + "/tension/preview", "{\"work\":\"FELLING\",\"reading\":" + reading + "}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "TANG_LINE          | 6        | 6       | RIGHT",
                "TANG_LINE          | 9,5 mm   | 9.5     | LOOSE",
                "TANG_LINE          | 0.1 cm   | 1       | TOO_TIGHT",
                "RAIL_TOUCH         | 0.4      | 0.4     | RIGHT",
                "RAIL_TOUCH         | 1.2 mm   | 1.2     | LOOSE",
                "COIN_GAP           | 1.8      | 1.8     | RIGHT",
                "COIN_GAP           | 1/8 in   | 3.175   | LOOSE",
                "COIN_GAP           | 0.2      | 0.2     | TOO_TIGHT",
                "TWELFTH_PAST_TOUCH | 30       | 30      | RIGHT",
                "TWELFTH_PAST_TOUCH | 30°      | 30      | RIGHT",
                "TWELFTH_PAST_TOUCH | 27,5 deg | 27.5    | RIGHT",
                "TWELFTH_PAST_TOUCH | 10       | 10      | LOOSE",
            })
    void aFigureIsReadAndJudgedByItsMethod(String method, String value, double figure, String outcome) {
        String reading = reading(method, typed(value));
        JsonNode previewed = preview(reading).body();
        assertThat(previewed.path("figure").asDouble()).isCloseTo(figure, within(1e-9));
        assertThat(previewed.path("verdict").path("outcome").asString()).isEqualTo(outcome);
        Answer saved = api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), reading));
        assertThat(saved.body().path("outcome").asString())
                .as("what is stored is what was shown")
                .isEqualTo(outcome);
    }

    @ParameterizedTest
    @CsvSource({"INSIDE, TOO_TIGHT|FIRM", "LEVEL, RIGHT", "CLEAR, LOOSE"})
    void tipsAreReadByEye(String tips, String outcomes) {
        String reading = reading("TANG_LINE", "\"tips\":\"" + tips + "\"");
        JsonNode verdict = preview(reading).body().path("verdict");
        assertThat(verdict.path("outcome").asString()).isIn((Object[]) outcomes.split("\\|"));
        Answer saved = api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), reading));
        assertThat(saved.status()).isEqualTo(200);
        JsonNode stored = api.get("/api/saws/" + tag + "/tension")
                .body()
                .path("checks")
                .get(0)
                .path("readings")
                .get(0);
        assertThat(stored.path("tips").asString()).isEqualTo(tips);
    }

    @Test
    void liftAndSnapAsksWhetherItSpringsBack() {
        String springs = reading("LIFT_AND_SNAP", typed("6") + ",\"springsBack\":true");
        assertThat(preview(springs).body().path("verdict").path("outcome").asString())
                .isEqualTo("RIGHT");
        assertThat(preview(reading("LIFT_AND_SNAP", typed("6") + ",\"springsBack\":false"))
                        .body()
                        .path("verdict")
                        .path("outcome")
                        .asString())
                .as("what does not spring back is not right")
                .isNotEqualTo("RIGHT");
    }

    /** Nobody answers for the hand: a method that is judged by how the chain moves or springs asks for it. */
    @ParameterizedTest
    @CsvSource({
        "RAIL_TOUCH, 0.4, reading.movement",
        "TWELFTH_PAST_TOUCH, 30, reading.movement",
        "LIFT_AND_SNAP, 6, reading.springsBack",
        "TANG_LINE, 6, -",
        "COIN_GAP, 1.8, -",
    })
    void whatNobodySaidIsAskedWhereTheVerdictStandsOnIt(String method, String value, String field) {
        String silent = reading(method, typed(value)).replace("\"movement\":\"ONE_FINGER\",", "");
        JsonNode answer = preview(silent).body();
        Answer saved = api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), silent));
        if (field.equals("-")) {
            assertThat(answer.path("verdict").path("outcome").asString()).isEqualTo("RIGHT");
            assertThat(saved.status()).isEqualTo(200);
        } else {
            assertThat(answer.path("refusals").get(0).path("field").asString()).isEqualTo(field);
            assertThat(saved.sentenceAt(field.replace("reading", "readings[0]")))
                    .startsWith("Say ");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "TANG_LINE          | soft   | This is not a length. Write it as 6, 6.5 mm, 1/4 in or 13/64\".",
                "COIN_GAP           | -1     | A reading cannot be less than zero.",
                "TWELFTH_PAST_TOUCH | a bit  | Give the angle in degrees, such as 30.",
                "TWELFTH_PAST_TOUCH | 30 mm  | Give the angle in degrees, such as 30.",
            })
    void whatIsNoReadingIsRefusedInThePreviewAndOnSaving(String method, String value, String sentence) {
        String reading = reading(method, typed(value));
        Answer previewed = preview(reading);
        assertThat(previewed.status()).as("a preview is no failure").isEqualTo(200);
        assertThat(previewed.body().path("refusals").get(0).path("sentence").asString())
                .startsWith(sentence.substring(0, 20));
        assertThat(previewed.body().has("verdict")).isFalse();
        Answer saved = api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), reading));
        assertThat(saved.status()).isEqualTo(422);
        assertThat(saved.sentenceAt("readings[0].value"))
                .isEqualTo(previewed
                        .body()
                        .path("refusals")
                        .get(0)
                        .path("sentence")
                        .asString());
    }

    @Test
    void aReadingBeyondTheBarIsRefusedInThePreviewToo() {
        JsonNode refused = preview(reading("TANG_LINE", typed("900")))
                .body()
                .path("refusals")
                .get(0);
        assertThat(refused.path("sentence").asString()).contains("900 mm is not possible");
    }

    @Test
    void aCheckNeedsAReadingAndNotTooMany() {
        Answer none = api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id()));
        assertThat(none.status()).isEqualTo(422);
        assertThat(none.sentenceAt("readings")).isNotBlank();
        String[] many = new String[60];
        Arrays.fill(many, Checks.reading("6"));
        Answer tooMany = api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), many));
        assertThat(tooMany.status()).isEqualTo(422);
        assertThat(api.get("/api/saws/" + tag + "/tension")
                        .body()
                        .path("checks")
                        .size())
                .isZero();
    }

    @Test
    void jointPlayIsTakenAndWhatCannotBeIsRefused() {
        String played =
                Checks.checkOf(api, RunningServer.id(), "ROUTINE", ",\"jointPlay\":\"0.08\"", Checks.reading("6"));
        assertThat(api.post("/api/saws/" + tag + "/tension-checks", played).status())
                .isEqualTo(200);
        // 68 drive links, two joints each: 2 × 68 × 0.08 = 10.88 mm.
        assertThat(api.get("/api/saws/" + tag + "/tension")
                        .body()
                        .path("growth")
                        .toString())
                .contains("10.88");
        String absurd = Checks.checkOf(api, RunningServer.id(), "ROUTINE", ",\"jointPlay\":\"9\"", Checks.reading("6"));
        assertThat(api.post("/api/saws/" + tag + "/tension-checks", absurd).sentenceAt("jointPlay"))
                .isNotBlank();
    }
}
