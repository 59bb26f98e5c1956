package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A saw is brought in with what is known of its past: it counts, and proves nothing (handbook section 11). */
@ExtendWith(RunningServer.class)
class PastHttpTest {

    private static final String NOTEBOOK = """
            {"step":"SHARPEN","day":"10 d","since":"2","figures":{"FILED_SHORTEST":"7.4 mm"}},
            {"step":"PLUG","day":"5 w","since":"21"},
            {"step":"AIR_FILTER","day":"3 w"},
            {"step":"SPROCKET","day":"4 w","since":"","figures":{"SPROCKET_WEAR":"0.2 mm"}},
            {"step":"TANKS","day":"2 months ago"}""";

    private final Api api;
    private String tag;

    PastHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void tag() {
        tag = "P" + RunningServer.id().substring(0, 6);
    }

    private String saw(String past) {
        return Checks.newSaw(api, RunningServer.id(), tag, 68)
                        .replaceFirst(
                                "\"inService\":\"[^\"]*",
                                "\"inService\":\"" + LocalDate.now().minusYears(2))
                        .replaceFirst("\\}\\s*$", "")
                + ",\"past\":" + past + "}";
    }

    private static String lines(String lines) {
        return "{\"lines\":[" + lines + "]}";
    }

    private JsonNode task(String name) {
        for (JsonNode task : api.get("/api/saws/" + tag + "/schedule").body().path("tasks")) {
            if (task.path("task").asString().equals(name)) {
                return task;
            }
        }
        throw new AssertionError("no task " + name);
    }

    private static double used(JsonNode task) {
        return task.path("limits").get(0).path("counted").asDouble();
    }

    /** Tanks, days and figures count from when they were; what nobody knows is proposed; the saw is held until it is proved here. */
    @Test
    void whatIsToldCountsAndProvesNothing() {
        assertThat(api.post("/api/saws", saw(lines(NOTEBOOK))).status()).isEqualTo(200);
        JsonNode page = api.get("/api/saws/" + tag + "/schedule").body();
        assertThat(page.path("state").asString()).isEqualTo("HELD");
        assertThat(used(task("SHARPEN"))).isEqualTo(2);
        assertThat(task("SHARPEN").path("told").asBoolean()).isTrue();
        assertThat(used(task("PLUG"))).isEqualTo(21);
        assertThat(used(task("AIR_FILTER")))
                .as("at most what the plug has seen")
                .isEqualTo(21);
        assertThat(task("TANKS").path("unknown").asBoolean())
                .as("the calendar tells")
                .isFalse();
        assertThat(task("SPROCKET").path("unknown").asBoolean()).isTrue();
        assertThat(task("BEARING").path("unknown").asBoolean()).isTrue();
        List<String> proposed = new ArrayList<>();
        page.path("plan").forEach(step -> {
            if (step.path("why").asString().equals("PAST_UNKNOWN")) {
                proposed.add(step.path("step").asString());
            }
        });
        assertThat(proposed).contains("BEARING", "SPROCKET").doesNotContain("PLUG", "SHARPEN", "TANKS");

        JsonNode log = api.get("/api/log?saw=" + tag).body().path("entries");
        List<String> told = new ArrayList<>();
        log.forEach(entry -> {
            if (entry.path("step").path("told").asBoolean()) {
                told.add(entry.path("step").path("step").asString());
            }
        });
        assertThat(told).containsExactlyInAnyOrder("SHARPEN", "PLUG", "AIR_FILTER", "SPROCKET", "TANKS");
        JsonNode wear = api.get("/api/saws/" + tag + "/wear").body();
        assertThat(wear.toString()).contains("7.4");

        // The whole of it proved here: it goes out. Nothing of the notebook was needed for that.
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        assertThat(api.plate(tag).path("state").asString()).isNotEqualTo("HELD");
    }

    /** A figure that fails holds, whoever told it, and no other told figure clears it. */
    @Test
    void aToldFigureThatFailsHolds() {
        api.post(
                "/api/saws",
                saw(lines("{\"step\":\"BRAKE_BAND\",\"day\":\"5 w\",\"figures\":{\"BAND_THICKNESS\":\"0.4 mm\"}}")));
        assertThat(needs()).contains("BRAKE_BAND");
        assertThat(tell(lines("{\"step\":\"BRAKE_BAND\",\"day\":\"1 w\",\"figures\":{\"BAND_THICKNESS\":\"1.2 mm\"}}"))
                        .status())
                .isEqualTo(204);
        Checks.serve(api, tag);
        assertThat(needs()).as("told, and a look without the figure").contains("BRAKE_BAND");
    }

    private List<String> needs() {
        List<String> needs = new ArrayList<>();
        api.get("/api/saws/" + tag + "/schedule")
                .body()
                .path("needs")
                .forEach(need -> needs.add(need.path("step").asString()));
        return needs;
    }

    private Answer tell(String past) {
        return api.post(
                "/api/saws/" + tag + "/past", "{\"id\":\"%s\",\"past\":%s}".formatted(RunningServer.id(), past));
    }

    @Test
    void aToldHoldHoldsUntilItIsCleared() {
        api.post("/api/saws", saw("{\"lines\":[],\"held\":\"Screams at idle\",\"heldUntil\":\"CONTROLS\"}"));
        JsonNode hold =
                api.get("/api/saws/" + tag + "/schedule").body().path("holds").get(0);
        assertThat(hold.path("note").asString()).isEqualTo("Screams at idle");
        assertThat(hold.path("step").asString()).isEqualTo("CONTROLS");
        assertThat(tell("{\"lines\":[],\"held\":\"And it leaks\"}").status()).isEqualTo(204);
        assertThat(api.get("/api/saws/" + tag + "/schedule").body().path("holds"))
                .hasSize(4);
    }

    /** What cannot be is refused where it stands, all of it at once, and no saw is added. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'step':'PLUG','day':'31 feb'}                                   | past.PLUG.day                | not a day",
                "{'step':'PLUG','day':'12/11'}                                    | past.PLUG.day                | month as a word",
                "{'step':'PLUG','since':'3'}                                      | past.PLUG.day                | Say when",
                "{'step':'PLUG','day':'3 y'}                                      | past.PLUG.day                | not a day",
                "{'step':'PLUG','day':'40 months'}                                | past.PLUG.day                | before the saw came into service",
                "{'step':'PLUG','day':'3 w','since':'some'}                       | past.PLUG.since              | not a number",
                "{'step':'PLUG','day':'3 w','since':'-1'}                         | past.PLUG.since              | zero or more",
                "{'step':'PLUG','day':'1 d','since':'900'}                        | past.PLUG.since              | more than can be used",
                "{'step':'TANKS','day':'3 w','since':'9'}                         | past.TANKS.since             | the calendar tells",
                "{'step':'SHARPEN','day':'3 w','figures':{'FILED_SHORTEST':'70'}} | past.SHARPEN.FILED_SHORTEST  | out of range",
                "{'step':'SHARPEN','day':'3 w','figures':{'FILED_SHORTEST':'14 mm'}} | past.SHARPEN.FILED_SHORTEST | never longer",
                "{'step':'SHARPEN','day':'3 w','figures':{'GROOVE_DEPTH':'7'}}    | past.SHARPEN.GROOVE_DEPTH    | does not belong",
                "{'step':'TENSION','day':'3 w'}                                   | past.TENSION.day             | proved here",
                "{'step':'BRAKE_LEVER','day':'3 w'}                               | past.BRAKE_LEVER.day         | proved here",
                "{'step':'PLUG','day':'3 w'},{'step':'PLUG','day':'2 w'}          | past.PLUG.day                | twice",
                "{'step':'PLUG','day':'5 w','since':'9'},{'step':'AIR_FILTER','day':'2 w','since':'12'} | past.AIR_FILTER.since | cannot have seen more",
                "{'step':'SHARPEN','day':'1 w'},{'step':'DEPTH_GAUGES','day':'2 w','since':'0'} | past.DEPTH_GAUGES.since | count that one"
            })
    void whatCannotBeIsRefused(String line, String field, String sentence) {
        Answer refused = api.post("/api/saws", saw(lines(line.replace('\'', '"'))));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.sentenceAt(field)).contains(sentence);
        assertThat(api.get("/api/saws/" + tag).status())
                .as("nothing is half stored")
                .isEqualTo(404);
    }

    /** What is typed is read as it will be stored, and nothing is stored by it. */
    @Test
    void theAnswerWhileTypingIsTheOneThatIsStored() {
        JsonNode answer = api.post("/api/past/preview", """
                        {"power":"PETROL","sparkArrestor":true,"inService":"%s","lines":[%s,{"step":"STARTER","day":"%d"}]}""".formatted(
                        LocalDate.now().minusYears(2), NOTEBOOK, LocalDate.now().getYear()))
                .body();
        assertThat(answer.path("wrong")).isEmpty();
        JsonNode filter = answer.path("read").get(2);
        assertThat(filter.path("step").asString()).isEqualTo("AIR_FILTER");
        assertThat(filter.path("day").asString())
                .isEqualTo(LocalDate.now().minusWeeks(3).toString());
        assertThat(filter.path("since").asDouble()).isEqualTo(21);
        assertThat(filter.path("atMost").asBoolean()).isTrue();
        assertThat(answer.path("read").get(5).path("roughly").asBoolean()).isTrue();
        assertThat(answer.path("read").get(5).path("day").asString())
                .isEqualTo(LocalDate.now().getYear() + "-01-01");
        JsonNode battery = api.post("/api/past/preview", "{\"power\":\"BATTERY\",\"sparkArrestor\":false,\"lines\":[]}")
                .body();
        assertThat(battery.path("lines").toString()).contains("SHARPEN").doesNotContain("PLUG", "ARRESTOR");
    }

    /** Once it has records of its own, what was done since is recorded where it is done. */
    @Test
    void onlyWhatWasBeforeItCameIsTold() {
        api.post("/api/saws", saw(lines("")));
        assertThat(tell(lines("{\"step\":\"PLUG\",\"day\":\"1 w\"}")).status()).isEqualTo(204);
        JsonNode page = api.get("/api/saws/" + tag + "/past").body();
        assertThat(page.path("told")).hasSize(1);
        assertThat(page.path("until").asString()).isEqualTo(LocalDate.now().toString());
        String id = page.path("told").get(0).path("id").asString();
        assertThat(api.post(
                                "/api/records/" + id + "/strike",
                                "{\"id\":\"%s\",\"reason\":\"Of another saw\"}".formatted(RunningServer.id()))
                        .status())
                .isEqualTo(204);
        assertThat(api.get("/api/saws/" + tag + "/past").body().path("told")).isEmpty();
        assertThat(task("PLUG").path("unknown").asBoolean()
                        || task("PLUG").path("due").asBoolean())
                .isTrue();
    }

    /** A saw whose own records begin three days ago: what is told of it lies before, and is read so while it is typed. */
    @Test
    void whatIsToldLaterLiesBeforeItsOwnRecords() {
        api.post("/api/saws", saw(lines("{\"step\":\"PLUG\",\"day\":\"5 w\",\"since\":\"20\"}")));
        String early = Instant.now().minus(3, ChronoUnit.DAYS).toString();
        assertThat(api.post(
                                "/api/saws/" + tag + "/records",
                                "{\"id\":\"%s\",\"step\":\"TANKS\",\"at\":\"%s\",\"note\":\"Late\",\"input\":{\"said\":\"FINE\"}}"
                                        .formatted(RunningServer.id(), early))
                        .status())
                .isEqualTo(204);
        for (String[] told : new String[][] {
            {"{\"step\":\"STARTER\",\"day\":\"2 d\"}", "past.STARTER.day", "recorded as done, not told"},
            {"{\"step\":\"PLUG\",\"day\":\"5 w\"}", "past.PLUG.day", "told already"},
            {
                "{\"step\":\"AIR_FILTER\",\"day\":\"3 w\",\"since\":\"25\"}",
                "past.AIR_FILTER.since",
                "cannot have seen more"
            },
        }) {
            assertThat(tell(lines(told[0])).sentenceAt(told[1])).contains(told[2]);
            assertThat(api.post("/api/saws/" + tag + "/past/preview", lines(told[0]))
                            .body()
                            .path("wrong")
                            .toString())
                    .contains(told[1], told[2]);
        }
        JsonNode read = api.post(
                        "/api/saws/" + tag + "/past/preview", lines("{\"step\":\"AIR_FILTER\",\"day\":\"3 w\"}"))
                .body()
                .path("read")
                .get(0);
        assertThat(read.path("since").asDouble())
                .as("at most what the plug has seen, told before")
                .isEqualTo(20);
        assertThat(tell(lines("{\"step\":\"AIR_FILTER\",\"day\":\"3 w\"}")).status())
                .isEqualTo(204);
        assertThat(used(task("AIR_FILTER"))).isEqualTo(20);
    }

    /** Told to have been done on the day it came, whatever the hour: before all that was proved here, and so nothing is apart. */
    @Test
    void whatIsToldOfTheDayItCameHoldsNothing() {
        api.post("/api/saws", saw(lines("")));
        Checks.serve(api, tag);
        api.post("/api/saws/" + tag + "/tension-checks", Checks.check(api, RunningServer.id(), Checks.reading("6")));
        String proved = api.plate(tag).path("state").asString();
        assertThat(proved).isNotEqualTo("HELD");
        assertThat(tell(lines("{\"step\":\"GROOVE\",\"day\":\"today\",\"since\":\"0\"}"))
                        .status())
                .isEqualTo(204);
        assertThat(api.plate(tag).path("state").asString()).isEqualTo(proved);
    }

    /** A set that is named in one line has the figures of it, and what the line lacks is said. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "18 .325 .050 68 7      |",
                "18 in, .325, .050, 68  |",
                "18 .325 68 7           | gauge is missing",
                "18 .325 .050 68 7 blue | blue"
            })
    void aSetIsNamedByItsFigures(String line, @Nullable String refused) {
        Answer answer = api.post("/api/saws", set(line));
        if (refused != null) {
            assertThat(answer.sentenceAt("set.figures")).contains(refused);
            return;
        }
        assertThat(answer.body().path("bar").path("lengthMm").asDouble()).isEqualTo(18 * 25.4);
        assertThat(answer.body().path("chain").path("driveLinks").asInt()).isEqualTo(68);
        assertThat(answer.body().path("chain").path("gauge").asString()).isEqualTo("G_050");
        assertThat(answer.body().has("sprocket")).isEqualTo(line.endsWith("7"));
    }

    private String set(String line) {
        return """
                {"id":"%s","tag":"%s","saw":%s,"set":{"figures":"%s","chain":{"tag":"C-%2$s","create":true},
                 "bar":{"tag":"B-%2$s","create":true},"sprocket":{"tag":"S-%2$s","create":true},"newChain":false}}""".formatted(RunningServer.id(), tag, Checks.card("Kestrup"), line);
    }

    /** The next one is offered like one that is there, with the tags that come next. */
    @Test
    void theNextOneIsOfferedLikeAnother() {
        api.post("/api/saws", set("16 3/8 lp .050 56 6 spur"));
        JsonNode offer = api.get("/api/new-saw?like=" + tag).body();
        assertThat(offer.path("like").path("card").path("make").asString()).isEqualTo("Kestrup");
        assertThat(offer.path("figures").asString()).isEqualTo("16 in, 3/8 lp, .050\", 56 links, 6 t spur");
        for (String kind : new String[] {"tag", "chainTag", "barTag", "sprocketTag"}) {
            String next = offer.path(kind).asString();
            if (!next.isEmpty()) {
                assertThat(api.get("/api/saws/" + next).status()).as(next).isEqualTo(404);
            }
        }
        assertThat(api.get("/api/new-saw?like=no-such").status()).isEqualTo(404);
        assertThat(api.get("/api/models").body().toString()).contains("\"make\":\"Kestrup\"");
    }
}
