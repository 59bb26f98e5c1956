package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.away.AwaySeed;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.support.OnceOnly;

/** A loop goes to be ground and comes back: nobody fits it meanwhile, and it is looked at before it goes out. */
@ExtendWith(RunningServer.class)
class PartAwayHttpTest {

    private static final String LOOKS = "\"CHAIN_LOOK\",\"DEPTH_GAUGES\"";

    private final Api api;
    private String saw;
    private String loop;

    PartAwayHttpTest(Api api) {
        this.api = api;
    }

    /** A fit saw, and a loop of its sort on the shelf. */
    @BeforeEach
    void aFitSawAndALoop() {
        saw = Checks.fitSaw(api, "P");
        loop = "L" + RunningServer.id().substring(0, 6).toUpperCase();
        assertThat(api.post("/api/parts", """
                        {"id":"%s","chain":{"tag":"%s","create":true,"pitch":"P_325","gauge":"G_050","driveLinks":68}}""".formatted(RunningServer.id(), loop))
                        .status())
                .isEqualTo(204);
    }

    private Answer give(Api by, String parts, String since, String said) {
        return by.post("/api/parts-away", """
                {"id":"%s","parts":[%s],"who":"Arnside Saw Doctors","why":"To be ground","since":"%s","said":{%s}}""".formatted(RunningServer.id(), parts, since, said));
    }

    private void gone() {
        Answer given = give(api, "\"" + loop + "\"", LocalDate.now().toString(), "\"counted\":false");
        assertThat(given.status()).as(given.raw().body()).isEqualTo(204);
    }

    private Answer write(Api by, String path, String more) {
        return by.post("/api/parts-away/" + path, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
    }

    private Answer back(Api by, boolean seen) {
        return write(
                by,
                "back",
                ",\"parts\":[\"%s\"],\"done\":\"Ground\",\"costCents\":9500,\"looks\":[%s]"
                        .formatted(loop, seen ? LOOKS : ""));
    }

    private Answer seen() {
        return write(api, "seen", ",\"parts\":[\"%s\"],\"looks\":[%s]".formatted(loop, LOOKS));
    }

    private JsonNode times() {
        return api.get("/api/parts/" + loop + "/away").body();
    }

    private boolean waitsForALook() {
        for (JsonNode view : api.get("/api/parts-away").body().path("unseen")) {
            if (view.path("part").asString().equals(loop)) {
                return true;
            }
        }
        return false;
    }

    private Answer fit() {
        int version = api.get("/api/saws/" + saw).body().path("version").asInt();
        return api.post("/api/saws/" + saw + "/fittings", """
                {"id":"%s","version":%d,"set":{"chain":{"tag":"%s","create":false},
                 "bar":{"tag":"B-%s","create":false},"sprocket":{"tag":"S-%s","create":false}}}""".formatted(RunningServer.id(), version, loop, saw, saw));
    }

    private void fitted() {
        Answer fitted = fit();
        assertThat(fitted.status()).as(fitted.raw().body()).isLessThan(300);
    }

    private String state() {
        return api.plate(saw).path("state").asString();
    }

    private void looked(String step, String figures) {
        Answer done = api.post(
                "/api/saws/" + saw + "/records", Checks.stepOf(api, RunningServer.id(), step, "FINE", "", figures, ""));
        assertThat(done.status()).as(done.raw().body()).isLessThan(300);
    }

    private JsonNode mark() {
        return api.get("/api/out-of-use")
                .body()
                .valueStream()
                .filter(part -> part.path("tag").asString().equals(loop))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aLoopThatIsAwayIsMarkedAndNeitherFittedNorRetiredNorGivenTwice() {
        gone();
        JsonNode mark = mark();
        assertThat(mark.path("away").asBoolean()).isTrue();
        assertThat(mark.path("condemned").asBoolean()).isFalse();
        String with = loop + " is with Arnside Saw Doctors. Take it back first.";
        assertThat(fit().sentenceAt("set.chain.tag")).isEqualTo(with);
        assertThat(api.post(
                                "/api/parts/" + loop + "/retire",
                                "{\"id\":\"%s\",\"reason\":\"Worn\"}".formatted(RunningServer.id()))
                        .sentenceAt(""))
                .isEqualTo(with);
        assertThat(give(api, "\"" + loop + "\"", LocalDate.now().toString(), "\"counted\":false")
                        .sentenceAt("parts"))
                .isEqualTo(with);
        assertThat(state()).as("its saw has another loop").isEqualTo("FIT");
    }

    /** Set back like any set that was apart, and held beyond that until the loop itself was looked at. */
    @Test
    void fittedUnseenItHoldsItsSawUntilItIsLookedAt() {
        gone();
        assertThat(back(api, false).status()).isEqualTo(204);
        assertThat(waitsForALook()).isTrue();
        assertThat(mark().path("unseen").asBoolean()).isTrue();
        fitted();
        Checks.setBack(api, saw);
        assertThat(state()).isEqualTo("HELD");
        assertThat(api.plate(saw).path("headline").path("what").asString()).isEqualTo("PART_BACK");
        assertThat(api.post("/api/outings/issue", Checks.issue(api, saw)).sentenceAt(""))
                .contains("was with a mechanic or dealer");
        looked("CHAIN_LOOK", "{}");
        assertThat(state()).isEqualTo("HELD");
        looked("DEPTH_GAUGES", "{\"GAUGE_SETTING\":\"0.65\"}");
        assertThat(state()).isNotEqualTo("HELD");

        // Off again, it was seen: on the saw.
        Checks.takeChainOff(api, saw);
        assertThat(waitsForALook()).isFalse();
    }

    /** Put on and taken off again without all of its looks, it still waits; those of bar and sprocket are none of it. */
    @Test
    void onASawAndOffAgainIsNoLook() {
        gone();
        back(api, false);
        fitted();
        assertThat(waitsForALook()).as("it is on a saw, which is held").isFalse();
        looked("SPROCKET", "{}");
        looked("NOSE", "{}");
        looked("DEPTH_GAUGES", "{\"GAUGE_SETTING\":\"0.65\"}");
        Checks.takeChainOff(api, saw);
        assertThat(waitsForALook()).isTrue();
    }

    /** Whoever strikes the look out, a saw that stands on it is held again. */
    @Test
    void lookedAtOnTheShelfItIsFittedLikeAnyOther() {
        gone();
        assertThat(back(api, false).status()).isEqualTo(204);
        assertThat(seen().status()).isEqualTo(204);
        assertThat(waitsForALook()).isFalse();
        assertThat(seen().sentenceAt("parts")).contains("not one that waits for a look");
        fitted();
        Checks.setBack(api, saw);
        assertThat(state()).isNotEqualTo("HELD");

        String look = times().path(0).path("looks").path(0).path("id").asString();
        Api operator = api.by(api.operator());
        assertThat(write(operator, "looks/" + look + "/struck", ",\"reason\":\" \"")
                        .sentenceAt("reason"))
                .isNotEmpty();
        assertThat(write(operator, "looks/" + look + "/struck", ",\"reason\":\"It was the other loop\"")
                        .status())
                .isEqualTo(204);
        assertThat(state()).isEqualTo("HELD");
        assertThat(write(operator, "looks/" + look + "/struck", ",\"reason\":\"Again\"")
                        .status())
                .isEqualTo(409);
        JsonNode struck = times().path(0).path("looks").path(0);
        assertThat(struck.path("reason").asString()).isEqualTo("It was the other loop");
        assertThat(struck.path("struckAt").asString()).isNotEmpty();
    }

    /** What a grinder changes most is the corner that kicks: without the gauge tool it is no look. */
    @Test
    void halfALookIsNone() {
        gone();
        String half = ",\"parts\":[\"%s\"],\"done\":\"Ground\",\"looks\":[\"CHAIN_LOOK\"]".formatted(loop);
        assertThat(write(api, "back", half).sentenceAt("looks")).contains("lay the gauge tool on too");
        assertThat(times().path(0).has("back")).isFalse();
        back(api, false);
        assertThat(write(api, "seen", ",\"parts\":[\"%s\"],\"looks\":[\"DEPTH_GAUGES\"]".formatted(loop))
                        .sentenceAt("looks"))
                .contains("cutters, rivets and drive links");
        assertThat(waitsForALook()).isTrue();
    }

    /** A look of the time before says nothing of what was done since. */
    @Test
    void eachTimeAwayAsksForALookOfItsOwn() {
        gone();
        assertThat(back(api, true).status()).isEqualTo(204);
        assertThat(waitsForALook()).isFalse();
        gone();
        assertThat(waitsForALook()).isFalse();
        assertThat(back(api, false).status()).isEqualTo(204);
        assertThat(waitsForALook()).isTrue();
        JsonNode times = times();
        assertThat(times.size()).isEqualTo(2);
        assertThat(times.path(0).path("unseen").asBoolean()).isTrue();
        assertThat(times.path(1).path("unseen").asBoolean()).isFalse();
        assertThat(times.path(1).path("looks").size()).isEqualTo(1);
        assertThat(times.path(0).path("back").path("costCents").asInt()).isEqualTo(9500);
        assertThat(back(api, false).sentenceAt("parts")).contains("is not away");
    }

    @Test
    void whatIsSaidMeanwhileIsAddedAndTheSheetTellsWhatGoes() throws IOException {
        gone();
        String day = LocalDate.now().plusDays(3).toString();
        assertThat(write(api, "words", """
                        ,"parts":["%s"],"said":{"expectedOn":"%s","counted":true,"quoteCents":9500,"note":"Thursday"}""".formatted(loop.toLowerCase(), day)).status())
                .isEqualTo(204);
        JsonNode said = times().path(0).path("said");
        assertThat(said.size()).isEqualTo(2);
        assertThat(said.path(1).path("expectedOn").asString()).isEqualTo(day);
        assertThat(said.path(1).path("note").asString()).isEqualTo("Thursday");
        assertThat(PaperHttpTest.text(api, "parts-away.pdf?who=Arnside%20Saw%20Doctors"))
                .contains("Parts for Arnside Saw Doctors", loop, "68 drive links", "top plate 30°", "To be ground");
        assertThat(api.get("/api/paper/parts-away.pdf?who=Nobody").status()).isEqualTo(404);
    }

    // What is given, in how many days it went, and where and how that is refused.
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''            | 0  | \"counted\":false | parts           | This is needed.",
                "\"NONE-1\"    | 0  | \"counted\":false | parts           | There is no part NONE-1.",
                "THE LOOP      | 1  | \"counted\":false | since           | future",
                "THE LOOP      | 0  | \"counted\":true  | said.expectedOn | do not count on it",
                "\"C-THE SAW\" | 0  | \"counted\":false | parts           | is fitted to a saw",
            })
    void whatCannotGoIsRefusedInWords(String parts, int inDays, String said, String field, String sentence) {
        Answer refused = give(
                api,
                parts.replace("THE LOOP", "\"" + loop + "\"").replace("THE SAW", saw),
                LocalDate.now().plusDays(inDays).toString(),
                said);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).contains(sentence);
        assertThat(times().size()).isZero();
    }

    @Test
    void anOfficerGivesItAwayAndAnybodyTakesItBack() {
        Api operator = api.by(api.operator());
        assertThat(give(operator, "\"" + loop + "\"", LocalDate.now().toString(), "\"counted\":false")
                        .status())
                .isEqualTo(403);
        gone();
        assertThat(back(operator, true).status()).isEqualTo(204);
    }

    @Test
    void whatIsOverdueIsToldByWhoHasIt() {
        LocalDate expected = LocalDate.now().minusDays(1);
        String who = "Overdue " + loop;
        RunningServer.bean(OnceOnly.class)
                .run(
                        UUID.randomUUID(),
                        loop,
                        () -> AwaySeed.partGone(
                                RunningServer.bean(EntityManager.class),
                                RunningServer.bean(PartFinder.class)
                                        .tagged(loop)
                                        .id(),
                                who,
                                "To be ground",
                                expected.minusDays(3),
                                expected,
                                9500,
                                Instant.now(),
                                UUID.fromString(api.officer())));
        JsonNode told = api.get("/api/reminders")
                .body()
                .path("reminders")
                .valueStream()
                .filter(one -> one.path("kind").asString().equals("PARTS_OVERDUE")
                        && one.path("about").asString().equals(who))
                .findFirst()
                .orElseThrow();
        assertThat(told.path("what").asString()).isEqualTo(loop);
        assertThat(told.path("day").asString()).isEqualTo(expected.toString());
        back(api, true);
    }
}
