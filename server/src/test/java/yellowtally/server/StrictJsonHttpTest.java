package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Every value has one form; what looks the same is the same, and what is out of this world is refused by its field. */
@ExtendWith(RunningServer.class)
class StrictJsonHttpTest {

    private static String tag;

    private final Api api;

    StrictJsonHttpTest(Api api) {
        this.api = api;
    }

    /** One for all of them: what is on it does not matter. */
    @BeforeEach
    void aSaw() {
        if (tag == null) {
            tag = "J" + RunningServer.id().substring(0, 6);
            api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        }
    }

    private Answer note(String note) {
        return api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, RunningServer.id(), "OUTSIDE_LOOK", "FINE", "", "{}", ",\"note\":\"" + note + "\""));
    }

    private String lastNote() {
        return api.get("/api/log?saw=" + tag + "&kinds=STEP")
                .body()
                .path("entries")
                .get(0)
                .path("note")
                .asString();
    }

    private static String decoded(String base64) {
        return new String(Base64.getDecoder().decode(base64), StandardCharsets.UTF_8);
    }

    /** In Base64, so that no editor tidies them up: zero-width signs, blanks, a letter with its mark apart. */
    @ParameterizedTest
    @CsvSource({"4oCLICBsb29rZWQg4oCL, looked", "YcyIaHQ=, äht", "76+/wqBmaW5lwqA=, fine"})
    void textIsKeptAsItIsSeen(String sent, String kept) {
        String text = decoded(sent).replace("\uFBFF", "");
        assertThat(note(text).status()).isEqualTo(204);
        assertThat(lastNote()).isEqualTo(kept);
    }

    @Test
    void aNoteThatCannotBeSeenIsNone() {
        assertThat(note("\u200b\u200b \u2060").status()).isEqualTo(204);
        assertThat(lastNote()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "\\u0000, not text",
        "bell\\u0007, not text",
        "was \\u202eturned, not text",
        "half \\ud800 sign, not text"
    })
    void whatIsNoTextIsRefusedAtItsField(String note, String sentence) {
        Answer refused = note(note);
        assertThat(refused.status()).as(refused.body().toString()).isIn(400, 422);
        if (refused.status() == 422) {
            assertThat(refused.sentenceAt("note")).contains(sentence);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "'\"note\":\"t\"', '\"note\":\"t\",\"device\":\"bench\"', 400",
        "'\"said\":\"FINE\"', '\"said\":0', 400",
        "'\"step\":\"OUTSIDE_LOOK\"', '\"step\":3', 400",
        "'\"note\":\"t\"', '\"note\":\"t\",\"note\":\"u\"', 400",
        "'\"note\":\"t\"', '\"note\":7', 400",
        "'\"note\":\"t\"', '\"note\":\"t\",\"at\":1764000000', 400",
        "'\"note\":\"t\"', '\"note\":\"t\",\"at\":\"1900-01-01T00:00:00Z\"', 422",
        "'\"note\":\"t\"', '\"note\":\"t\",\"at\":\"+169087565-01-01T00:00:00Z\"', 422",
        "'\"note\":\"t\"', '\"note\":\"t\",\"expects\":\"12\"', 400"
    })
    void aValueInAnotherFormIsRefused(String right, String wrong, int status) {
        String body = Checks.stepOf(api, RunningServer.id(), "OUTSIDE_LOOK", "FINE", "", "{}", ",\"note\":\"t\"");
        assertThat(body).contains(right);
        Answer refused = api.post("/api/saws/" + tag + "/records", body.replace(right, wrong));
        assertThat(refused.status()).as(refused.body().toString()).isEqualTo(status);
        assertThat(api.post("/api/saws/" + tag + "/records", body).status()).isEqualTo(204);
    }

    @ParameterizedTest
    @CsvSource({"+169087565-03-01", "1900-01-01", "2100-01-02"})
    void aServiceDayIsADayOfThisWorld(String day) {
        String body = Checks.newSaw(
                        api, RunningServer.id(), "Q" + RunningServer.id().substring(0, 6), 68)
                .replaceFirst("\"inService\":\"[^\"]*", "\"inService\":\"" + day.replace("+", "\\+"));
        Answer refused = api.post("/api/saws", body);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt("saw.inService")).contains("between 1950 and 2100");
    }

    @Test
    void whatWasSentIsNotToldBackAtLength() {
        Answer refused = api.get("/api/saws/" + "x".repeat(900));
        assertThat(refused.status()).isEqualTo(404);
        assertThat(refused.body().path("detail").asString().length()).isLessThan(220);
    }

    @Test
    void aVisitThatIsNoneIsNotRememberedAsLookedAt() {
        assertThat(api.get("/api/visits/" + RunningServer.id()).status()).isEqualTo(404);
    }
}
