package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceAccessMode;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Api;

/** The demo fleet tells its stories through the same rules as any other. */
@ExtendWith(RunningServer.class)
@ResourceLock(value = RunningServer.FLEET_SETTINGS, mode = ResourceAccessMode.READ)
class DemoDataHttpTest {

    private final Api api;

    DemoDataHttpTest(Api api) {
        this.api = api;
    }

    @ParameterizedTest
    @CsvSource({
        "03, DUE,  RECHECK_LIGHT_CUTTING",
        "07, DUE, RAN_TOO_TIGHT",
        "10, HELD, THROW_RISK",
        "11, DUE,  READ_HOT",
        "12, DUE, SLACK_AGAIN",
        "13, HELD, FINDING_HOLDS",
        "15, DUE,  FAULT_FIND",
        "16, HELD, NOT_SET_BACK",
        "17, HELD, FINDING_HOLDS",
        "18, HELD, RESTED",
        "19, DUE,  TASK_DUE",
    })
    void everyStoryIsOnTheBoard(String tag, String state, String headline) {
        assertThat(api.plate(tag).path("state").asString()).isEqualTo(state);
        assertThat(api.plate(tag).path("headline").path("what").asString()).isEqualTo(headline);
    }

    /** A used saw with no past: what nobody knows is unknown, not "0 of 3". */
    @Test
    void aSawWithoutAPastSaysSo() {
        Set<String> unknown = new HashSet<>();
        Set<String> told = new HashSet<>();
        api.get("/api/saws/19/schedule").body().path("tasks").forEach(task -> {
            if (task.path("told").asBoolean()) {
                told.add(task.path("task").asString());
            }
            if (task.path("unknown").asBoolean()) {
                unknown.add(task.path("task").asString());
            }
        });
        assertThat(told)
                .as("three lines of a notebook")
                .containsExactlyInAnyOrder("GROOVE_FLIP", "AIR_FILTER", "TANKS");
        assertThat(unknown).contains("SHARPEN", "SPROCKET", "PLUG").doesNotContain("BRAKE", "OUTSIDE_LOOK", "TENSION");
    }

    @Test
    void theFleetHasAllKinds() {
        Set<String> kinds = new HashSet<>();
        for (int i = 1; i <= 14; i++) {
            JsonNode saw = api.get("/api/saws/%02d".formatted(i)).body();
            kinds.add(saw.path("card").path("power").asString());
            kinds.add(saw.path("card").path("handle").asString());
            kinds.add(saw.path("card").path("oiler").asString());
            kinds.add(saw.path("bar").path("nose").asString());
        }
        assertThat(kinds)
                .contains("PETROL", "BATTERY", "CORDED", "REAR", "TOP")
                .contains("AUTOMATIC_FIXED", "AUTOMATIC_ADJUSTABLE", "HAND_BULB")
                .contains("SEALED_SPROCKET", "GREASABLE_SPROCKET", "SOLID");
    }

    @Test
    void heldComesBeforeDueBeforeFit() {
        String order = "";
        for (JsonNode row : api.get("/api/board").body().path("work")) {
            order += row.path("state").asString().charAt(0);
        }
        assertThat(order).matches("H+D+F+");
    }
}
