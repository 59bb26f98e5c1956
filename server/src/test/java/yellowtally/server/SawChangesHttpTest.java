package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A saw retired by mistake comes back, its parts come off, its tag is changed; while it is out nobody works on it unsaid. */
@ExtendWith(RunningServer.class)
class SawChangesHttpTest {

    private final Api api;
    private String tag;

    SawChangesHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aFitSaw() {
        tag = Checks.fitSaw(api, "Q");
    }

    private Answer act(String path, String person, String more) {
        int version = api.get("/api/saws/" + tag).body().path("version").asInt();
        return api.by(person)
                .post(
                        "/api/saws/" + tag + path,
                        "{\"id\":\"%s\",\"version\":%d%s}".formatted(RunningServer.id(), version, more));
    }

    private Answer retire() {
        return act("/retirement", api.officer(), ",\"reason\":\"Sold\"");
    }

    private Answer bringBack(String person) {
        return act("/retirement/undo", person, ",\"reason\":\"Another saw was sold\"");
    }

    private Answer tag(String person, String to) {
        return act("/tag", person, ",\"tag\":\"" + to + "\",\"reason\":\"The plate was lost\"");
    }

    private static String part(String letter, String of) {
        return "{\"tag\":\"%s-%s\",\"create\":false}".formatted(letter, of);
    }

    private Answer fit(String set, String more) {
        return act("/fittings", api.officer(), ",\"set\":{" + set + "}" + more);
    }

    private List<String> lines(String kind) {
        List<String> lines = new ArrayList<>();
        api.get("/api/log?kinds=" + kind + "&saw=" + tag)
                .body()
                .path("entries")
                .forEach(line -> lines.add(
                        line.path("change").asString() + " " + line.path("note").asString()));
        return lines;
    }

    @Test
    void aSawRetiredByMistakeComesBackAsItsRecordsSay() {
        String before =
                api.get("/api/saws/" + tag + "/schedule").body().path("work").toString();
        assertThat(retire().status()).isEqualTo(200);
        assertThat(bringBack(api.operator()).sentenceAt("")).contains("Only an officer may do this");
        assertThat(bringBack(api.officer()).body().has("retiredAt")).isFalse();
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("FIT");
        assertThat(api.get("/api/saws/" + tag + "/schedule").body().path("work").toString())
                .isEqualTo(before);
        assertThat(bringBack(api.officer()).body().path("detail").asString())
                .isEqualTo("Saw " + tag + " is in service.");
        assertThat(lines("SAW")).containsExactly("BROUGHT_BACK Another saw was sold", "RETIRED Sold");
    }

    /** Its failed brake is as failed as before. */
    @Test
    void whatWasHeldComesBackHeld() {
        api.post(
                "/api/saws/" + tag + "/records",
                Checks.step(api, "BRAKE_LEVER", "FAIL", "\"LEVER_DOES_NOT_SNAP\"", ""));
        retire();
        bringBack(api.officer());
        assertThat(api.plate(tag).path("state").asString()).isEqualTo("HELD");
    }

    /** A record of a retired saw is put right as well: the officer's, since it counts when the saw comes back. */
    @Test
    void aRecordOfARetiredSawIsStruckByTheOfficer() {
        String failed = RunningServer.id();
        api.post("/api/saws/" + tag + "/records", Checks.stepOf(api, failed, "OUTSIDE_LOOK", "FINE", "", "{}", ""));
        retire();
        String body = "{\"id\":\"%s\",\"reason\":\"Not checked\"}";
        assertThat(api.get("/api/records/" + failed + "/strike").body().path("saws"))
                .isEmpty();
        assertThat(api.by(api.operator())
                        .post("/api/records/" + failed + "/strike", body.formatted(RunningServer.id()))
                        .status())
                .isEqualTo(403);
        assertThat(api.post("/api/records/" + failed + "/strike", body.formatted(RunningServer.id()))
                        .status())
                .isEqualTo(204);
    }

    @Test
    void partsOfARetiredSawComeOffAndServeOnAnother() {
        retire();
        assertThat(fit("\"bar\":" + part("B", tag), "").status()).isEqualTo(200);
        assertThat(fit("\"bar\":" + part("B", tag) + ",\"chain\":" + part("C", tag), "")
                        .body()
                        .path("detail")
                        .asString())
                .isEqualTo("Saw " + tag + " is retired. Its parts can be taken off, nothing is fitted to it.");
        String old = tag;
        aFitSaw();
        assertThat(fit(
                                "\"bar\":" + part("B", tag) + ",\"chain\":" + part("C", old) + ",\"sprocket\":"
                                        + part("S", tag),
                                "")
                        .status())
                .isEqualTo(200);
        assertThat(part(old, "retire", "Worn").status()).isEqualTo(204);
        assertThat(part(old, "retire/undo", "The other one was worn").status()).isEqualTo(204);
        JsonNode sprocket = api.get("/api/parts/S-" + old).body();
        assertThat(sprocket.has("retiredAt")).isFalse();
        assertThat(sprocket.path("changes").findValuesAsString("reason"))
                .containsExactly("Worn", "The other one was worn");
        assertThat(part(old, "retire/undo", "Twice").body().path("detail").asString())
                .isEqualTo("S-" + old + " is not retired.");
    }

    /** The sprocket of a saw. */
    private Answer part(String of, String act, String why) {
        return api.post(
                "/api/parts/S-" + of + "/" + act,
                "{\"id\":\"%s\",\"reason\":\"%s\"}".formatted(RunningServer.id(), why));
    }

    @Test
    void oldLabelsStillFindASawThatWasGivenAnotherTag() {
        String before = tag;
        String after = "N" + before.substring(1);
        assertThat(tag(api.operator(), after).status()).isEqualTo(403);
        assertThat(tag(api.officer(), after).body().path("tag").asString()).isEqualTo(after);
        JsonNode found = api.get("/api/saws/" + before).body();
        assertThat(found.path("tag").asString()).isEqualTo(after);
        assertThat(found.path("formerTags").get(0).asString()).isEqualToIgnoringCase(before);
        assertThat(api.get("/api/saws/" + before.toLowerCase(java.util.Locale.ROOT) + "/schedule")
                        .status())
                .isEqualTo(200);
        assertThat(api.post("/api/outings/issue", Checks.issue(api, before)).status())
                .isEqualTo(204);
        assertThat(api.get("/api/log?saw=" + before)
                        .body()
                        .path("entries")
                        .get(0)
                        .path("tag")
                        .asString())
                .isEqualTo(after);
        assertThat(lines("SAW")).containsExactly("TAGGED The plate was lost");
        // No other saw gets it; its own it may be again.
        tag = after;
        assertThat(api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), before, 68))
                        .sentenceAt("tag"))
                .isEqualTo("Tag " + before + " was once that of saw " + after + ": its labels still find it.");
        assertThat(tag(api.officer(), before).body().path("tag").asString()).isEqualTo(before);
        assertThat(api.get("/api/saws/" + after).body().path("tag").asString()).isEqualTo(before);
    }

    @Test
    void aTagThatCannotBeIsRefused() {
        assertThat(tag(api.officer(), "no tag at all").sentenceAt("tag")).contains("up to 12 letters");
        assertThat(tag(api.officer(), "01").sentenceAt("tag")).contains("already on another saw");
        assertThat(act("/tag", api.officer(), ",\"tag\":\"Q-NEW\",\"reason\":\" \"")
                        .status())
                .isEqualTo(422);
        assertThat(api.get("/api/saws/" + tag).body().path("tag").asString()).isEqualTo(tag);
    }

    /** The saw is not at hand: whoever worked on it did so out there, and says so. */
    @Test
    void nobodyWorksOnASawThatIsOutWithoutSayingSo() {
        api.post("/api/outings/issue", Checks.issue(api, tag));
        String off = "\"bar\":" + part("B", tag) + ",\"sprocket\":" + part("S", tag);
        assertThat(fit(off, "").sentenceAt("outThere")).contains("is out with a crew");
        assertThat(api.get("/api/saws/" + tag).body().has("chain")).isTrue();
        String strokes = "{\"STROKES_LEFT\":\"3\",\"STROKES_RIGHT\":\"3\"}";
        assertThat(api.post(
                                "/api/saws/" + tag + "/records",
                                Checks.stepOf(api, RunningServer.id(), "SHARPEN", "FINE", "", strokes, ""))
                        .sentenceAt("outThere"))
                .contains("was out with a crew");
        assertThat(api.post("/api/saws/" + tag + "/records", Checks.step(api, "OUTSIDE_LOOK", "FINE", "", ""))
                        .status())
                .as("a crew looks and reads out there every day")
                .isEqualTo(204);
        assertThat(api.post(
                                "/api/saws/" + tag + "/records",
                                Checks.stepOf(
                                        api, RunningServer.id(), "SHARPEN", "FINE", "", strokes, ",\"outThere\":true"))
                        .status())
                .isEqualTo(204);
        assertThat(lines("STEP").get(0)).contains("Done out with the crew.");
        assertThat(fit(off, ",\"outThere\":true").status()).isEqualTo(200);
        assertThat(lines("FITTED").get(0)).contains("Fitted out with the crew.");
    }
}
