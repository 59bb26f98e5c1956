package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Of two who do the same at one moment one does it, and the other is told in a sentence what stands now; nobody fails. */
@ExtendWith(RunningServer.class)
class RacesHttpTest {

    private static final int ROUNDS = 8;

    private final Api api;
    private final TwoHands hands = new TwoHands();
    private String tag;

    RacesHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aFitSaw() {
        tag = Checks.fitSaw(api, "R");
    }

    @AfterEach
    void handsOff() {
        hands.close();
    }

    private Answer post(String path, String more) {
        return api.post(path, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
    }

    /** Both do the same; exactly one of them does it. Which. */
    private int oneDoesIt(Function<Integer, Answer> act) {
        List<Answer> answers = hands.both(() -> act.apply(0), () -> act.apply(1));
        assertThat(answers.stream().filter(answer -> answer.status() < 300).count())
                .as(answers.toString())
                .isEqualTo(1);
        toldInASentence(answers);
        return answers.get(0).status() < 300 ? 0 : 1;
    }

    /** Whatever comes of it, nobody fails. */
    private static void toldInASentence(List<Answer> answers) {
        for (Answer answer : answers) {
            if (answer.status() >= 300) {
                assertThat(answer.status()).as(answer.body().toString()).isIn(404, 409, 422);
                assertThat(answer.body().path("detail").asString()).isNotBlank();
                assertThat(answer.body().toString()).doesNotContain("\"race\"").doesNotContain("\"unfit\"");
            }
        }
    }

    @Test
    void visits() {
        for (int round = 0; round < ROUNDS; round++) {
            List<String> ids = List.of(RunningServer.id(), RunningServer.id());
            int won = oneDoesIt(hand -> visit(ids.get(hand)));
            String open = ids.get(won);
            oneDoesIt(hand -> post("/api/visits/" + open + "/end", ",\"leftOpenReason\":\"Called away\""));
        }
    }

    private Answer visit(String id) {
        return api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(id));
    }

    @Test
    void issuesAndReturns() {
        String crew = api.get("/api/crews").body().get(0).path("id").asString();
        for (int round = 0; round < ROUNDS; round++) {
            oneDoesIt(hand -> post("/api/outings/issue", ",\"crewId\":\"%s\",\"saws\":[\"%s\"]".formatted(crew, tag)));
            oneDoesIt(hand -> api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 0, ""))));
            Checks.testBrake(api, tag);
        }
    }

    @Test
    void releases() {
        for (int round = 0; round < ROUNDS; round++) {
            for (String said : List.of("FAIL", "FINE")) {
                String finding = said.equals("FAIL") ? "\"LEVER_DOES_NOT_SNAP\"" : "";
                api.post("/api/saws/" + tag + "/records", Checks.step(api, "BRAKE_LEVER", said, finding, ""));
            }
            api.post("/api/saws/" + tag + "/records", Checks.step(api, "BRAKE_RUNNING", "FINE", "", ""));
            oneDoesIt(hand -> post("/api/saws/" + tag + "/release", ""));
        }
    }

    @Test
    void tagsOfSawsAndParts() {
        for (int round = 0; round < ROUNDS; round++) {
            String same = "T" + RunningServer.id().substring(0, 6);
            oneDoesIt(hand -> api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), same, 68)));
            String part = "P" + RunningServer.id().substring(0, 6);
            oneDoesIt(hand -> post(
                    "/api/parts",
                    ",\"chain\":{\"tag\":\"%s\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68}"
                            .formatted(part)));
        }
    }

    @Test
    void amendmentsAndStrikes() {
        for (int round = 0; round < ROUNDS; round++) {
            String check = RunningServer.id();
            api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, check, Checks.reading("6")));
            String amends = ",\"amends\":\"%s\",\"amendReason\":\"Misread\"".formatted(check);
            oneDoesIt(hand -> api.post(
                    "/api/saws/" + tag + "/tension-checks",
                    Checks.checkOf(api, RunningServer.id(), "ROUTINE", amends, Checks.reading("5"))));
            String record = RunningServer.id();
            api.post("/api/saws/" + tag + "/records", Checks.stepOf(api, record, "OUTSIDE_LOOK", "FINE", "", "{}", ""));
            oneDoesIt(hand -> post("/api/records/" + record + "/strike", ",\"reason\":\"Another saw\""));
        }
    }

    @Test
    void takingTheLastStepBack() {
        String visit = RunningServer.id();
        visit(visit);
        for (int round = 0; round < ROUNDS; round++) {
            api.post(
                    "/api/saws/" + tag + "/records",
                    Checks.step(api, "OUTSIDE_LOOK", "FINE", "", ",\"visitId\":\"" + visit + "\""));
            oneDoesIt(hand -> post("/api/visits/" + visit + "/undo", ""));
        }
    }

    @Test
    void theVice() {
        for (int round = 0; round < ROUNDS; round++) {
            List<String> ids = List.of(RunningServer.id(), RunningServer.id());
            String vice = ids.get(oneDoesIt(
                    hand -> api.post("/api/saws/" + tag + "/sharpening", "{\"id\":\"%s\"}".formatted(ids.get(hand)))));
            toldInASentence(hands.both(() -> length(vice, "8.1"), () -> length(vice, "8.2")));
            oneDoesIt(hand -> post("/api/sharpenings/" + vice + "/leave", ",\"reason\":\"Called away\""));
        }
    }

    private Answer length(String vice, String mm) {
        return post(
                "/api/sharpenings/" + vice + "/cutters",
                ",\"place\":3,\"after\":false,\"length\":\"%s\"".formatted(mm));
    }

    @Test
    void namesInTheBookAndThingsTakenCrosswise() {
        for (int round = 0; round < ROUNDS; round++) {
            String name = "Oil " + RunningServer.id();
            oneDoesIt(hand -> item(name, "BAR_OIL"));
            String filter = "Filter " + RunningServer.id();
            item(filter, "AIR_FILTER");
            String other = "Other filter " + RunningServer.id();
            item(other, "AIR_FILTER");
            String one = stocked(filter);
            String two = stocked(other);
            List<Answer> answers = hands.both(() -> take(one, two), () -> take(two, one));
            assertThat(answers).as(answers.toString()).allMatch(answer -> answer.status() == 204);
        }
    }

    private Answer item(String name, String kind) {
        return post(
                "/api/stores/items",
                ",\"kind\":\"%s\",\"card\":{\"name\":\"%s\",\"least\":1,\"pack\":1}".formatted(kind, name));
    }

    private String stocked(String name) {
        for (JsonNode item : api.get("/api/stores").body().path("items")) {
            if (item.path("card").path("name").asString().equals(name)) {
                String id = item.path("id").asString();
                post("/api/stores/items/" + id + "/received", ",\"amount\":5");
                return id;
            }
        }
        throw new AssertionError("no " + name);
    }

    private Answer take(String one, String two) {
        String more =
                ",\"takes\":[{\"itemId\":\"%s\",\"amount\":1},{\"itemId\":\"%s\",\"amount\":1}]".formatted(one, two);
        return api.post("/api/saws/" + tag + "/records", Checks.step(api, "AIR_FILTER", "FINE", "", more));
    }

    /** One fits a loop, the other gives it away: it is never both on a saw and with somebody else. */
    @Test
    void fittingsAndGivingsAway() {
        String loop = "L" + RunningServer.id().substring(0, 6);
        post(
                "/api/parts",
                ",\"chain\":{\"tag\":\"%s\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68}"
                        .formatted(loop));
        for (int round = 0; round < ROUNDS; round++) {
            int won = oneDoesIt(hand -> hand == 0 ? fit(loop) : give(loop));
            JsonNode chain = api.get("/api/parts/" + loop).body().path("chain");
            assertThat(chain.path("onSaw").asString()).isEqualTo(won == 0 ? tag : "");
            if (won == 0) {
                Checks.takeChainOff(api, tag);
            } else {
                post("/api/parts-away/back", ",\"parts\":[\"%s\"],\"done\":\"Ground\",\"looks\":[]".formatted(loop));
            }
        }
    }

    /** One retires a loop, the other gives it away: what is retired is not awaited. */
    @Test
    void retirementsAndGivingsAway() {
        String loop = "L" + RunningServer.id().substring(0, 6);
        post(
                "/api/parts",
                ",\"chain\":{\"tag\":\"%s\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68}"
                        .formatted(loop));
        for (int round = 0; round < ROUNDS; round++) {
            int won = oneDoesIt(
                    hand -> hand == 0 ? post("/api/parts/" + loop + "/retire", ",\"reason\":\"Worn\"") : give(loop));
            if (won == 0) {
                post("/api/parts/" + loop + "/retire/undo", ",\"reason\":\"Not worn\"");
            } else {
                post("/api/parts-away/back", ",\"parts\":[\"%s\"],\"done\":\"Ground\",\"looks\":[]".formatted(loop));
            }
        }
    }

    private Answer fit(String loop) {
        int version = api.get("/api/saws/" + tag).body().path("version").asInt();
        return post("/api/saws/" + tag + "/fittings", """
                ,"version":%d,"set":{"chain":{"tag":"%s","create":false},
                 "bar":{"tag":"B-%s","create":false},"sprocket":{"tag":"S-%s","create":false}}""".formatted(version, loop, tag, tag));
    }

    private Answer give(String loop) {
        return post("/api/parts-away", """
                ,"parts":["%s"],"who":"Arnside Saw Doctors","why":"To be ground","since":"%s","said":{"counted":false}""".formatted(loop, LocalDate.now()));
    }
}
