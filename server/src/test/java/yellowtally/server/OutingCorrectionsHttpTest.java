package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Whatever was written down of an outing can be put right, and everything after it is reckoned anew (handbook section 11). */
@ExtendWith(RunningServer.class)
class OutingCorrectionsHttpTest {

    private final Api api;
    private final Instant now = Instant.now();
    private String tag;
    private String other;

    OutingCorrectionsHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void twoFitSaws() {
        tag = Checks.fitSaw(api, "V");
        other = Checks.fitSaw(api, "W");
    }

    private void out() {
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).status())
                .isEqualTo(204);
    }

    private void outAndBack(double tanks, String extra) {
        out();
        Answer back = api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, tanks, extra)));
        assertThat(back.status()).as(back.raw().body()).isEqualTo(204);
    }

    /** The latest entry of an outing of a saw that still counts. */
    private JsonNode entry(String of) {
        for (JsonNode line : api.get("/api/log?kinds=OUT&saw=" + of).body().path("entries")) {
            if (!line.has("struck")) {
                return api.get("/api/outings/" + line.path("id").asString()).body();
            }
        }
        throw new AssertionError("no entry of " + of);
    }

    private static String use(double tanks, String extra) {
        return "{\"tanks\":%s,\"works\":[\"FELLING\"],\"woods\":[],\"rain\":false,\"groundStruck\":false,\"dustSeen\":false%s}"
                .formatted(tanks, extra);
    }

    private static String returned(JsonNode entry, String use) {
        return ",\"back\":{\"at\":\"%s\",\"use\":%s}"
                .formatted(entry.path("backAt").asString(), use);
    }

    /** {@code back} is empty for an outing that is under way. */
    private String correction(JsonNode entry, String of, String crew, String outAt, String back) {
        return """
                {"id":"%s","version":%d,"reason":"A slip",
                 "outing":{"tag":"%s","crewId":"%s","outAt":"%s"%s}}""".formatted(RunningServer.id(), entry.path("version").asInt(), of, crew, outAt, back);
    }

    private String correction(JsonNode entry, String of, String back) {
        return correction(
                entry, of, entry.path("crewId").asString(), entry.path("outAt").asString(), back);
    }

    private Answer correct(JsonNode entry, String body) {
        return correct(entry, api.operator(), body);
    }

    private Answer correct(JsonNode entry, String person, String body) {
        return api.by(person).post("/api/outings/" + entry.path("id").asString() + "/correction", body);
    }

    private Answer strike(JsonNode entry, String person) {
        return api.by(person)
                .post(
                        "/api/outings/" + entry.path("id").asString() + "/strike",
                        "{\"id\":\"%s\",\"version\":%d,\"reason\":\"Never went out\"}"
                                .formatted(
                                        RunningServer.id(),
                                        entry.path("version").asInt()));
    }

    private double tanks(String of) {
        for (JsonNode task : api.get("/api/saws/" + of + "/schedule").body().path("tasks")) {
            if (task.path("task").asString().equals("SHARPEN")) {
                return task.path("limits").get(0).path("raw").asDouble();
            }
        }
        throw new AssertionError("no sharpening");
    }

    private String state(String of) {
        return api.plate(of).path("state").asString();
    }

    /** Everything that is reckoned from what a saw burned; the arrestor's days hang on a season that other tests move. */
    private List<String> reckoned(String of) {
        JsonNode schedule = api.get("/api/saws/" + of + "/schedule").body();
        StringBuilder tasks = new StringBuilder();
        for (JsonNode task : schedule.path("tasks")) {
            if (!task.path("task").asString().equals("ARRESTOR")) {
                tasks.append(task);
            }
        }
        return List.of(
                tasks.toString(),
                schedule.path("work").toString(),
                api.get("/api/saws/" + of + "/wear").body().toString(),
                api.get("/api/parts/C-" + of).body().toString(),
                api.get("/api/parts/S-" + of).body().toString(),
                api.get("/api/saws/" + of + "/tension").body().path("sincePass").toString());
    }

    @Test
    void tanksArePutRightAndTheOldEntryStaysReadable() {
        outAndBack(4, "");
        JsonNode wrong = entry(tag);
        assertThat(correct(wrong, correction(wrong, tag, returned(wrong, use(2.5, ""))))
                        .status())
                .isEqualTo(204);
        assertThat(tanks(tag)).isEqualTo(2.5);
        JsonNode lines = api.get("/api/log?kinds=BACK&saw=" + tag).body().path("entries");
        assertThat(lines).hasSize(2);
        for (JsonNode line : lines) {
            boolean struck = line.path("id").asString().equals(wrong.path("id").asString());
            assertThat(line.path("back").path("use").path("tanks").asDouble()).isEqualTo(struck ? 4 : 2.5);
            JsonNode said = line.path(struck ? "struck" : "corrects");
            assertThat(said.path("reason").asString()).isEqualTo("A slip");
            assertThat(said.path("by").asString()).isNotEmpty();
            assertThat(Instant.parse(said.path("at").asString())).isAfterOrEqualTo(now);
            assertThat(line.path("at").asString())
                    .isEqualTo(wrong.path("backAt").asString());
        }
    }

    /** Tanks, complaint and all go to the saw that was out; what was complained of here an officer ends by itself. */
    @Test
    void anOutingOfTheWrongSawIsMoved() {
        List<String> before = reckoned(tag);
        outAndBack(3, ",\"complaintCode\":\"runs-dry\",\"complaint\":\"Stopped in the cut\"");
        JsonNode wrong = entry(tag);
        JsonNode effect = api.post(
                        "/api/outings/" + wrong.path("id").asString() + "/correction/preview",
                        correction(wrong, other, returned(wrong, use(3, ""))))
                .body();
        assertThat(effect.path("saws").findValuesAsString("tag")).contains(tag, other);
        assertThat(tanks(other)).as("nothing was done yet").isZero();
        assertThat(correct(wrong, correction(wrong, other, returned(wrong, use(3, ""))))
                        .status())
                .isEqualTo(204);
        assertThat(tanks(other)).isEqualTo(3);
        assertThat(tanks(tag)).isZero();
        assertThat(api.get("/api/parts/C-" + other).body().toString()).isNotEqualTo(before.get(3));
        assertThat(api.get("/api/faults").body().toString()).contains(other).contains(tag);
    }

    @Test
    void whatIsUnderWayChangesItsCrewAndKeepsItsTanks() {
        out();
        api.post("/api/saws/" + tag + "/refuels", "{\"id\":\"%s\"}".formatted(RunningServer.id()));
        JsonNode wrong = entry(tag);
        String crew = api.get("/api/crews").body().get(1).path("id").asString();
        assertThat(correct(
                                wrong,
                                correction(wrong, tag, crew, wrong.path("outAt").asString(), ""))
                        .status())
                .isEqualTo(204);
        JsonNode open = open(tag);
        assertThat(open.path("crewId").asString()).isEqualTo(crew);
        assertThat(open.path("refuels").asInt()).isEqualTo(1);
        String undo = "{\"id\":\"%s\"}";
        assertThat(api.post("/api/saws/" + tag + "/refuels/undo", undo.formatted(RunningServer.id()))
                        .status())
                .isEqualTo(204);
        assertThat(open(tag).path("refuels").asInt()).isZero();
        assertThat(api.post("/api/saws/" + tag + "/refuels/undo", undo.formatted(RunningServer.id()))
                        .body()
                        .path("detail")
                        .asString())
                .isEqualTo("No tank is logged for it.");
    }

    private JsonNode open(String of) {
        for (JsonNode open : api.get("/api/outings/open").body()) {
            if (open.path("tag").asString().equals(of)) {
                return open;
            }
        }
        throw new AssertionError(of + " is not out");
    }

    /** Issued by mistake: it is in, and nothing is owed for it. */
    @ParameterizedTest
    @CsvSource({"true", "false"})
    void whatNeverWasLeavesNothingBehind(boolean cameBack) {
        List<String> before = reckoned(tag);
        if (cameBack) {
            outAndBack(3, ",\"oilShare\":2");
            assertThat(reckoned(tag)).isNotEqualTo(before);
        } else {
            out();
        }
        JsonNode wrong = entry(tag);
        assertThat(api.get("/api/outings/" + wrong.path("id").asString() + "/strike")
                        .body()
                        .path("officer")
                        .asBoolean())
                .isFalse();
        assertThat(strike(wrong, api.operator()).status()).isEqualTo(204);
        assertThat(state(tag)).isEqualTo("FIT");
        assertThat(reckoned(tag)).isEqualTo(before);
        assertThat(api.get("/api/outings/open").body().toString()).doesNotContain("\"" + tag + "\"");
        out();
    }

    @Test
    void whatWasTakenBackByMistakeIsOutAgain() {
        outAndBack(1, "");
        JsonNode wrong = entry(tag);
        assertThat(correct(wrong, correction(wrong, tag, "")).status()).isEqualTo(204);
        assertThat(open(tag).path("outAt").asString())
                .isEqualTo(wrong.path("outAt").asString());
        assertThat(tanks(tag)).isZero();
    }

    /** Oil that was there after all makes the saw more usable: the officer's, and it is looked at anew. */
    @Test
    void whatMakesASawMoreUsableIsTheOfficers() {
        outAndBack(4, ",\"oilShare\":0.1");
        assertThat(state(tag)).isEqualTo("HELD");
        JsonNode wrong = entry(tag);
        String truth = returned(wrong, use(4, ",\"oilShare\":2.5"));
        Answer refused = correct(wrong, correction(wrong, tag, truth));
        assertThat(refused.sentenceAt("")).contains("Only an officer may do this");
        assertThat(entry(tag)).isEqualTo(wrong);
        String crew = wrong.path("crewId").asString();
        String at = wrong.path("outAt").asString();
        assertThat(correct(wrong, api.officer(), correction(wrong, tag, crew, at, truth))
                        .status())
                .isEqualTo(204);
        assertThat(state(tag)).as("held until it is looked at anew").isEqualTo("HELD");
    }

    @Test
    void ofTwoWhoCorrectOneEntryAtOnceOneDoes() {
        outAndBack(3, "");
        JsonNode wrong = entry(tag);
        List<CompletableFuture<Answer>> both = List.of(1.0, 2.0, 2.5, 3.5).stream()
                .map(tanks -> CompletableFuture.supplyAsync(() ->
                        correct(wrong, correction(wrong, tag, returned(wrong, use(tanks, ""))))))
                .toList();
        assertThat(both.stream()
                        .map(CompletableFuture::join)
                        .map(Answer::status)
                        .sorted())
                .containsExactly(204, 409, 409, 409);
        assertThat(correct(wrong, correction(wrong, tag, returned(wrong, use(1, ""))))
                        .body()
                        .path("detail")
                        .asString())
                .isEqualTo("Somebody has already put this entry right. Look at it as it is now.");
        assertThat(strike(wrong, api.officer()).status()).isEqualTo(409);
        assertThat(api.get("/api/log?kinds=OUT&saw=" + tag).body().path("entries"))
                .hasSize(2);
    }

    /** It came back while somebody was correcting that it went out. */
    @Test
    void whatChangedMeanwhileIsNotWrittenOver() {
        out();
        JsonNode seen = entry(tag);
        api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 2, "")));
        assertThat(correct(seen, correction(seen, other, ""))
                        .body()
                        .path("detail")
                        .asString())
                .startsWith("Somebody else changed this");
        assertThat(tanks(tag)).isEqualTo(2);
    }

    @Test
    void whatCannotBeIsRefusedInWordsAndNothingIsLost() {
        outAndBack(2, "");
        JsonNode wrong = entry(tag);
        String crew = wrong.path("crewId").asString();
        String truth = returned(wrong, use(2, ""));
        assertThat(correct(
                                wrong,
                                correction(
                                        wrong,
                                        tag,
                                        crew,
                                        now.plus(Duration.ofDays(1)).toString(),
                                        truth))
                        .sentenceAt("outing.outAt"))
                .isEqualTo("This time is in the future.");
        assertThat(correct(
                                wrong,
                                correction(
                                        wrong,
                                        tag,
                                        crew,
                                        now.minus(Duration.ofDays(400)).toString(),
                                        truth))
                        .sentenceAt("outing.outAt"))
                .contains("came into service");
        assertThat(correct(wrong, correction(wrong, tag, returned(wrong, use(7.5, ""))))
                        .sentenceAt("outing.back.use.tanks"))
                .contains("no more than 7 can be used");
        assertThat(correct(wrong, correction(wrong, tag, returned(wrong, use(5, ""))))
                        .sentenceAt("outing.back.use.sure"))
                .contains("more than a crew uses");
        assertThat(correct(wrong, correction(wrong, "NONE", truth)).status()).isEqualTo(404);
        assertThat(correct(wrong, correction(wrong, tag, truth).replace("A slip", " "))
                        .sentenceAt("reason"))
                .isNotEmpty();
        String early = wrong.path("outAt").asString();
        assertThat(correct(
                                wrong,
                                correction(
                                        wrong,
                                        tag,
                                        ",\"back\":{\"at\":\"%s\",\"use\":%s}"
                                                .formatted(Instant.parse(early).minusSeconds(60), use(0, ""))))
                        .status())
                .isEqualTo(422);
        // The other saw was out at that time itself.
        String tagBefore = tag;
        tag = other;
        outAndBack(1, "");
        assertThat(correct(wrong, correction(wrong, other, truth))
                        .body()
                        .path("detail")
                        .asString())
                .contains("was out on another outing");
        tag = tagBefore;
        assertThat(entry(tag)).isEqualTo(wrong);
        assertThat(tanks(tag)).isEqualTo(2);
        assertThat(tanks(other)).isEqualTo(1);
    }

    /** What is under way cannot be said of a saw that must not be out. */
    @Test
    void aHeldSawIsNotOutByACorrection() {
        api.post(
                "/api/saws/" + other + "/records",
                Checks.step(api, "BRAKE_LEVER", "FAIL", "\"LEVER_DOES_NOT_SNAP\"", ""));
        out();
        JsonNode wrong = entry(tag);
        assertThat(correct(wrong, correction(wrong, other, "")).status()).isEqualTo(409);
        assertThat(entry(tag)).isEqualTo(wrong);
    }
}
