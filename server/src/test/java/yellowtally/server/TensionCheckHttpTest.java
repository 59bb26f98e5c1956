package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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

@ExtendWith(RunningServer.class)
@ResourceLock(value = RunningServer.FLEET_SETTINGS, mode = ResourceAccessMode.READ)
class TensionCheckHttpTest {

    private final Api api;
    private String tag;

    TensionCheckHttpTest(Api api) {
        this.api = api;
    }

    /** Each test has a saw of its own, fitted and not read yet. */
    @BeforeEach
    void freshSaw() {
        tag = "T" + RunningServer.id().substring(0, 6);
        assertThat(api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68))
                        .status())
                .isEqualTo(200);
        Checks.serve(api, tag);
    }

    private Answer save(String body) {
        return api.post("/api/saws/" + tag + "/tension-checks", body);
    }

    private JsonNode history() {
        return api.get("/api/saws/" + tag + "/tension").body().path("checks");
    }

    @Test
    void aSawIsHeldUntilItsSetHasBeenRead() {
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
        Answer saved = save(Checks.checkOf(api, RunningServer.id(), "SET_WAS_APART", "", Checks.reading("6")));
        assertThat(saved.body().path("outcome").asString()).isEqualTo("RIGHT");
        assertThat(saved.body().path("state").asString()).isEqualTo("FIT");
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
    }

    @Test
    void previewTellsWhatAReadingMeansAndStoresNothing() {
        Answer preview = api.post(
                "/api/saws/" + tag + "/tension/preview",
                "{\"work\":\"FELLING\",\"reading\":" + Checks.reading("7/16 in") + "}");
        JsonNode verdict = preview.body().path("verdict");
        assertThat(preview.body().path("figure").asDouble()).isCloseTo(11.1125, within(1e-9));
        assertThat(verdict.path("outcome").asString()).isEqualTo("THROW_RISK");
        assertThat(verdict.path("next").path("turn").path("of").asInt()).isEqualTo(4);
        assertThat(preview.body().path("scale").path("bands").size()).isEqualTo(5);
        assertThat(history().size()).isZero();
    }

    /** A right reading of a hot chain is provisional: nobody saves it as a pass. */
    @ParameterizedTest
    @CsvSource({"true, true", "false, false"})
    void previewTellsWhetherTheCheckPasses(boolean cold, boolean passes) {
        String met = cold ? Checks.FAIR : Checks.FAIR.replace("\"COLD\",", "");
        JsonNode preview = api.post(
                        "/api/saws/" + tag + "/tension/preview",
                        "{\"work\":\"FELLING\",\"reading\":" + Checks.reading("6", met, 0) + "}")
                .body();
        assertThat(preview.path("verdict").path("outcome").asString()).isEqualTo("RIGHT");
        assertThat(preview.path("passes").asBoolean()).isEqualTo(passes);
    }

    @Test
    void everyReadingOfTheLoopIsKeptAndTheLastOneCounts() {
        save(Checks.check(api, RunningServer.id(), Checks.reading("11"), Checks.reading("6", Checks.FAIR, 0.25)));
        JsonNode check = history().get(0);
        assertThat(check.path("outcome").asString()).isEqualTo("RIGHT");
        assertThat(check.path("turns").asDouble()).isEqualTo(0.25);
        assertThat(check.path("readings").size()).isEqualTo(2);
        assertThat(check.path("readings").get(0).path("outcome").asString()).isEqualTo("LOOSE");
    }

    @Test
    void sendingTheSameSaveTwiceStoresItOnce() {
        String body = Checks.check(api, RunningServer.id(), Checks.reading("6"));
        assertThat(save(body).status()).isEqualTo(200);
        assertThat(save(body).status()).isEqualTo(200);
        assertThat(history().size()).isEqualTo(1);
    }

    @Test
    void theSameIdWithOtherContentIsRefused() {
        String id = RunningServer.id();
        save(Checks.check(api, id, Checks.reading("6")));
        Answer other = save(Checks.check(api, id, Checks.reading("7")));
        assertThat(other.status()).isEqualTo(409);
        assertThat(history().size()).isEqualTo(1);
    }

    @Test
    void aThrowRiskHoldsUntilAPassingCheckAndAnOfficersRelease() {
        save(Checks.check(api, RunningServer.id(), Checks.reading("20")));
        assertThat(api.plate(tag).path("headline").path("what").asString()).isEqualTo("THROW_RISK");

        String path = "/api/saws/" + tag + "/release";
        Answer tooEarly = api.post(path, Checks.release());
        assertThat(tooEarly.status()).isEqualTo(409);
        assertThat(tooEarly.body().path("detail").asString()).contains("stays held");

        save(Checks.check(api, RunningServer.id(), Checks.reading("6")));
        assertThat(api.plate(tag).path("headline").path("what").asString()).isEqualTo("RELEASE_WAITS");
        Answer byOperator = api.by(api.operator()).post(path, Checks.release());
        assertThat(byOperator.status()).isEqualTo(403);
        assertThat(byOperator.sentenceAt("")).contains("Only an officer may do this");
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");

        assertThat(api.post(path, Checks.release()).status()).isEqualTo(204);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
    }

    @Test
    void amendingAThrowRiskDoesNotLiftItsHold() {
        String wrong = RunningServer.id();
        save(Checks.check(api, wrong, Checks.reading("20")));
        String amends = ",\"amends\":\"" + wrong + "\",\"amendReason\":\"Read off the wrong end of the rule\"";
        assertThat(save(Checks.checkOf(api, RunningServer.id(), "ROUTINE", amends, Checks.reading("6")))
                        .status())
                .isEqualTo(200);
        assertThat(api.plate(tag).path("headline").path("what").asString()).isEqualTo("RELEASE_WAITS");
        assertThat(api.post("/api/saws/" + tag + "/release", Checks.release()).status())
                .isEqualTo(204);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
    }

    @Test
    void aHotOrUnfairPassDoesNotClearAHold() {
        save(Checks.check(api, RunningServer.id(), Checks.reading("20")));
        String hot = "[\"NUTS_SLACK\",\"BRAKE_OFF\",\"NOSE_UP\",\"OILED\",\"PULLED_ROUND\"]";
        save(Checks.check(api, RunningServer.id(), Checks.reading("6", hot, 0)));
        assertThat(api.post("/api/saws/" + tag + "/release", Checks.release()).status())
                .isEqualTo(409);
        save(Checks.check(api, RunningServer.id(), Checks.reading("6", "[]", 0)));
        assertThat(api.post("/api/saws/" + tag + "/release", Checks.release()).status())
                .isEqualTo(409);
    }

    @Test
    void anAmendmentReplacesACheckAndBothStayReadable() {
        String wrong = RunningServer.id();
        save(Checks.check(api, wrong, Checks.reading("9")));
        assertThat(api.plate(tag).path("state").asString())
                .as("fitted, and never read right since")
                .isEqualTo("HELD");
        String amends = ",\"amends\":\"" + wrong + "\"";
        assertThat(save(Checks.checkOf(api, RunningServer.id(), "ROUTINE", amends, Checks.reading("6")))
                        .sentenceAt("amendReason"))
                .isEqualTo("Say why the earlier check is amended.");
        String because = amends + ",\"amendReason\":\"Read off the wrong end of the rule\"";
        assertThat(save(Checks.checkOf(api, RunningServer.id(), "ROUTINE", because, Checks.reading("6")))
                        .status())
                .isEqualTo(200);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
        assertThat(history().size()).isEqualTo(2);
        assertThat(history().get(1).has("amendedBy")).isTrue();
        assertThat(save(Checks.checkOf(api, RunningServer.id(), "ROUTINE", because, Checks.reading("6")))
                        .sentenceAt("amends"))
                .contains("already been amended");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "-3      | A reading cannot be less than zero",
                "900     | 900 mm is not possible",
                "abc     | This is not a length",
                "''      | Give a length",
                "1/0 in  | cannot have zero below",
            })
    void readingsThatCannotBeAreRefusedInWordsAndNothingIsStored(String value, String sentence) {
        Answer refused = save(Checks.check(api, RunningServer.id(), Checks.reading("11"), Checks.reading(value)));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.raw().headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(refused.sentenceAt("readings[1].value")).contains(sentence);
        assertThat(history().size()).isZero();
    }

    @Test
    void timesInTheFutureOrBeforeTheFittingAreRefused() {
        String future = ",\"at\":\"2099-01-01T00:00:00Z\"";
        assertThat(save(Checks.checkOf(api, RunningServer.id(), "ROUTINE", future, Checks.reading("6")))
                        .sentenceAt("at"))
                .isEqualTo("This time is in the future.");
        String past = ",\"at\":\"2020-01-01T00:00:00Z\"";
        assertThat(save(Checks.checkOf(api, RunningServer.id(), "ROUTINE", past, Checks.reading("6")))
                        .sentenceAt("at"))
                .contains("before the set was fitted");
    }

    @Test
    void unknownFieldsAndBrokenRequestsAreRefused() {
        String extra = ",\"surprise\":1";
        assertThat(save(Checks.checkOf(api, RunningServer.id(), "ROUTINE", extra, Checks.reading("6")))
                        .status())
                .isEqualTo(400);
        assertThat(save("{\"id\":").status()).isEqualTo(400);
        String primitives = "{\"id\":\"" + RunningServer.id() + "\",\"readings\":[]}";
        Answer incomplete = save(primitives);
        assertThat(incomplete.status()).isEqualTo(422);
        assertThat(incomplete.sentenceAt("occasion")).isEqualTo("This is needed.");
        assertThat(incomplete.sentenceAt("work")).isEqualTo("This is needed.");
        assertThat(history().size()).isZero();
    }

    @Test
    void anUnknownSawIsToldByItsTag() {
        Answer unknown = api.get("/api/saws/nosuch/tension");
        assertThat(unknown.status()).isEqualTo(404);
        assertThat(unknown.body().path("detail").asString()).contains("There is no saw nosuch");
    }
}
