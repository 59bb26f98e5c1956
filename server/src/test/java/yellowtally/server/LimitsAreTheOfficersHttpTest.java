package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** Limits and seasons are the officer's, and a looser one lifts no hold that stands (handbook section 11, rule 4). */
@ExtendWith(RunningServer.class)
@ResourceLock(RunningServer.FLEET_SETTINGS)
class LimitsAreTheOfficersHttpTest {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("MM-dd");

    private final Api api;
    private String tag;

    LimitsAreTheOfficersHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aFitSaw() {
        tag = "L" + RunningServer.id().substring(0, 6);
        api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68));
        season(60);
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        assertThat(state()).isEqualTo("FIT");
    }

    @AfterEach
    void asItWas() {
        for (String key : new String[] {"season.fire.from", "season.fire.to"}) {
            set(api.officer(), key, "FLEET", null);
        }
    }

    private String state() {
        return api.plate(tag).path("state").asString();
    }

    private String headline() {
        return api.plate(tag).path("headline").path("what").asString();
    }

    private Answer set(String person, String key, String scope, String value) {
        return api.by(person)
                .post(
                        "/api/settings/changes",
                        "{\"id\":\"%s\",\"key\":\"%s\",\"scope\":\"%s\",\"scopeSaw\":\"%s\",\"reason\":\"Trial\"%s}"
                                .formatted(
                                        RunningServer.id(),
                                        key,
                                        scope,
                                        tag,
                                        value == null ? "" : ",\"value\":\"" + value + "\""));
    }

    /** The fire season begins so many days from now, and lasts a month. */
    private void season(int inDays) {
        LocalDate from = LocalDate.now().plusDays(inDays);
        assertThat(set(api.officer(), "season.fire.from", "FLEET", DAY.format(from))
                        .status())
                .isEqualTo(200);
        assertThat(set(api.officer(), "season.fire.to", "FLEET", DAY.format(from.plusDays(30)))
                        .status())
                .isEqualTo(200);
    }

    private void record(String step, String said, String findings) {
        assertThat(api.post("/api/saws/" + tag + "/records", Checks.step(api, step, said, findings, ""))
                        .status())
                .isEqualTo(204);
    }

    private Answer release() {
        return api.post("/api/saws/" + tag + "/release", Checks.release());
    }

    @ParameterizedTest
    @CsvSource({
        "brake.overdue.outings, SAW,   20",
        "schedule.sharpen.tanks, SAW,  20",
        "season.fire.from,      FLEET, 01-01",
        "brake.band.thin-under, FLEET, 0.3",
    })
    void anOperatorMovesNoLimit(String key, String scope, String value) {
        assertThat(set(api.operator(), key, scope, value).sentenceAt("")).contains("Only an officer may do this");
    }

    @Test
    void anOperatorCalibratesNothing() {
        Answer refused = api.by(api.operator())
                .post(
                        "/api/calibrations",
                        "{\"id\":\"%s\",\"sawTag\":\"%s\",\"work\":\"FELLING\",\"method\":\"RAIL_TOUCH\",\"figure\":\"0.2\",\"pullDown\":\"2.4\"}"
                                .formatted(RunningServer.id(), tag));
        assertThat(refused.sentenceAt("")).contains("Only an officer may do this");
    }

    /** What a stricter limit finds holds at once; that it is put back frees nothing unproved. */
    @Test
    void aLooserLimitLiftsNothing() {
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.stepOf(api, RunningServer.id(), "BRAKE_BAND", "FINE", "", "{\"BAND_THICKNESS\":\"0.7\"}", ""));
        Checks.setBack(api, tag);
        assertThat(state()).isEqualTo("FIT");
        assertThat(set(api.officer(), "brake.band.thin-under", "SAW", "0.9").status())
                .isEqualTo(200);
        assertThat(headline()).as("0.7 mm is judged anew").isEqualTo("FINDING_HOLDS");
        assertThat(set(api.officer(), "brake.band.thin-under", "SAW", null).status())
                .isEqualTo(200);
        assertThat(state()).isEqualTo("HELD");
        assertThat(release().status()).isEqualTo(409);
        record("BRAKE_BAND", "FINE", "");
        Checks.setBack(api, tag);
        assertThat(release().status()).isEqualTo(204);
        assertThat(state()).isEqualTo("FIT");
    }

    /** A holed screen found in winter holds on the first day of the season. */
    @Test
    void aHoledScreenOfWinterHoldsWhenTheSeasonComes() {
        record("ARRESTOR", "ATTEND", "\"SCREEN_HOLED\"");
        assertThat(state()).isEqualTo("DUE");
        record("ARRESTOR", "FINE", "");
        assertThat(state()).as("a hole does not close for being called fine").isEqualTo("DUE");
        season(-3);
        assertThat(state()).isEqualTo("HELD");
        assertThat(release().status()).isEqualTo(409);
        record("NEW_SCREEN", "FINE", "");
        record("ARRESTOR", "FINE", "");
        assertThat(release().status()).isEqualTo(204);
        assertThat(state()).isEqualTo("FIT");
    }

    /** A saw that has no screen at all can be proved from outside; that it has none is the officer's word. */
    @Test
    void aSawWithoutAScreenIsNotHeldForEver() {
        season(-3);
        record("ARRESTOR", "ATTEND", "\"SCREEN_MISSING\"");
        assertThat(state()).isEqualTo("HELD");
        JsonNode saw = api.get("/api/saws/" + tag).body();
        String without = Checks.card("Kestrup").replace("\"sparkArrestor\":true", "\"sparkArrestor\":false");
        String change = "{\"id\":\"%s\",\"version\":%d,\"saw\":%s}";
        assertThat(api.put(
                                "/api/saws/" + tag,
                                change.formatted(
                                        RunningServer.id(), saw.path("version").asInt(), without))
                        .status())
                .isEqualTo(200);
        assertThat(state()).isEqualTo("HELD");
        record("OUTSIDE_LOOK", "FINE", "");
        assertThat(release().status()).isEqualTo(204);
    }
}
