package yellowtally.server.settings;

import java.util.UUID;

/** Sees to it that a looser limit lifts no hold; answered by the room that holds saws. */
public interface WatchesSettings {

    /** Looks at the saws before a setting changes; what it answers is run after the change, in the same transaction. */
    Runnable before(UUID personId);
}
