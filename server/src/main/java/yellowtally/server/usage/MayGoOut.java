package yellowtally.server.usage;

import yellowtally.server.fleet.Saw;

/** The question that is asked before a saw is issued; answered by the room that knows the saw's condition. */
public interface MayGoOut {

    /** Refuses when the saw must not go out, or lies on the bench, and says why. */
    void refuseUnfit(Saw saw);
}
