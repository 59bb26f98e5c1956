package yellowtally.server.usage;

import java.util.UUID;
import yellowtally.server.fleet.Saw;

/** Looks at what a saw brings back; answered by the room that holds saws. */
public interface SeesReturns {

    /** A saw is back, and its outing is on record. */
    void back(Saw saw, UUID personId);
}
