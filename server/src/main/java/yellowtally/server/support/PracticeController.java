package yellowtally.server.support;

import io.swagger.v3.oas.annotations.Hidden;
import java.time.Duration;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a practice copy can do and no other: there only when started with {@code --yellowtally.practice=true}. */
@Hidden
@RestController
@ConditionalOnProperty("yellowtally.practice")
class PracticeController {

    private final FleetClock clock;

    PracticeController(FleetClock clock) {
        this.clock = clock;
    }

    /** How far the clock of the fleet shall be ahead of the machine's, such as PT25H. */
    record Ahead(Duration ahead) {}

    @PutMapping("/api/practice/clock")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void set(@RequestBody Ahead given) {
        if (!clock.setAhead(given.ahead())) {
            throw Refusal.unfit("ahead", "practice.clockBack");
        }
    }
}
