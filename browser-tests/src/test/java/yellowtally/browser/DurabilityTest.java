package yellowtally.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
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
