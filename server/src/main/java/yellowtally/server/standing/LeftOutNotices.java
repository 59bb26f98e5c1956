package yellowtally.server.standing;

import java.util.List;
import org.springframework.stereotype.Component;
import yellowtally.server.support.Notices;
import yellowtally.server.support.Refusal;

/** A saw that nobody can read is missing from every list: that is said on every screen. */
@Component
class LeftOutNotices implements Notices {

    private final Standings standings;

    LeftOutNotices(Standings standings) {
        this.standings = standings;
    }

    @Override
    public List<Notice> now() {
        List<String> leftOut = standings.leftOut();
        return leftOut.isEmpty()
                ? List.of()
                : List.of(new Notice(false, Refusal.Fault.of("", "state.LEFT_OUT", String.join(", ", leftOut))));
    }
}
