package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Every way round a hold that once worked: none does (handbook section 11). */
@ExtendWith(RunningServer.class)
class WaysRoundAHoldHttpTest {

    private final Api api;
    private String tag;

    WaysRoundAHoldHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aFitSaw() {
        tag = Checks.fitSaw(api, "R");
        assertThat(state()).isEqualTo("FIT");
    }

    private String state() {
        return api.plate(tag).path("state").asString();
    }

    private String headline() {
        return api.plate(tag).path("headline").path("what").asString();
    }

    private Answer record(String step, String said, String findings, String figures, String more) {
        Answer answer = api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, RunningServer.id(), step, said, findings, figures, more));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(204);
        return answer;
    }

    private void fine(String step) {
        record(
                step,
                "FINE",
                "",
                step.equals("SHARPEN") ? "{\"STROKES_LEFT\":\"3\",\"STROKES_RIGHT\":\"3\"}" : "{}",
                "");
    }

    private void fails(String step, String finding) {
        record(step, "FAIL", "\"" + finding + "\"", "{}", "");
    }

    private Answer read(String reading) {
        return api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), reading));
    }

    private Answer release() {
        return api.post("/api/saws/" + tag + "/release", Checks.release());
    }

    private Answer issue() {
        return api.post("/api/outings/issue", Checks.issue(api, tag));
    }

    private void staysHeld() {
        assertThat(state()).isEqualTo("HELD");
        assertThat(release().status()).isEqualTo(409);
        assertThat(issue().status()).isEqualTo(409);
    }

    private JsonNode schedule() {
        return api.get("/api/saws/" + tag + "/schedule").body();
    }

    private List<String> needs() {
        List<String> needs = new ArrayList<>();
        for (JsonNode work : schedule().path("work")) {
            work.path("needs").forEach(need -> needs.add(need.path("step").asString()));
        }
        return needs;
    }

    private Answer strike(String recordId, String person) {
        return api.by(person)
                .post(
                        "/api/records/" + recordId + "/strike",
                        "{\"id\":\"%s\",\"reason\":\"Wrong saw\"}".formatted(RunningServer.id()));
    }

    /** The bar was off at a visit, the closing steps were skipped, or never done at all. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void skippedClosingDoesNotCount(boolean skipped) {
        String visit = RunningServer.id();
        api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(visit));
        record("GROOVE", "FINE", "", "{}", ",\"visitId\":\"" + visit + "\"");
        for (String step : skipped ? new String[] {"REFIT", "TENSION", "NUTS", "BRAKE_RUNNING"} : new String[0]) {
            assertThat(api.post(
                                    "/api/visits/" + visit + "/skip",
                                    "{\"id\":\"%s\",\"step\":\"%s\",\"reason\":\"No time\"}"
                                            .formatted(RunningServer.id(), step))
                            .status())
                    .isEqualTo(200);
        }
        api.post(
                "/api/visits/" + visit + "/end",
                "{\"id\":\"%s\",\"leftOpenReason\":\"No time\"}".formatted(RunningServer.id()));
        assertThat(headline()).isEqualTo("NOT_SET_BACK");
        staysHeld();
        assertThat(needs()).containsExactly("REFIT", "TENSION", "NUTS", "BRAKE_RUNNING");
        fine("REFIT");
        fine("NUTS");
        fine("BRAKE_RUNNING");
        String unfair = Checks.reading("6", Checks.FAIR.replace("\"NOSE_UP\",", ""), 0);
        assertThat(read(unfair).status()).isEqualTo(200);
        staysHeld();
        assertThat(needs()).as("an unfair reading proves nothing").containsExactly("TENSION");
        read(Checks.reading("6"));
        assertThat(state()).isNotEqualTo("HELD");
        assertThat(issue().status()).isEqualTo(204);
    }

    /** A release stands on its proofs: struck out, the retest takes it along, and anybody may do that. */
    @Test
    void aStruckRetestTakesItsReleaseAlong() {
        fails("BRAKE_RUNNING", "CHAIN_NOT_STOPPED");
        String retest = RunningServer.id();
        api.post("/api/saws/" + tag + "/records", Checks.stepOf(api, retest, "BRAKE_RUNNING", "FINE", "", "{}", ""));
        assertThat(release().status()).isEqualTo(204);
        assertThat(state()).isEqualTo("FIT");
        JsonNode effect = api.get("/api/records/" + retest + "/strike").body();
        assertThat(effect.path("saws").get(0).path("before").asString()).isEqualTo("FIT");
        assertThat(effect.path("saws").get(0).path("after").asString()).isEqualTo("HELD");
        assertThat(effect.path("officer").asBoolean()).isFalse();
        assertThat(state()).as("nothing was done yet").isEqualTo("FIT");
        assertThat(strike(retest, api.operator()).status()).isEqualTo(204);
        staysHeld();
        JsonNode fell = schedule().path("holds").get(0).path("fell");
        assertThat(fell.path("step").asString()).isEqualTo("BRAKE_RUNNING");
        assertThat(fell.path("reason").asString()).isEqualTo("Wrong saw");
        fine("BRAKE_RUNNING");
        assertThat(state()).as("released anew, not by itself").isEqualTo("HELD");
        assertThat(release().status()).isEqualTo(204);
        assertThat(state()).isEqualTo("FIT");
    }

    /** Striking a failure out leaves the saw held until it is looked at anew, and needs an officer. */
    @Test
    void aStruckFailureFreesNothing() {
        String failed = RunningServer.id();
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, failed, "BRAKE_LEVER", "FAIL", "\"LEVER_DOES_NOT_SNAP\"", "{}", ""));
        assertThat(api.get("/api/records/" + failed + "/strike")
                        .body()
                        .path("officer")
                        .asBoolean())
                .isTrue();
        assertThat(strike(failed, api.operator()).sentenceAt("")).contains("Only an officer may do this");
        assertThat(strike(failed, api.officer()).status()).isEqualTo(204);
        assertThat(headline()).isEqualTo("LOOK_ANEW");
        staysHeld();
        fine("BRAKE_LEVER");
        assertThat(release().status()).isEqualTo(204);
        assertThat(state()).isEqualTo("FIT");
    }

    /** Taking an "attend" back makes a saw more usable: not by an operator. */
    @Test
    void anAttendIsTheOfficersToTakeBack() {
        String leak = RunningServer.id();
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, leak, "OUTSIDE_LOOK", "ATTEND", "\"LEAK_SEEN\"", "{}", ""));
        JsonNode effect = api.get("/api/records/" + leak + "/strike").body();
        assertThat(effect.path("saws").get(0).path("gained").toString())
                .as("the finding, and the leak that it opened")
                .contains("LEAK_SEEN", "FAULT_FIND");
        assertThat(strike(leak, api.operator()).status()).isEqualTo(403);
        assertThat(strike(leak, api.officer()).status()).isEqualTo(204);
    }

    /** What was found on a loop goes with it: a strike on the first saw would make the second one more usable. */
    @Test
    void aStrikeLooksAtTheSawOnWhichThePartHangsNow() {
        String struck = RunningServer.id();
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, struck, "CHAIN_LOOK", "ATTEND", "\"CUTTERS_STRUCK\"", "{}", ""));
        Checks.takeChainOff(api, tag);
        String other = Checks.fitSaw(api, "R");
        int version = api.get("/api/saws/" + other).body().path("version").asInt();
        Answer fitted = api.post(
                "/api/saws/" + other + "/fittings",
                "{\"id\":\"%1$s\",\"version\":%2$d,\"set\":{\"chain\":{\"tag\":\"C-%3$s\",\"create\":false},\"bar\":{\"tag\":\"B-%4$s\",\"create\":false},\"sprocket\":{\"tag\":\"S-%4$s\",\"create\":false}}}"
                        .formatted(RunningServer.id(), version, tag, other));
        assertThat(fitted.status()).as(fitted.raw().body()).isEqualTo(200);
        JsonNode effect = api.get("/api/records/" + struck + "/strike").body();
        assertThat(effect.path("saws").findValuesAsString("tag")).contains(tag, other);
        assertThat(strike(struck, api.operator()).sentenceAt("")).contains("Only an officer may do this");
        assertThat(strike(struck, api.officer()).status()).isEqualTo(204);
        assertThat(api.plate(other).toString()).doesNotContain("CUTTERS_STRUCK");
    }

    /** A bare "fine" clears no figure, and "attend" clears nothing. */
    @Test
    void aBareFineClearsNoFigure() {
        record("BRAKE_BAND", "FINE", "", "{\"BAND_THICKNESS\":\"0.3\"}", "");
        Checks.setBack(api, tag);
        record("BRAKE_BAND", "FINE", "", "{}", "");
        Checks.setBack(api, tag);
        staysHeld();
        record("BRAKE_BAND", "FINE", "", "{\"BAND_THICKNESS\":\"0.9\"}", "");
        Checks.setBack(api, tag);
        assertThat(release().status()).isEqualTo(204);
    }

    @Test
    void attendClearsNothing() {
        fails("CONTROLS", "THROTTLE_LOCK_FAILS");
        record("CONTROLS", "ATTEND", "", "{}", ",\"note\":\"Still broken, taped\"");
        staysHeld();
        fine("CONTROLS");
        staysHeld();
        fine("NEW_CONTROL_PART");
        staysHeld();
        fine("CONTROLS");
        assertThat(release().status()).isEqualTo(204);
    }

    /** A complaint ends with its cause, repaired and proved; what happens to pass proves no cause away. */
    @ParameterizedTest
    @CsvSource({"grabs, DEPTH_GAUGES", "thrown, TENSION", "creeps, CONTROLS"})
    void aComplaintIsNotLiftedByAPassingTest(String complaint, String passes) {
        String fault = RunningServer.id();
        assertThat(api.post(
                                "/api/saws/" + tag + "/faults",
                                "{\"id\":\"%s\",\"complaint\":\"%s\",\"origin\":\"PERSON\"}"
                                        .formatted(fault, complaint))
                        .status())
                .isEqualTo(204);
        assertThat(state()).isEqualTo("HELD");
        String end = ",\"mistake\":false,\"note\":\"Tried it for half an hour\"";
        assertThat(act(fault, "end", end).body().path("detail").asString()).contains("has to pass its test");
        if (passes.equals("TENSION")) {
            read(Checks.reading("6"));
        } else {
            record(passes, "FINE", "", passes.equals("DEPTH_GAUGES") ? "{\"GAUGE_SETTING\":\"0.65\"}" : "{}", "");
        }
        staysHeld();
        assertThat(needsKinds()).containsExactly("CAUSE");
        assertThat(act(fault, "end", ",\"mistake\":false,\"note\":\" \"").sentenceAt("note"))
                .isEqualTo("Write a few words here.");
        assertThat(act(fault, "end", end).status()).isEqualTo(204);
        assertThat(release().status()).isEqualTo(204);
    }

    private List<String> needsKinds() {
        List<String> kinds = new ArrayList<>();
        for (JsonNode work : schedule().path("work")) {
            work.path("needs").forEach(need -> kinds.add(need.path("kind").asString()));
        }
        return kinds;
    }

    private Answer act(String fault, String act, String more) {
        return api.post("/api/faults/" + fault + "/" + act, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
    }

    /** A throttle that sticks, said in a few words: a look from outside does not prove that it does not. */
    @Test
    void whatACrewSaysIsLookedAtAllRound() {
        assertThat(issue().status()).isEqualTo(204);
        String sticks =
                Checks.backSaw(tag, 1, ",\"complaint\":\"Throttle sticks\"").replace("\"hold\":false", "\"hold\":true");
        assertThat(api.post("/api/outings/return", Checks.back(api, sticks)).status())
                .isEqualTo(204);
        fine("OUTSIDE_LOOK");
        staysHeld();
        fine("BRAKE_LEVER");
        fine("CONTROLS");
        assertThat(release().status()).isEqualTo(204);
    }

    /** A lean engine is proved by its plug. */
    @Test
    void aLeanEngineIsProvedByItsPlug() {
        String fault = RunningServer.id();
        api.post(
                "/api/saws/" + tag + "/faults",
                "{\"id\":\"%s\",\"complaint\":\"hot-or-weak\",\"origin\":\"PERSON\"}".formatted(fault));
        assertThat(act(fault, "cause", ",\"cause\":\"mixture-lean\"").status()).isEqualTo(204);
        fine("CONTROLS");
        staysHeld();
        assertThat(needs()).containsExactly("PLUG");
        fine("PLUG");
        assertThat(release().status()).isEqualTo(204);
    }

    /** Parts do not heal: the gauge that was too low is not lower for being measured again. */
    @Test
    void aGaugeDoesNotRiseByItself() {
        record("DEPTH_GAUGES", "FINE", "", "{\"GAUGE_SETTING\":\"1.05\"}", "");
        String question =
                "{\"step\":\"DEPTH_GAUGES\",\"noted\":false,\"input\":{\"said\":\"FINE\",\"findings\":[],\"figures\":{\"GAUGE_SETTING\":\"0.65\"}}}";
        JsonNode doubt = api.post("/api/saws/" + tag + "/records/preview", question)
                .body()
                .path("doubts")
                .get(0);
        assertThat(doubt.path("before").asDouble()).isEqualTo(1.05);
        record("DEPTH_GAUGES", "FINE", "", "{\"GAUGE_SETTING\":\"0.65\"}", "");
        staysHeld();
        assertThat(schedule().path("doubted").get(0).path("figure").asDouble()).isEqualTo(0.65);
        fine("SHARPEN");
        record("DEPTH_GAUGES", "FINE", "", "{\"GAUGE_SETTING\":\"0.66\"}", "");
        assertThat(schedule().path("doubted").size()).isZero();
        assertThat(release().status()).isEqualTo(204);
    }

    /** No loop gets longer cutters, no groove gets deeper: what is measured so counts for nothing. */
    @Test
    void whatGotBetterByItselfIsNotBelieved() {
        record("CHAIN_LOOK", "FINE", "", "{\"SHORTEST_CUTTER\":\"5.0\"}", "");
        record("CHAIN_LOOK", "FINE", "", "{\"SHORTEST_CUTTER\":\"8.0\"}", "");
        record("GROOVE", "FINE", "", "{\"GROOVE_DEPTH\":\"7.0\"}", "");
        record("GROOVE", "FINE", "", "{\"GROOVE_DEPTH\":\"9.0\"}", "");
        assertThat(schedule().path("doubted").size()).isEqualTo(2);
        Answer play = api.post(
                "/api/saws/" + tag + "/tension-checks",
                Checks.checkOf(api, RunningServer.id(), "ROUTINE", ",\"jointPlay\":\"0.8\"", Checks.reading("6")));
        assertThat(play.status()).as("a slip for 0.08").isEqualTo(422);
        assertThat(play.sentenceAt("jointPlay")).isNotEmpty();
    }

    /** A chain that will not move holds, jammed or stuck; a dry one that is loose all the same, too. */
    @ParameterizedTest
    @CsvSource({
        "6, WILL_NOT_MOVE, true, JAMMED",
        "2, WILL_NOT_MOVE, true, STUCK_TIGHT",
        "36, ONE_FINGER, false, THROW_RISK"
    })
    void whatMustNotRunHolds(String mm, String moves, boolean oiled, String what) {
        String met = oiled ? Checks.FAIR : Checks.FAIR.replace("\"OILED\",", "");
        read(Checks.reading(mm, met, 0).replace("ONE_FINGER", moves));
        assertThat(headline()).isEqualTo(what);
        staysHeld();
        read(Checks.reading("6", Checks.FAIR.replace("\"NOSE_UP\",", ""), 0));
        staysHeld();
        read(Checks.reading("6"));
        assertThat(state()).isEqualTo("HELD");
        assertThat(release().status()).isEqualTo(204);
    }

    /** Not oiling is no operator's to lift with a card. */
    @Test
    void aCardDoesNotLiftNotOiling() {
        assertThat(issue().status()).isEqualTo(204);
        assertThat(api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 3, ",\"oilShare\":0.3")))
                        .status())
                .isEqualTo(204);
        Checks.testBrake(api, tag);
        read(Checks.reading("6"));
        assertThat(headline()).isEqualTo("NOT_OILING");
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(api, "OIL_CARD", "FINE", "", "").replace(api.officer(), api.operator()));
        assertThat(headline()).isEqualTo("RELEASE_WAITS");
        assertThat(issue().status()).isEqualTo(409);
        assertThat(release().status()).isEqualTo(204);
        assertThat(state()).isNotEqualTo("HELD");
    }

    /** Weeks of rest: looked over before it is used. */
    @Test
    void aRestedSawIsLookedOver() {
        String rested = "W" + RunningServer.id().substring(0, 6);
        String saw = Checks.newSaw(api, RunningServer.id(), rested, 68)
                .replace(
                        LocalDate.now().minusDays(25).toString(),
                        LocalDate.now().minusDays(85).toString());
        api.post("/api/saws", saw);
        tag = rested;
        Checks.setBack(api, tag);
        fine("BRAKE_LEVER");
        assertThat(headline()).isEqualTo("RESTED");
        assertThat(needs()).containsExactly("OUTSIDE_LOOK", "FILL", "OIL_CARD");
        assertThat(issue().status()).isEqualTo(409);
        fine("OUTSIDE_LOOK");
        fine("FILL");
        fine("OIL_CARD");
        assertThat(issue().status()).isEqualTo(204);
    }

    /** A strike is cleared by a look at the chain and a sharpening with strokes, not by either alone. */
    @Test
    void aStrikeWantsALookAndStrokes() {
        assertThat(issue().status()).isEqualTo(204);
        api.post(
                "/api/outings/return",
                Checks.back(
                        api, Checks.backSaw(tag, 1, "").replace("\"groundStruck\":false", "\"groundStruck\":true")));
        record("SHARPEN", "FINE", "", "{\"STROKES_LEFT\":\"0\",\"STROKES_RIGHT\":\"0\"}", "");
        fine("CHAIN_LOOK");
        assertThat(struck()).as("no stroke was made").isTrue();
        fine("SHARPEN");
        assertThat(struck()).isFalse();
    }

    @Test
    void aSharpeningAloneClearsNoStrike() {
        assertThat(issue().status()).isEqualTo(204);
        api.post(
                "/api/outings/return",
                Checks.back(
                        api, Checks.backSaw(tag, 1, "").replace("\"groundStruck\":false", "\"groundStruck\":true")));
        fine("SHARPEN");
        assertThat(struck()).as("nobody looked").isTrue();
        fine("CHAIN_LOOK");
        assertThat(struck()).isFalse();
    }

    private boolean struck() {
        for (JsonNode task : schedule().path("tasks")) {
            if (task.path("task").asString().equals("SHARPEN")) {
                return task.path("events").toString().contains("GROUND_STRUCK");
            }
        }
        throw new AssertionError("no sharpening");
    }

    /** A loop with a missing cutter is out of use for good: no look brings it back, here or on another saw. */
    @Test
    void aLookDoesNotBringALoopBack() {
        String found = RunningServer.id();
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, found, "CHAIN_LOOK", "FAIL", "\"CUTTER_MISSING\"", "{}", ""));
        fine("CHAIN_LOOK");
        staysHeld();
        assertThat(needs()).containsExactly("REPLACE_CHAIN");
        Checks.takeChainOff(api, tag);
        String other = "Q" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), other, 68));
        Checks.takeChainOff(api, other);
        Answer fitted = api.post(
                "/api/saws/" + other + "/records",
                Checks.step(
                        api,
                        "REPLACE_CHAIN",
                        "FINE",
                        "",
                        ",\"part\":{\"tag\":\"C-" + tag + "\",\"newChain\":false,\"soakHours\":0}"));
        assertThat(fitted.status()).isEqualTo(409);
        assertThat(strike(found, api.operator()).status()).isEqualTo(403);
        assertThat(strike(found, api.officer()).status()).isEqualTo(204);
    }

    /** Broken cutters that were entered in the vice do not vanish when the loop is taken out without a record. */
    @Test
    void brokenCuttersInTheViceDoNotVanish() {
        String vice = RunningServer.id();
        String who = "{\"id\":\"%s\"%s}";
        Api hand = api.by(api.operator());
        hand.post("/api/saws/" + tag + "/sharpening", who.formatted(vice, ""));
        hand.post(
                "/api/sharpenings/" + vice + "/cutters",
                who.formatted(RunningServer.id(), ",\"place\":4,\"after\":false,\"damage\":\"BROKEN\""));
        hand.post("/api/sharpenings/" + vice + "/leave", who.formatted(RunningServer.id(), ",\"reason\":\"No time\""));
        staysHeld();
        assertThat(needs()).containsExactly("REPLACE_CHAIN");
    }

    /** A length past the mark after filing holds as any other. */
    @Test
    void pastTheMarkAfterFilingHolds() {
        record(
                "SHARPEN",
                "FINE",
                "",
                "{\"STROKES_LEFT\":\"3\",\"STROKES_RIGHT\":\"3\",\"FILED_SHORTEST\":\"3.8\"}",
                "");
        staysHeld();
        assertThat(needs()).containsExactly("REPLACE_CHAIN");
    }

    /** A tag is one saw's, however it is written. */
    @Test
    void oneTagIsOneSaw() {
        Answer again = api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag.toLowerCase(), 68));
        assertThat(again.sentenceAt("tag")).contains("already on another saw");
        assertThat(api.get("/api/saws/" + tag.toLowerCase()).body().path("tag").asString())
                .isEqualTo(tag);
        assertThat(Instant.parse(api.get("/api/saws/" + tag + "/tension")
                        .body()
                        .path("checks")
                        .get(0)
                        .path("at")
                        .asString()))
                .isBefore(Instant.now().plusSeconds(60));
    }

    /** What is written down later belongs to the parts that were on the saw then: the new loop was not out last week. */
    @Test
    void anOutingOfLastWeekBelongsToTheLoopOfThen() {
        String next = "N" + RunningServer.id().substring(0, 6);
        api.post(
                "/api/parts",
                "{\"id\":\"%s\",\"costCents\":2600,\"chain\":{\"tag\":\"%s\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68,\"newCutter\":\"9.5 mm\"}}"
                        .formatted(RunningServer.id(), next));
        record(
                "REPLACE_CHAIN",
                "FINE",
                "",
                "{}",
                ",\"part\":{\"tag\":\"" + next + "\",\"newChain\":false,\"soakHours\":12}");
        Checks.setBack(api, tag);
        fine("SPROCKET");
        Checks.setBack(api, tag);
        String lastWeek = Checks.issue(api, tag)
                .replaceFirst("\"at\":\"[^\"]*\"", "\"at\":\"" + Instant.now().minusSeconds(7 * 86_400) + "\"");
        assertThat(api.post("/api/outings/issue", lastWeek).status()).isEqualTo(204);
        String back = Checks.back(
                        api, Checks.backSaw(tag, 2, "").replace("\"groundStruck\":false", "\"groundStruck\":true"))
                .replaceFirst(
                        "\\{",
                        "{\"at\":\"" + Instant.now().minusSeconds(6 * 86_400) + "\",\"reason\":\"Found on a slip\",");
        assertThat(api.post("/api/outings/return", back).status()).isEqualTo(204);
        assertThat(struck()).as("the new loop struck nothing").isFalse();
        assertThat(api.get("/api/parts/" + next).body().path("tanks").asDouble())
                .isZero();
        assertThat(RunningServer.bean(EntityManager.class)
                        .createQuery(
                                "select c.tag from Outing o join Chain c on c.id = o.chainId join Saw s on s.id = o.sawId"
                                        + " where s.tag = :tag",
                                String.class)
                        .setParameter("tag", tag)
                        .getResultList())
                .containsExactly("C-" + tag);
    }
}
