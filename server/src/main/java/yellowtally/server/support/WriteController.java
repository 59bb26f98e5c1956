package yellowtally.server.support;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** For a client that had no answer, or one that did not say: whether its write was carried out. */
@RestController
class WriteController {

    private final OnceOnly writes;

    WriteController(OnceOnly writes) {
        this.writes = writes;
    }

    /** Whether a write was carried out. */
    record WriteDone(boolean done) {}

    @GetMapping("/api/writes/{id}")
    WriteDone done(@PathVariable UUID id) {
        return new WriteDone(writes.wasDone(id));
    }
}
