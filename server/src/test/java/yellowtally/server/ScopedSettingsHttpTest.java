package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Answer;
import yellowtally.server.RunningServer.Api;

/** A limit for the fleet, for a model, for one saw: the narrowest wins, each with its way back. */
@ExtendWith(RunningServer.class)
class ScopedSettingsHttpTest {

    private static final String KEY = "schedule.tanks.days";

    private final Api api;
    private String tag;

    ScopedSettingsHttpTest(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aSaw() {
        tag = "S" + RunningServer.id().substring(0, 6);
        api.post(
                "/api/saws",
                Checks.newSaw(api, RunningServer.id(), tag, 68)
                        .replace("\"model\":\"K50\"", "\"model\":\"M" + tag + "\""));
    }

    private Answer set(String key, String value, String scope) {
        String given = value == null ? "" : ",\"value\":\"" + value + "\"";
        return api.post(
                "/api/settings/changes",
                "{\"id\":\"%s\",\"key\":\"%s\",\"reason\":\"Tried it\",\"scope\":\"%s\",\"scopeSaw\":\"%s\"%s}"
                        .formatted(RunningServer.id(), key, scope, tag, given));
    }

    private double limit() {
        for (JsonNode task : api.get("/api/saws/" + tag + "/schedule").body().path("tasks")) {
            if (task.path("task").asString().equals("TANKS")) {
                return task.path("limits").get(0).path("limit").asDouble();
            }
        }
        throw new AssertionError("no task");
    }

    private JsonNode number(String scope) {
        for (JsonNode number :
                api.get("/api/settings?scope=" + scope + "&saw=" + tag).body().path("numbers")) {
            if (number.path("key").asString().equals(KEY)) {
                return number;
            }
        }
        throw new AssertionError("no number");
    }

    @Test
    void theNarrowestWinsAndGoesBackStepByStep() {
        assertThat(limit()).isEqualTo(180);
        set(KEY, "150", "MODEL");
        assertThat(limit()).isEqualTo(150);
        set(KEY, "100", "SAW");
        assertThat(limit()).isEqualTo(100);
        assertThat(number("SAW").path("value").asDouble()).isEqualTo(100);
        assertThat(number("SAW").path("standard").asDouble())
                .as("what holds without it")
                .isEqualTo(150);
        assertThat(number("SAW").path("changed").path("reason").asString()).isEqualTo("Tried it");
        assertThat(number("MODEL").path("standard").asDouble()).isEqualTo(180);
        set(KEY, null, "SAW");
        assertThat(limit()).isEqualTo(150);
        set(KEY, null, "MODEL");
        assertThat(limit()).isEqualTo(180);
    }

    @Test
    void anotherSawIsNotTouched() {
        set(KEY, "30", "SAW");
        for (JsonNode task : api.get("/api/saws/06/schedule").body().path("tasks")) {
            if (task.path("task").asString().equals("TANKS")) {
                assertThat(task.path("limits").get(0).path("limit").asDouble()).isEqualTo(180);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "schedule.tanks.days  | 0       | SAW   | value | Give a number from 1 to 1,095.",
                "schedule.tanks.days  | many    | SAW   | value | Give a number from 1 to 1,095.",
                "tension.ratio.right-to | 2     | SAW   | key   | This is set for the whole fleet, not for a model or a saw.",
                "season.fire.from     | 05-01   | MODEL | key   | This is set for the whole fleet, not for a model or a saw.",
                "season.fire.from     | 13-45   | FLEET | value | Give month and day, such as 04-01.",
                "house.nose-grease    | SOMETIMES | SAW | value | This is not one of the choices.",
                "no.such              | 1       | FLEET | key   | There is no such setting.",
            })
    void whatCannotBeSetIsRefusedInWords(String key, String value, String scope, String field, String sentence) {
        assertThat(set(key, value, scope).sentenceAt(field)).isEqualTo(sentence);
    }

    /** Limits that belong together keep their order wherever one is set: fleet, model or saw. */
    @Test
    void limitsThatCrossAreRefusedInEveryScope() {
        assertThat(set("oiling.ratio.none-under", "2", "FLEET").sentenceAt("value"))
                .isEqualTo(
                        "This would put “Tanks of bar oil for each of fuel, or share of the usual: under this the chain is not oiled, hold” at or above"
                                + " “Under this the oiling is low: check before use”. Change the other one first.");
        assertThat(set("bar.rails.dress-from", "0.8", "SAW").sentenceAt("value"))
                .isEqualTo(
                        "On saw " + tag + " this would put “Difference of the rails from which both are dressed” at or"
                                + " above “Difference of the rails over which the bar is scrap”. Change the other one first.");
        assertThat(set("bar.rails.dress-from", "0.7", "SAW").status()).isEqualTo(200);
        assertThat(set("bar.rails.scrap-over", "0.6", "MODEL").sentenceAt("value"))
                .as("the saw's own limit stands in the way of its model's")
                .startsWith("On saw " + tag);
        assertThat(set("bar.rails.scrap-over", "0.6", "FLEET").sentenceAt("value"))
                .as("and of the fleet's")
                .startsWith("On saw " + tag);
        Answer back = set("bar.rails.dress-from", null, "SAW");
        assertThat(back.status()).as(back.body().toString()).isEqualTo(200);
    }

    @Test
    void greaseIsAPolicyOfTheBar() {
        String other = "O" + tag.substring(1);
        for (String greasable : List.of(other, "G" + tag.substring(1))) {
            api.post(
                    "/api/saws",
                    Checks.newSaw(api, RunningServer.id(), greasable, 68)
                            .replace("SEALED_SPROCKET", "GREASABLE_SPROCKET"));
            tag = greasable;
        }
        assertThat(schedule(tag)).contains("\"NOSE_GREASE\"");
        set("house.nose-grease", "NEVER", "SAW");
        assertThat(schedule(tag)).doesNotContain("\"NOSE_GREASE\"");
        assertThat(schedule(other)).contains("\"NOSE_GREASE\"");
        set("house.nose-grease", null, "SAW");
        assertThat(schedule(tag)).contains("\"NOSE_GREASE\"");
    }

    private String schedule(String saw) {
        return api.get("/api/saws/" + saw + "/schedule").raw().body();
    }
}
