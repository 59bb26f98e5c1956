package yellowtally.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was acknowledged is on disk, even if the process is killed the moment after. */
class DurabilityTest {

    @Test
    void anAcknowledgedCheckSurvivesAKill(@TempDir Path data) {
        UUID last = null;
        try (Application application = Application.start(data)) {
            String person = personOf(application.get("/api/people"));
            for (int i = 0; i < 5; i++) {
                last = UUID.randomUUID();
                application.send("POST", "/api/saws/06/tension-checks", check(last, person));
            }
            application.kill();
        }
        try (Application again = Application.start(data)) {
            assertThat(again.get("/api/saws/06/tension")).contains(String.valueOf(last));
        }
    }

    @Test
    void aVisitGoesOnWhereItWasWhenTheServerWasKilled(@TempDir Path data) {
        UUID visit = UUID.randomUUID();
        String person;
        try (Application application = Application.start(data)) {
            person = personOf(application.get("/api/people"));
            application.send(
                    "POST",
                    "/api/saws/15/visits",
                    "{\"id\":\"%s\",\"personId\":\"%s\",\"device\":\"test\"}".formatted(visit, person));
            for (String step : List.of("MAKE_SAFE", "OUTSIDE_LOOK", "BRAKE_LEVER")) {
                application.send("POST", "/api/saws/15/records", step(step, visit, person));
            }
            application.kill();
        }
        try (Application again = Application.start(data)) {
            assertThat(again.get("/api/board")).contains("\"stepsDone\":3");
            again.send("POST", "/api/saws/15/records", step("INERTIA", visit, person));
            assertThat(again.get("/api/board")).contains("\"stepsDone\":4");
        }
    }

    /** A screen at the vice listens to the caliper all the time; the application ends all the same. */
    @Test
    void aListeningScreenDoesNotKeepItFromEnding(@TempDir Path data) throws Exception {
        try (Application application = Application.start(data)) {
            HttpRequest listen = HttpRequest.newBuilder(URI.create(application.address() + "/api/caliper/stream"))
                    .build();
            try (InputStream stream = HttpClient.newHttpClient()
                    .send(listen, HttpResponse.BodyHandlers.ofInputStream())
                    .body()) {
                assertThat(stream.read()).as("it listens").isPositive();
                assertThat(application.endsWithin(Duration.ofSeconds(12))).isTrue();
            }
        }
    }

    private static String step(String step, UUID visit, String person) {
        return """
                {"id":"%s","personId":"%s","device":"test","visitId":"%s","step":"%s",
                 "input":{"said":"FINE"}}""".formatted(UUID.randomUUID(), person, visit, step);
    }

    private static String personOf(String people) {
        Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"").matcher(people);
        assertThat(id.find()).isTrue();
        return id.group(1);
    }

    private static String check(UUID id, String person) {
        return """
                {"id":"%s","personId":"%s","device":"test","occasion":"ROUTINE","work":"FELLING","readings":[
                 {"method":"TANG_LINE","value":"6","met":["NUTS_SLACK","BRAKE_OFF","NOSE_UP","COLD","OILED","PULLED_ROUND"],
                  "movement":"ONE_FINGER","tipsClearWithoutPull":false,"tightSpot":false,"turnsBefore":0}]}""".formatted(id, person);
    }
}
