package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** From a complaint to its end over HTTP: the finder's questions, bench work, holds, proofs, and what is refused. */
@ExtendWith(RunningServer.class)
class FaultHttpTest {

    private static final int MOST_QUESTIONS = 30;

    private final Api api;
    private String tag;

    FaultHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aServedSaw() {
        tag = "F" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
    }

    private String complain(String complaint) {
        String id = RunningServer.id();
        assertThat(open(id, complaint).status()).isEqualTo(204);
        return id;
    }

    private Answer open(String id, String complaint) {
        return api.post("/api/saws/" + tag + "/faults", """
                {"id":"%s","complaint":"%s","seen":"Said at the gate","origin":"PERSON"}""".formatted(id, complaint));
    }

    private String by() {
        return "\"id\":\"%s\"".formatted(RunningServer.id());
    }

    /** {@code more} is further JSON members, each with a leading comma. */
    private Answer act(String fault, String act, String more) {
        return api.post("/api/faults/" + fault + "/" + act, "{" + by() + more + "}");
    }

    private JsonNode fault(String id) {
        return api.get("/api/faults/" + id).body();
    }

    private Answer answer(String fault, String check, String answer) {
        int expects = fault(fault).path("path").size();
        String given = answer == null ? "" : ",\"answer\":\"" + answer + "\"";
        return act(fault, "answers", ",\"check\":\"%s\",\"expects\":%d%s".formatted(check, expects, given));
    }

    private Answer record(String step, String said, String findings) {
        return api.post("/api/saws/" + tag + "/records", Checks.step(api, step, said, findings, ""));
    }

    private List<String> waits() {
        List<String> waits = new ArrayList<>();
        for (JsonNode row : api.get("/api/board").body().path("work")) {
            if (row.path("tag").asString().equals(tag)) {
                row.path("work").forEach(work -> waits.add(work.path("what").asString()));
            }
        }
        return waits;
    }

    private static JsonNode offered(JsonNode fault, String check) {
        List<JsonNode> offered = new ArrayList<>(List.of(fault.path("next")));
        fault.path("others").forEach(offered::add);
        fault.path("more").forEach(offered::add);
        return offered.stream()
                .filter(offer -> offer.path("code").asString().equals(check))
                .findFirst()
                .orElseThrow();
    }

    private List<String> known(String id) {
        List<String> known = new ArrayList<>();
        fault(id)
                .path("known")
                .forEach(k -> known.add(
                        k.path("check").asString() + ": " + k.path("said").asString()));
        return known;
    }

    @Test
    void whatTheBenchHasFoundStandsAsAnAnswerUntilTheSawGoesOut() {
        record("GROOVE", "ATTEND", "\"OIL_HOLE_BLOCKED\"");
        String id = complain("runs-dry");
        assertThat(known(id)).contains("groove-free: an oil hole or the groove was blocked");
        assertThat(fault(id).path("minutes").asDouble()).isZero();
        assertThat(fault(id).path("next").path("code").asString())
                .as("what is known is not asked")
                .isNotEqualTo("groove-free");
        // The hole was cleared and looked at again: only the latest record counts.
        record("GROOVE", "FINE", "");
        assertThat(known(id)).contains("groove-free: groove and oil holes are free");
        Checks.setBack(api, tag);
        api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1, "")))
                        .status())
                .isEqualTo(204);
        assertThat(known(id)).noneMatch(k -> k.startsWith("groove-free"));
    }

    @Test
    void whatIsKnownIsDoubtedWithOneKeyAndAskedAgain() {
        record("GROOVE", "FINE", "");
        String id = complain("runs-dry");
        assertThat(known(id)).anyMatch(k -> k.startsWith("groove-free"));
        assertThat(act(id, "doubt", ",\"check\":\"groove-free\"").status()).isEqualTo(204);
        assertThat(known(id)).noneMatch(k -> k.startsWith("groove-free"));
        assertThat(offered(fault(id), "groove-free").path("minutes").asDouble()).isPositive();
        assertThat(act(id, "doubt", ",\"check\":\"groove-free\"")
                        .body()
                        .path("detail")
                        .asString())
                .isEqualTo("This check has no answer to take back.");
        // A given answer is doubted the same way.
        answer(id, "groove-free", "blocked");
        assertThat(fault(id).path("path").size()).isEqualTo(1);
        act(id, "doubt", ",\"check\":\"groove-free\"");
        assertThat(fault(id).path("path").size()).isZero();
    }

    @Test
    void wordsOfAReturnBecomeAFaultThatIsSorted() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        Answer back = api.post(
                "/api/outings/return",
                Checks.back(api, Checks.backSaw(tag, 1, ",\"complaint\":\"Brake did not stop it at once\"")));
        assertThat(back.status()).isEqualTo(204);
        JsonNode line = api.get("/api/saws/" + tag + "/faults").body().get(0);
        String id = line.path("id").asString();
        assertThat(line.path("stage").asString()).isEqualTo("SORT");
        assertThat(line.path("held").asBoolean())
                .as("words near to a complaint that can hurt somebody hold until they are sorted and proved")
                .isTrue();
        assertThat(fault(id).path("nearest").get(0).path("title").asString())
                .isEqualTo("Brake does not stop the chain");
        assertThat(act(id, "close", "").body().path("detail").asString())
                .startsWith("This complaint is in words only.");
        assertThat(act(id, "sort", ",\"complaint\":\"sings\"").status()).isEqualTo(422);
        assertThat(act(id, "sort", ",\"complaint\":\"brake-does-not-stop\"").status())
                .isEqualTo(204);
        JsonNode sorted = fault(id);
        assertThat(sorted.path("stage").asString()).isEqualTo("FIND");
        assertThat(sorted.path("complaint").path("title").asString()).isEqualTo("Brake does not stop the chain");
        assertThat(sorted.path("seen").asString()).isEqualTo("Brake did not stop it at once");
        assertThat(act(id, "sort", ",\"complaint\":\"dust\"")
                        .body()
                        .path("detail")
                        .asString())
                .isEqualTo("This complaint is sorted already.");
        assertThat(api.get("/api/log?saw=" + tag + "&kinds=FAULT").body().toString())
                .contains("Complaint in words", "SORTED", "Brake does not stop the chain");
    }

    @Test
    void aComplaintThatIsStillThereAfterItsProofGoesOnWithTheRest() {
        String id = complain("runs-dry");
        act(id, "cause", ",\"cause\":\"bar-oil-hole-blocked\"");
        assertThat(act(id, "still-there", "").status()).as("not proved yet").isEqualTo(409);
        record("GROOVE", "FINE", "");
        record("OIL_CARD", "FINE", "");
        assertThat(fault(id).path("stage").asString()).isEqualTo("CLOSES");
        assertThat(act(id, "still-there", "").status()).isEqualTo(204);
        JsonNode goesOn = fault(id);
        assertThat(goesOn.path("stage").asString()).isEqualTo("FIND");
        assertThat(goesOn.path("ranking").get(0).path("code").asString()).isNotEqualTo("bar-oil-hole-blocked");
        for (JsonNode ranked : goesOn.path("ranking")) {
            if (ranked.path("code").asString().equals("bar-oil-hole-blocked")) {
                assertThat(ranked.path("share").asDouble()).isZero();
            }
        }
    }

    @Test
    void ofTwoAnswersAtOnceOneIsTold() {
        String id = complain("runs-dry");
        String check = fault(id).path("next").path("code").asString();
        // Each has seen no answer yet; only one of them can be the first.
        List<CompletableFuture<Integer>> both = Stream.generate(() -> CompletableFuture.supplyAsync(
                        () -> act(id, "answers", ",\"check\":\"%s\",\"expects\":0".formatted(check))
                                .status()))
                .limit(2)
                .toList();
        assertThat(both.stream().map(CompletableFuture::join)).containsExactlyInAnyOrder(204, 409);
        assertThat(fault(id).path("path").size()).isEqualTo(1);
    }

    @Test
    void aDryChainIsFollowedToItsBlockedHoleRepairedProvedAndClosed() {
        String id = complain("runs-dry");
        assertThat(waits()).contains("FAULT_FIND");
        JsonNode begun = fault(id);
        assertThat(begun.path("outcome").asString()).isEqualTo("ASKS");
        assertThat(begun.path("next").path("answers").size()).isGreaterThan(1);
        answer(id, "oil-level", "right");
        answer(id, "outlet-runs", "comes");
        answer(id, "groove-free", "blocked");
        JsonNode clear = fault(id);
        assertThat(clear.path("outcome").asString()).isEqualTo("CLEAR");
        JsonNode first = clear.path("ranking").get(0);
        assertThat(first.path("title").asString()).isEqualTo("Oil hole or groove of the bar blocked");
        List<String> why = new ArrayList<>();
        first.path("evidence").forEach(e -> why.add(e.path("said").asString()));
        assertThat(why).contains("oil came at the outlet with the bar off", "an oil hole or the groove was blocked");
        // Level 1; bar off 7 and the look at the outlet 2; the groove 1, with the bar off already.
        assertThat(clear.path("minutes").asDouble()).isCloseTo(11, within(1e-9));

        assertThat(act(id, "close", "").body().path("detail").asString())
                .isEqualTo("The cause is not found yet. Find it, or send the saw to a qualified mechanic.");
        assertThat(act(id, "cause", ",\"cause\":\"bar-oil-hole-blocked\"").status())
                .isEqualTo(204);
        assertThat(fault(id).path("stage").asString()).isEqualTo("REPAIR");
        assertThat(waits()).contains("FAULT_REPAIR");
        assertThat(act(id, "close", "").body().path("detail").asString())
                .isEqualTo("Still to be done: groove and oil holes.");
        record("GROOVE", "FINE", "");
        assertThat(act(id, "close", "").body().path("detail").asString())
                .isEqualTo("Still to prove by a passing record: oil card test.");
        record("OIL_CARD", "FINE", "");
        assertThat(fault(id).path("stage").asString()).isEqualTo("CLOSES");
        String operator = "{" + by() + "}";
        assertThat(api.by(api.operator())
                        .post("/api/faults/" + id + "/close", operator)
                        .status())
                .isEqualTo(403);
        assertThat(act(id, "close", ",\"note\":\"Chips in the hole\"").status()).isEqualTo(204);
        assertThat(fault(id).path("stage").asString()).isEqualTo("CLOSED");
        assertThat(waits()).doesNotContain("FAULT_CLOSES");
        assertThat(act(id, "close", "").body().path("detail").asString()).isEqualTo("This fault is closed.");
        String log = api.get("/api/log?saw=" + tag + "&kinds=FAULT").body().toString();
        assertThat(log).contains("Chain runs dry", "Chips in the hole", "CAUSE_FOUND");
    }

    @Test
    void aSafetyComplaintHoldsTheSawBeforeTheFirstQuestion() {
        String id = complain("brake-does-not-stop");
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).status())
                .isEqualTo(409);
        act(id, "cause", ",\"cause\":\"brake-band-worn\"");
        record("NEW_BAND", "FINE", "");
        record("BRAKE_BAND", "FINE", "");
        record("BRAKE_RUNNING", "FAIL", "\"CHAIN_NOT_STOPPED\"");
        Answer release = api.post("/api/saws/" + tag + "/release", Checks.release());
        assertThat(release.status()).isEqualTo(409);
        assertThat(release.body().path("detail").asString())
                .isEqualTo("Saw " + tag + " stays held. Still missing: brake test at full throttle.");
        record("BRAKE_RUNNING", "FINE", "");
        assertThat(api.post("/api/saws/" + tag + "/release", Checks.release()).status())
                .isEqualTo(204);
        assertThat(act(id, "close", "").status()).isEqualTo(204);
        assertThat(api.plate(tag).path("headline").path("what").asString())
                .as("the band was looked at: the cover was off")
                .isEqualTo("NOT_SET_BACK");
        Checks.setBack(api, tag);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
    }

    /** The complaint holds already: its cause, which needs the same proof, adds no second hold of the fault. */
    @Test
    void aFaultHoldsOnceForOneProof() {
        String id = complain("brake-does-not-stop");
        act(id, "cause", ",\"cause\":\"brake-band-worn\"");
        JsonNode holds = api.get("/api/saws/" + tag + "/schedule").body().path("holds");
        assertThat(holds.size()).isEqualTo(1);
        assertThat(holds.get(0).path("step").asString()).isEqualTo("BRAKE_RUNNING");
        record("BRAKE_LEVER", "FAIL", "\"LEVER_DOES_NOT_SNAP\"");
        assertThat(api.get("/api/saws/" + tag + "/schedule")
                        .body()
                        .path("holds")
                        .size())
                .as("another failure is another hold")
                .isEqualTo(2);
    }

    /** Answers given within one moment stand in the order in which they were given. */
    @Test
    void answersKeepTheirOrder() {
        String id = complain("runs-dry");
        List<String> given = List.of("oil-level", "groove-free", "drive-drag", "oil-hose-look");
        JsonNode stands = fault(id);
        List<String> asked = given.stream()
                .map(check -> offered(stands, check).path("title").asString())
                .toList();
        given.forEach(check -> answer(id, check, null));
        List<String> path = new ArrayList<>();
        fault(id).path("path").forEach(made -> path.add(made.path("title").asString()));
        assertThat(path).isEqualTo(asked);
    }

    @Test
    void anUnknownFaultIsToldInWords() {
        String unknown = RunningServer.id();
        assertThat(api.get("/api/faults/" + unknown).status()).isEqualTo(404);
        for (String what : List.of("back", "drop", "close", "stand")) {
            Answer gone = act(unknown, what, what.equals("stand") ? ",\"full\":true" : "");
            assertThat(gone.status()).as(what).isEqualTo(404);
            assertThat(gone.body().path("detail").asString()).isEqualTo("There is no such fault.");
        }
    }

    @Test
    void aComplaintFromAReturnOpensAFaultInTheSameWrite() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        Answer back = api.post(
                "/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1, ",\"complaintCode\":\"thrown\"")));
        assertThat(back.status()).isEqualTo(204);
        JsonNode line = api.get("/api/saws/" + tag + "/faults").body().get(0);
        assertThat(line.path("origin").asString()).isEqualTo("RETURN");
        assertThat(line.path("complaint").asString()).isEqualTo("Chain was thrown");
        assertThat(line.path("held").asBoolean()).isTrue();
    }

    @Test
    void aReturnWithAnUnknownComplaintKeepsTheSawOut() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        Answer unknown = api.post(
                "/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1, ",\"complaintCode\":\"sings\"")));
        assertThat(unknown.sentenceAt("saws[0].complaintCode")).isEqualTo("There is no such complaint.");
        assertThat(api.get("/api/outings/open").body().toString()).contains(tag);
    }

    @Test
    void answersAreTakenBackAndAStaleOneIsRefused() {
        String id = complain("dust");
        answer(id, "corner-glint", "both");
        double sure = fault(id).path("ranking").get(0).path("share").asDouble();
        Answer stale = act(id, "answers", ",\"check\":\"edge-damage\",\"answer\":\"whole\",\"expects\":0");
        assertThat(stale.body().path("detail").asString())
                .isEqualTo("Somebody else has answered in the meantime. Look at it as it is now.");
        assertThat(answer(id, "edge-damage", "purple").body().path("detail").asString())
                .isEqualTo("This is not an answer to this check.");
        assertThat(answer(id, "fuel-look", "old").body().path("detail").asString())
                .isEqualTo("This check tells nothing about this complaint.");
        act(id, "back", "");
        assertThat(fault(id).path("path").size()).isZero();
        assertThat(fault(id).path("ranking").get(0).path("share").asDouble()).isLessThan(sure);
        assertThat(act(id, "back", "").body().path("detail").asString()).isEqualTo("There is no answer to take back.");
        answer(id, "corner-glint", null);
        assertThat(fault(id).path("path").get(0).has("answer")).isFalse();
    }

    @Test
    void answersThatContradictEachOtherAreTold() {
        String id = complain("runs-dry");
        answer(id, "oil-level", "right");
        answer(id, "outlet-runs", "comes");
        // The service before saw a line of oil on the card.
        JsonNode confirmed = fault(id).path("clash");
        assertThat(confirmed.path("said").asString()).isEqualTo("a line of oil came on the card");
        assertThat(confirmed.has("with"))
                .as("it speaks against the complaint itself")
                .isFalse();
        act(id, "doubt", ",\"check\":\"oil-card\"");
        answer(id, "oil-card", "none");
        // All else is as it should be.
        for (String fine : List.of("outlet-clean=clean", "drive-drag=drags", "vent-try=same", "pump-flow=delivers")) {
            answer(id, fine.split("=")[0], fine.split("=")[1]);
        }
        JsonNode clash = fault(id);
        assertThat(List.of(
                        clash.path("clash").path("said").asString(),
                        clash.path("clash").path("with").asString()))
                .containsExactlyInAnyOrder("groove and oil holes are free", "oil came at the outlet with the bar off");
        assertThat(clash.path("clash").path("title").asString()).isNotEmpty();
        assertThat(clash.path("outcome").asString()).isNotEqualTo("CLEAR");
    }

    @Test
    void aCauseCanBeDroppedAndTheMechanicTakesWhatNobodyFinds() {
        String id = complain("stumbles");
        assertThat(act(id, "drop", "").body().path("detail").asString()).isEqualTo("The cause is not found yet.");
        assertThat(act(id, "cause", ",\"cause\":\"oil-cap-seal-worn\"")
                        .body()
                        .path("detail")
                        .asString())
                .isEqualTo("This cause cannot be behind this complaint on this saw.");
        act(id, "cause", ",\"cause\":\"plug-fouled\"");
        assertThat(answer(id, "plug-look", "tan").body().path("detail").asString())
                .startsWith("The cause is found already.");
        act(id, "drop", "");
        assertThat(fault(id).path("stage").asString()).isEqualTo("FIND");
        assertThat(act(id, "mechanic", "").sentenceAt("note")).isEqualTo("Write a few words here.");
        act(id, "mechanic", ",\"note\":\"Ash Vale workshop, Thursday\"");
        assertThat(fault(id).path("stage").asString()).isEqualTo("WITH_MECHANIC");
        record("CONTROLS", "FINE", "");
        assertThat(act(id, "close", "").status()).isEqualTo(204);
    }

    @Test
    void aLeakIsNotClosedAfterAnHour() {
        String id = complain("oil-lost");
        act(id, "cause", ",\"cause\":\"oil-cap-seal-worn\"");
        record("NEW_CAP_SEAL", "FINE", "");
        record("OUTSIDE_LOOK", "FINE", "");
        assertThat(fault(id).path("stage").asString()).isEqualTo("STAND");
        assertThat(act(id, "close", "").body().path("detail").asString())
                .isEqualTo("A leak is closed only by a dry day on fresh card: 24 hours, and a dry look at their end."
                        + " It has not stood on card since its repair.");
        assertThat(act(id, "look", ",\"wet\":\"DRY\"").body().path("detail").asString())
                .isEqualTo("Saw " + tag + " is not standing on card. Stand it there first.");
        assertThat(act(id, "stand", ",\"full\":false").sentenceAt("full"))
                .isEqualTo("An empty tank proves nothing about where it leaks. Fill the oil, then stand it.");
        act(id, "stand", ",\"full\":true,\"note\":\"New cap seal\"");
        act(id, "look", ",\"wet\":\"DRY\"");
        assertThat(act(id, "close", "").body().path("detail").asString()).endsWith("It has stood 0 hours.");
        JsonNode onCard = null;
        for (JsonNode row : api.get("/api/board").body().path("onCard")) {
            onCard = row.path("tag").asString().equals(tag) ? row : onCard;
        }
        assertThat(onCard).isNotNull();
        assertThat(onCard.path("state").asString()).isEqualTo("STANDS");
        act(id, "look", ",\"wet\":\"CAP\"");
        JsonNode wet = fault(id).path("watch");
        assertThat(wet.path("state").asString()).isEqualTo("WET");
        assertThat(wet.path("suspects").get(0).asString()).isEqualTo("CAP_SEAL");
    }

    @Test
    void aRepairJoinsTheVisitThatIsUnderWay() {
        String id = complain("runs-dry");
        String visit = RunningServer.id();
        api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(visit));
        act(id, "cause", ",\"cause\":\"oil-outlet-packed\"");
        List<String> steps = new ArrayList<>();
        api.get("/api/visits/" + visit)
                .body()
                .path("steps")
                .forEach(step -> steps.add(step.path("step").asString()));
        assertThat(steps).contains("CLEAN_COVER", "OIL_CARD", "TENSION", "NUTS");
    }

    @Test
    void aRetiredSawTakesNoComplaint() {
        api.post(
                "/api/saws/" + tag + "/retirement",
                "{\"id\":\"%s\",\"version\":%d,\"reason\":\"Worn out\"}"
                        .formatted(
                                RunningServer.id(),
                                api.get("/api/saws/" + tag)
                                        .body()
                                        .path("version")
                                        .asInt()));
        Answer refused = open(RunningServer.id(), "dust");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("detail").asString()).contains("is retired");
    }

    @ParameterizedTest
    @CsvSource({
        "bulb-does-nothing, A saw of this kind cannot have this complaint.",
        "sings, There is no such complaint."
    })
    void aComplaintThatCannotBeIsRefused(String complaint, String sentence) {
        assertThat(open(RunningServer.id(), complaint).sentenceAt("complaint")).isEqualTo(sentence);
    }

    /** Every other complaint of the job, on a saw that can have it: the questions come to an end, and the end is a way on. */
    @ParameterizedTest
    @CsvSource({
        "oil-lost,            PETROL,  AUTOMATIC_FIXED,      1",
        "cuts-right,          PETROL,  AUTOMATIC_FIXED,      3",
        "dust,                PETROL,  AUTOMATIC_FIXED,      2",
        "grabs,               BATTERY, AUTOMATIC_FIXED,      3",
        "will-not-stay-tight, PETROL,  AUTOMATIC_ADJUSTABLE, 2",
        "binds,               PETROL,  AUTOMATIC_FIXED,      2",
        "thrown,              CORDED,  AUTOMATIC_FIXED,      2",
        "brake-stuck,         PETROL,  AUTOMATIC_FIXED,      1",
        "hot-or-weak,         CORDED,  AUTOMATIC_FIXED,      2",
        "hot-or-weak,         PETROL,  AUTOMATIC_FIXED,      1",
        "stumbles,            PETROL,  AUTOMATIC_FIXED,      2",
        "stumbles,            BATTERY, AUTOMATIC_FIXED,      1",
        "creeps,              PETROL,  AUTOMATIC_FIXED,      1",
        "creeps,              BATTERY, AUTOMATIC_FIXED,      2",
        "vibrates,            PETROL,  AUTOMATIC_FIXED,      1",
        "bar-blue,            PETROL,  AUTOMATIC_FIXED,      2",
        "bulb-does-nothing,   PETROL,  HAND_BULB,            2",
    })
    void everyComplaintComesToAnEnd(String complaint, String power, String oiler, int wish) {
        tag = "G" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68, power, oiler));
        String id = complain(complaint);
        JsonNode stands = fault(id);
        for (int asked = 0; stands.path("outcome").asString().equals("ASKS"); asked++) {
            assertThat(asked).as("still asking").isLessThan(MOST_QUESTIONS);
            JsonNode answers = stands.path("next").path("answers");
            JsonNode given = answers.path(wish <= answers.size() ? wish - 1 : 0);
            assertThat(answer(
                                    id,
                                    stands.path("next").path("code").asString(),
                                    given.path("code").asString())
                            .status())
                    .isEqualTo(204);
            stands = fault(id);
        }
        assertThat(stands.path("ranking").size()).isPositive();
        if (stands.path("outcome").asString().equals("CLEAR")) {
            String cause = stands.path("ranking").get(0).path("code").asString();
            assertThat(act(id, "cause", ",\"cause\":\"" + cause + "\"").status())
                    .isEqualTo(204);
        } else {
            assertThat(act(id, "mechanic", ",\"note\":\"Ash Vale workshop\"").status())
                    .isEqualTo(204);
        }
        assertThat(fault(id).path("stage").asString()).isNotEqualTo("FIND");
    }

    private void outing(double tanks, double oil) {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, tanks, ",\"oilShare\":" + oil)));
    }

    /** Out and straight back: nothing burned, and an outing all the same. */
    private void shortOuting() {
        String issue = Checks.issue(api, tag).replaceFirst(",\"at\":\"[^\"]+\"", "");
        assertThat(api.post("/api/outings/issue", issue).status()).isEqualTo(204);
        assertThat(api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 0, "")))
                        .status())
                .isEqualTo(204);
    }

    /** Handbook section 7: under 0.3 hold, under 0.6 check before use, and a passing card ends both; it proves no leak away. */
    @ParameterizedTest
    @CsvSource({"0.8, NOT_OILING, HELD", "1.5, OIL_USE_LOW, DUE", "4.5, OIL_USE_HIGH, DUE"})
    void theOilThatIsUsedHoldsOrWarns(double oil, String what, String state) {
        outing(3, oil);
        assertThat(waits()).contains(what);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo(state);
        JsonNode page = api.get("/api/saws/" + tag + "/oiling").body();
        assertThat(page.path("ratio").path("ratio").asDouble()).isCloseTo(oil / 3, within(1e-9));
        record("OIL_CARD", "FINE", "");
        boolean tooMuch = what.equals("OIL_USE_HIGH");
        assertThat(waits().contains(what)).isEqualTo(tooMuch);
        assertThat(api.get("/api/saws/" + tag + "/oiling").body().has("ratio")).isEqualTo(tooMuch);
        assertThat(api.get("/api/saws/" + tag + "/oiling").body().path("uses").size())
                .isEqualTo(1);
    }

    @Test
    void twoOutingsWithoutABrakeTestHold() {
        shortOuting();
        assertThat(waits()).doesNotContain("BRAKE_OVERDUE");
        shortOuting();
        assertThat(waits()).contains("BRAKE_OVERDUE");
        Answer issue = api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(issue.body().path("detail").asString()).contains("Test the brake first.");
        Checks.testBrake(api, tag);
        assertThat(waits()).doesNotContain("BRAKE_OVERDUE");
    }

    @ParameterizedTest
    @CsvSource({"-5, THIN_WINTER", "12, THIRTY"})
    void theGradeFollowsTheTemperature(double celsius, String grade) {
        assertThat(api.get("/api/oiling/grade?celsius=" + celsius)
                        .body()
                        .path("grade")
                        .asString())
                .isEqualTo(grade);
        assertThat(api.get("/api/oiling/grade?celsius=400").status()).isEqualTo(422);
    }

    @Test
    void theSameCauseTwiceOnOneSawIsPointedOut() {
        for (int i = 0; i < 2; i++) {
            String id = complain("dust");
            act(id, "cause", ",\"cause\":\"edge-dull\"");
            api.post(
                    "/api/saws/" + tag + "/records",
                    Checks.stepOf(
                            api,
                            RunningServer.id(),
                            "SHARPEN",
                            "FINE",
                            "",
                            "{\"STROKES_LEFT\":\"3\",\"STROKES_RIGHT\":\"3\"}",
                            ""));
            assertThat(act(id, "close", "").status()).isEqualTo(204);
        }
        JsonNode repeats = api.get("/api/faults").body().path("repeats");
        List<String> found = new ArrayList<>();
        repeats.forEach(
                r -> found.add(r.path("kind").asString() + " " + r.path("where").asString() + " "
                        + r.path("cause").asString() + " " + r.path("times").asInt()));
        assertThat(found).contains("ON_ONE_SAW " + tag + " Chain dull 2");
    }
}
