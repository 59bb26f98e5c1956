package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Two people at one saw at one moment: whoever comes second sees what the first has written, twenty times each. */
@ExtendWith(RunningServer.class)
class AtOneMomentHttpTest {

    private static final int ROUNDS = 20;

    private final Api api;
    private final TwoHands hands = new TwoHands();
    private String tag;

    AtOneMomentHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aFitSaw() {
        tag = "M" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        assertThat(state()).isEqualTo("FIT");
    }

    @AfterEach
    void handsOff() {
        hands.close();
    }

    private String state() {
        return api.plate(tag).path("state").asString();
    }

    private Answer record(String step, String said, String findings, String more) {
        return api.post("/api/saws/" + tag + "/records", Checks.step(api, step, said, findings, more));
    }

    private Answer release() {
        return api.post("/api/saws/" + tag + "/release", Checks.release());
    }

    private Answer issueNow() {
        String now = Checks.issue(api, tag).replaceFirst("\"at\":\"[^\"]*\",\"reason\":\"[^\"]*\",", "");
        return api.post("/api/outings/issue", now);
    }

    private void takeBack() {
        assertThat(api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 0, "")))
                        .status())
                .isEqualTo(204);
    }

    private Answer startVisit(String visit) {
        return api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(visit));
    }

    private Answer endVisit(String visit) {
        return api.post(
                "/api/visits/" + visit + "/end",
                "{\"id\":\"%s\",\"leftOpenReason\":\"Race\"}".formatted(RunningServer.id()));
    }

    /** A release lifts what it has looked at, and nothing that fails meanwhile. */
    @Test
    void aFailureBesideAReleaseHolds() {
        for (int round = 0; round < ROUNDS; round++) {
            record("BRAKE_LEVER", "FAIL", "\"LEVER_DOES_NOT_SNAP\"", "");
            record("BRAKE_LEVER", "FINE", "", "");
            List<Answer> answers =
                    hands.both(this::release, () -> record("BRAKE_RUNNING", "FAIL", "\"CHAIN_NOT_STOPPED\"", ""));
            assertThat(answers.get(1).status()).isEqualTo(204);
            assertThat(state()).as("round %d", round).isEqualTo("HELD");
            assertThat(issueNow().status()).isEqualTo(409);
            record("BRAKE_RUNNING", "FINE", "", "");
            assertThat(release().status()).isEqualTo(204);
        }
    }

    /** Whichever is written first: a saw that failed before it was issued was not issued. */
    @Test
    void aFailureBesideAnIssueIsSeen() {
        EntityManager records = RunningServer.bean(EntityManager.class);
        for (int round = 0; round < ROUNDS; round++) {
            String failure = RunningServer.id();
            List<Answer> answers = hands.both(
                    this::issueNow,
                    () -> api.post(
                            "/api/saws/" + tag + "/records",
                            Checks.stepOf(api, failure, "BRAKE_LEVER", "FAIL", "\"LEVER_DOES_NOT_SNAP\"", "{}", "")));
            assertThat(answers.get(1).status()).isEqualTo(204);
            assertThat(answers.get(0).status()).isIn(204, 409);
            if (answers.get(0).status() == 204) {
                Long failedBefore = records.createQuery("""
                                select count(r) from WorkRecord r join Outing o on o.openSawId = r.sawId
                                where r.id = :failure and r.recordedAt < o.outRecordedAt""", Long.class)
                        .setParameter("failure", UUID.fromString(failure))
                        .getSingleResult();
                assertThat(failedBefore).as("round %d", round).isZero();
                takeBack();
            }
            assertThat(state()).isEqualTo("HELD");
            putRight();
        }
    }

    /** Only what would hold: that other work waits does not matter here. */
    private void putRight() {
        record("BRAKE_LEVER", "FINE", "", "");
        record("BRAKE_RUNNING", "FINE", "", "");
        assertThat(release().status()).isEqualTo(204);
    }

    /** A saw is on the bench or out, never both. */
    @Test
    void onTheBenchOrOut() {
        for (int round = 0; round < ROUNDS; round++) {
            String visit = RunningServer.id();
            List<Answer> answers = hands.both(this::issueNow, () -> startVisit(visit));
            long done = answers.stream().filter(answer -> answer.status() < 300).count();
            assertThat(done).as("round %d", round).isEqualTo(1);
            if (answers.get(0).status() < 300) {
                takeBack();
                record("BRAKE_LEVER", "FINE", "", "");
                record("BRAKE_RUNNING", "FINE", "", "");
            } else {
                endVisit(visit);
            }
        }
    }

    /** A visit ends with what was written in it: a failure is in it before its end, or not at all. */
    @Test
    void nothingSlipsIntoAVisitThatHasEnded() {
        for (int round = 0; round < ROUNDS; round++) {
            String visit = RunningServer.id();
            assertThat(startVisit(visit).status()).isEqualTo(200);
            List<Answer> answers = hands.both(
                    () -> endVisit(visit),
                    () -> record("CONTROLS", "FAIL", "\"CHAIN_CREEPS\"", ",\"visitId\":\"" + visit + "\""));
            assertThat(answers.get(0).status()).isEqualTo(200);
            String decision = api.get("/api/visits/" + visit)
                    .body()
                    .path("ended")
                    .path("decision")
                    .asString();
            boolean written = answers.get(1).status() == 204;
            assertThat(decision.equals("HELD")).as("round %d", round).isEqualTo(written);
            if (written) {
                record("CONTROLS", "FINE", "", "");
                assertThat(release().status()).isEqualTo(204);
            }
        }
    }

    /** Of two records of one step only one counts; the other hand is told. */
    @Test
    void twoRecordsOfOneStepAreOne() {
        String visit = RunningServer.id();
        startVisit(visit);
        String expects = "";
        for (int round = 0; round < ROUNDS; round++) {
            String more = ",\"visitId\":\"" + visit + "\"" + expects;
            String one = RunningServer.id();
            String other = RunningServer.id();
            List<Answer> answers = hands.both(() -> record(one, more), () -> record(other, more));
            long done =
                    answers.stream().filter(answer -> answer.status() == 204).count();
            assertThat(done).as("round %d", round).isEqualTo(1);
            expects = ",\"expects\":\"" + (answers.get(0).status() == 204 ? one : other) + "\"";
        }
    }

    private Answer record(String id, String more) {
        return api.post(
                "/api/saws/" + tag + "/records", Checks.stepOf(api, id, "OUTSIDE_LOOK", "FINE", "", "{}", more));
    }
}
