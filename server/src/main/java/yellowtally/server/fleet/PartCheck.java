package yellowtally.server.fleet;

import java.util.Set;
import java.util.UUID;
import yellowtally.core.steps.Subject;

/** The question that is asked before a part is fitted; answered by the room that keeps the findings. */
public interface PartCheck {

    /** Refuses a part that was found unfit for use. */
    void refuseCondemned(UUID partId, Subject kind, String tag);

    /** Whether a part was found unfit for use. */
    boolean condemned(UUID partId, Subject kind);

    /** All parts of a kind that were found unfit for use, retired ones too. */
    Set<UUID> condemned(Subject kind);
}
