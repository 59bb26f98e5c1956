package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import yellowtally.server.RunningServer.Api;

/** The clock is set in a practice copy only. */
@ExtendWith(RunningServer.class)
class PracticeHttpTest {

    private final Api api;

    PracticeHttpTest(Api api) {
        this.api = api;
    }

    @Test
    void nobodySetsTheClockOfAFleetInUse() {
        assertThat(api.put("/api/practice/clock", "{\"ahead\":\"PT25H\"}").status())
                .isEqualTo(404);
        Instant said = Instant.parse(api.get("/api/board").body().path("at").asString());
        assertThat(Duration.between(Instant.now(), said)).isLessThan(Duration.ofHours(1));
    }

    @Test
    void theDescriptionDoesNotSpeakOfIt() {
        assertThat(api.get("/api/openapi").raw().body()).doesNotContain("practice");
    }
}
