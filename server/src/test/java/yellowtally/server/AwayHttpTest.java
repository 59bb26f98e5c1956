package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A saw goes to a mechanic and comes back: nothing is done with it meanwhile, and nothing unproven goes out after it. */
@ExtendWith(RunningServer.class)
class AwayHttpTest {

    private final Api api;
    private String tag;

    AwayHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aFitSaw() {
        tag = Checks.fitSaw(api, "A");
    }

    private static String said(LocalDate expected, boolean counted, String more) {
        String day = expected == null ? "" : "\"expectedOn\":\"" + expected + "\",";
        return "{%s\"counted\":%s%s}".formatted(day, counted, more);
    }

    private Answer give(Api by, String more) {
        return by.post(
                "/api/saws/" + tag + "/away", """
                {"id":"%s","who":"Hob Lane Engine Works","why":"Loses power when hot","since":"%s","faults":[],
                 "said":%s}""".formatted(RunningServer.id(), LocalDate.now(), said(null, false, ""))
                        .replace("\"faults\":[]", more));
    }

    private String given(String... faults) {
        List<String> quoted = new ArrayList<>();
        for (String fault : faults) {
            quoted.add("\"" + fault + "\"");
        }
        Answer answer = give(api, "\"faults\":[" + String.join(",", quoted) + "]");
        assertThat(answer.status()).isEqualTo(204);
        return away().path("now").path("id").asString();
    }

    private Answer say(String away, String said) {
        return api.post(
                "/api/away/" + away + "/words", "{\"id\":\"%s\",\"said\":%s}".formatted(RunningServer.id(), said));
    }

    private Answer back(Api by, String away, String putRight) {
        return by.post("/api/away/" + away + "/back", """
                {"id":"%s","done":"New coil","costCents":14500,"putRight":[%s]}""".formatted(RunningServer.id(), putRight));
    }

    private JsonNode away() {
        return api.get("/api/saws/" + tag + "/away").body();
    }

    private String rail() {
        for (JsonNode rail : api.get("/api/board").body().path("rails")) {
            for (JsonNode plate : rail.path("plates")) {
                if (plate.path("tag").asString().equals(tag)) {
                    return rail.path("kind").asString();
                }
            }
        }
        return "";
    }

    private String complaint() {
        String id = RunningServer.id();
        api.post("/api/saws/" + tag + "/faults", """
                {"id":"%s","complaint":"hot-or-weak","seen":"Dies in the cut","origin":"PERSON"}""".formatted(id));
        return id;
    }

    private String stage(String fault) {
        return api.get("/api/faults/" + fault).body().path("stage").asString();
    }

    private Answer startVisit() {
        return api.post("/api/saws/" + tag + "/visits", "{\"id\":\"%s\"}".formatted(RunningServer.id()));
    }

    @Test
    void nothingIsDoneWithASawThatIsAwayAndItHangsOnARailOfItsOwn() {
        assertThat(rail()).isEqualTo("RACK");
        given();
        assertThat(rail()).isEqualTo("AWAY");
        Answer out = api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(out.status()).isEqualTo(409);
        assertThat(out.sentenceAt("")).contains("is with Hob Lane Engine Works");
        assertThat(startVisit().sentenceAt("")).contains("is with Hob Lane Engine Works");
        assertThat(api.post(
                                "/api/faults/" + complaint() + "/stand",
                                "{\"id\":\"%s\",\"full\":true}".formatted(RunningServer.id()))
                        .sentenceAt(""))
                .contains("is with Hob Lane Engine Works");
        assertThat(give(api, "\"faults\":[]").sentenceAt("")).contains("is with Hob Lane Engine Works");
    }

    /** Fit when it went; back, it is held until it is set back and proved, whatever the mechanic says. */
    @Test
    void backItIsHeldLikeOneThatWasApart() {
        String id = given();
        assertThat(back(api, id, "").status()).isEqualTo(204);
        assertThat(rail()).isEqualTo("HELD");
        assertThat(api.plate(tag).path("headline").path("what").asString()).isEqualTo("NOT_SET_BACK");
        assertThat(api.post("/api/outings/issue", Checks.issue(api, tag)).status())
                .isEqualTo(409);
        Checks.setBack(api, tag);
        assertThat(api.plate(tag).path("state").asString()).isNotEqualTo("HELD");

        JsonNode before = away().path("before").path(0);
        assertThat(before.path("back").path("done").asString()).isEqualTo("New coil");
        assertThat(before.path("back").path("costCents").asInt()).isEqualTo(14_500);
        assertThat(away().path("billCents").asInt()).isEqualTo(14_500);
        Answer again = back(api, id, "");
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.sentenceAt("")).contains("is back already");
    }

    /** What it goes for is with the mechanic; put right, as they say, its proof is the bench's. */
    @Test
    void aComplaintGoesWithItAndComesBackForItsProof() {
        String fault = complaint();
        String id = given(fault);
        assertThat(stage(fault)).isEqualTo("WITH_MECHANIC");
        assertThat(away().path("faults").path(0).path("stage").asString()).isEqualTo("WITH_MECHANIC");
        assertThat(back(api, id, "\"" + fault + "\"").status()).isEqualTo(204);
        assertThat(stage(fault)).isEqualTo("PROVE");
    }

    @Test
    void whatIsNotPutRightStaysWithTheMechanic() {
        String fault = complaint();
        String id = given(fault);
        assertThat(back(api, id, "").status()).isEqualTo(204);
        assertThat(stage(fault)).isEqualTo("WITH_MECHANIC");
        String other = given();
        assertThat(back(api, other, "\"" + fault + "\"").status()).isEqualTo(204);
        assertThat(stage(fault)).isEqualTo("PROVE");
        String third = given();
        assertThat(back(api, third, "\"" + fault + "\"").status())
                .as("it is not there any more")
                .isEqualTo(409);
    }

    /** What was said last counts, and what was said before stays on record. */
    @Test
    void whatIsSaidMeanwhileIsWeighed() {
        String id = given();
        assertThat(away().path("now").path("weighed").isMissingNode()).isTrue();
        LocalDate friday = LocalDate.now().plusDays(3);
        assertThat(say(id, said(friday, true, ",\"quoteCents\":14500,\"newCents\":62000"))
                        .status())
                .isEqualTo(204);
        JsonNode now = away().path("now");
        assertThat(now.path("said").size()).isEqualTo(2);
        assertThat(now.path("said").path(1).path("expectedOn").asString()).isEqualTo(friday.toString());
        assertThat(now.path("weighed").path("verdict").asString()).isEqualTo("REPAIR");
        assertThat(now.path("overdue").asBoolean()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "-1, true, '', said.expectedOn, That day is over",
        ", true, '', said.expectedOn, Enter the day",
        "2000, true, '', said.expectedOn, more than two years",
        "1, true, ',\"quoteCents\":-5', said.quoteCents, Give a number",
        "1, true, ',\"newCents\":0', said.newCents, Give a number"
    })
    void whatCannotBeIsRefusedInWords(Integer inDays, boolean counted, String more, String field, String sentence) {
        String id = given();
        LocalDate day = inDays == null ? null : LocalDate.now().plusDays(inDays);
        Answer refused = say(id, said(day, counted, more));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).contains(sentence);
        assertThat(away().path("now").path("said").size()).isEqualTo(1);
    }

    @Test
    void aSawThatIsOutOrOnTheBenchIsNotGivenAway() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        assertThat(give(api, "\"faults\":[]").sentenceAt("")).contains("is out with a crew");
        api.post("/api/outings/return", Checks.back(api, Checks.backSaw(tag, 1, "")));
        assertThat(startVisit().status()).isEqualTo(200);
        assertThat(give(api, "\"faults\":[]").sentenceAt("")).contains("is on the bench");
    }

    /** The mechanic need not ask again what was asked here. */
    @Test
    void theSheetForTheMechanicTellsWhatIsOnRecord() throws IOException {
        String fault = complaint();
        JsonNode next = api.get("/api/faults/" + fault).body().path("next");
        JsonNode answer = next.path("answers").path(0);
        assertThat(api.post("/api/faults/" + fault + "/answers", """
                        {"id":"%s","check":"%s","answer":"%s","expects":0}""".formatted(
                                        RunningServer.id(),
                                        next.path("code").asString(),
                                        answer.path("code").asString()))
                        .status())
                .isEqualTo(204);
        given(fault);
        assertThat(PaperHttpTest.text(api, "away.pdf?saw=" + tag))
                .contains("Saw " + tag + " for the mechanic", "Hob Lane Engine Works", "Loses power when hot")
                .contains("Dies in the cut")
                .contains(next.path("title").asString(), answer.path("title").asString())
                .contains("What was opened", "set back and proved before it goes out");
    }

    /** Money is the officer's; a saw that comes back anybody takes in. */
    @Test
    void anOfficerGivesItAwayAndAnybodyTakesItBack() {
        assertThat(give(api.by(api.operator()), "\"faults\":[]").status()).isEqualTo(403);
        String id = given();
        assertThat(back(api.by(api.operator()), id, "").status()).isEqualTo(204);
    }
}
