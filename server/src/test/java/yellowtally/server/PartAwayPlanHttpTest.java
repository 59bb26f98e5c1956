package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import yellowtally.server.RunningServer.Api;

/** A loop that is away is off the shelf; the plan counts on it as far as the officer does. */
class PartAwayPlanHttpTest {

    private static OwnFleet fleet;
    private static Api api;

    @BeforeAll
    static void begin() {
        fleet = OwnFleet.empty("parts-away");
        api = fleet.api();
    }

    @AfterAll
    static void end() {
        fleet.close();
    }

    private static void write(String path, String more) {
        var answer = api.post(path, "{\"id\":\"%s\"%s}".formatted(RunningServer.id(), more));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(204);
    }

    private static JsonNode loops() {
        return api.get("/api/stores").body().path("parts").path(0);
    }

    /** On which day of the plan the saw is on the bench, from 0; -1 for none. */
    private static int day() {
        JsonNode days = api.get("/api/plan").body().path("days");
        for (int day = 0; day < days.size(); day++) {
            if (days.path(day).path("visits").findValuesAsString("tag").contains("V1")) {
                return day;
            }
        }
        return -1;
    }

    @Test
    void thePlanCountsOnALoopThatIsAwayAsFarAsTheOfficerDoes() {
        assertThat(api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), "V1", 68))
                        .status())
                .isLessThan(300);
        api.post("/api/saws/V1/records", Checks.step(api, "CHAIN_LOOK", "FAIL", "\"STRAP_CRACKED\"", ""));
        write(
                "/api/parts",
                ",\"chain\":{\"tag\":\"C-V2\",\"create\":true,\"pitch\":\"P_325\",\"gauge\":\"G_050\",\"driveLinks\":68}");
        assertThat(loops().path("shelf").toString()).isEqualTo("[\"C-V2\"]");
        assertThat(loops().has("order")).isFalse();
        int here = day();
        assertThat(here).isNotNegative();

        LocalDate today =
                LocalDate.parse(api.get("/api/plan").body().path("today").asString());
        write(
                "/api/parts-away",
                ",\"parts\":[\"C-V2\"],\"who\":\"Arnside Saw Doctors\",\"why\":\"Hit stones\",\"since\":\"%s\",\"said\":{\"counted\":false}"
                        .formatted(today));
        JsonNode gone = loops();
        assertThat(gone.path("shelf").size()).isZero();
        assertThat(gone.path("away").path(0).path("part").asString()).isEqualTo("C-V2");
        assertThat(gone.path("order").path("quantity").asInt())
                .as("nobody counts on it: another is wanted")
                .isEqualTo(1);
        assertThat(day()).isEqualTo(-1);

        LocalDate comes = today.plusDays(4);
        write(
                "/api/parts-away/words",
                ",\"parts\":[\"C-V2\"],\"said\":{\"expectedOn\":\"%s\",\"counted\":true}".formatted(comes));
        assertThat(loops().has("order")).as("it comes back").isFalse();
        assertThat(loops().path("away").path(0).path("comes").asBoolean()).isTrue();
        assertThat(day()).as("back on the fifth day, fitted after it").isGreaterThanOrEqualTo(4);

        write("/api/parts-away/back", ",\"parts\":[\"C-V2\"],\"done\":\"Ground\",\"looks\":[]");
        assertThat(loops().path("shelf").toString()).isEqualTo("[\"C-V2\"]");
        assertThat(day()).as("here again: as early as before").isLessThanOrEqualTo(here);
    }
}
