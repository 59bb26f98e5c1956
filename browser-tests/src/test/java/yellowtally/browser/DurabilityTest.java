package yellowtally.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/**
 * What was acknowledged is on disk, even if the process is killed the moment after: a fleet is written to, killed and started
 * again, and then asked what it knows.
 */
@Execution(ExecutionMode.SAME_THREAD)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class DurabilityTest {

    private static final UUID VISIT = UUID.randomUUID();

    private static Application again;
    private static Path folder;
    private static UUID lastCheck;

    @BeforeAll
    static void writeKillAndStartAgain(@TempDir Path data) {
        folder = data;
        try (Application application = Application.start(data, "--yellowtally.demo=false")) {
            new Fleet(application).addSaw("D1", Fleet.Kit.STANDARD);
            application.send("POST", "/api/saws/D1/visits", "{\"id\":\"%s\"}".formatted(VISIT));
            for (String step : List.of("MAKE_SAFE", "OUTSIDE_LOOK", "BRAKE_LEVER")) {
                application.send("POST", "/api/saws/D1/records", step(step));
            }
            for (int i = 0; i < 5; i++) {
                lastCheck = UUID.randomUUID();
                application.send("POST", "/api/saws/D1/tension-checks", check(lastCheck));
            }
            application.kill();
        }
        again = Application.start(data, "--yellowtally.demo=false");
    }

    @AfterAll
    static void end() {
        again.close();
    }

    @Test
    @Order(1)
    void anAcknowledgedCheckSurvivesAKill() {
        assertThat(again.get("/api/saws/D1/tension")).contains(lastCheck.toString());
    }

    @Test
    @Order(2)
    void aVisitGoesOnWhereItWasWhenTheServerWasKilled() {
        assertThat(again.get("/api/board")).contains("\"stepsDone\":3");
        again.send("POST", "/api/saws/D1/records", step("INERTIA"));
        assertThat(again.get("/api/board")).contains("\"stepsDone\":4");
    }

    /**
     * A screen at the vice listens to the caliper all the time, a backup and a check of all records have just begun: the application
     * ends all the same, and nobody reads from a database that is closed. This comes last.
     */
    @Test
    @Order(3)
    void neitherAListeningScreenNorLongWorkKeepsItFromEndingWell() throws Exception {
        for (String longWork : List.of("/api/backups", "/api/seal/check")) {
            again.send("POST", longWork, "{\"id\":\"%s\"}".formatted(UUID.randomUUID()));
        }
        HttpRequest listen = again.session().request("/api/caliper/stream").build();
        try (InputStream stream = HttpClient.newHttpClient()
                .send(listen, HttpResponse.BodyHandlers.ofInputStream())
                .body()) {
            assertThat(stream.read()).as("it listens").isPositive();
            // Left to its own patience with open requests it would wait for 30 s.
            assertThat(again.endsWithin(Duration.ofSeconds(25))).isTrue();
        }
        assertThat(Files.readString(folder.resolve("application.log")))
                .doesNotContain("WARN")
                .doesNotContain("ERROR")
                .doesNotContain("Exception");
        assertThat(folder.resolve("backups/.being-made")).doesNotExist();
    }

    private static String step(String step) {
        return """
                {"id":"%s","visitId":"%s","step":"%s",
                 "input":{"said":"FINE"}}""".formatted(UUID.randomUUID(), VISIT, step);
    }

    private static String check(UUID id) {
        return """
                {"id":"%s","occasion":"ROUTINE","work":"FELLING","readings":[
                 {"method":"TANG_LINE","value":"6","met":["NUTS_SLACK","BRAKE_OFF","NOSE_UP","COLD","OILED","PULLED_ROUND"],
                  "movement":"ONE_FINGER","tipsClearWithoutPull":false,"tightSpot":false,"turnsBefore":0}]}""".formatted(id);
    }
}
