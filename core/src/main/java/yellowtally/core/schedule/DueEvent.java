package yellowtally.core.schedule;

import java.util.EnumSet;
import java.util.Set;

/** What makes a task due at once, whatever its counters say (handbook section 10). */
public enum DueEvent {
    GROUND_STRUCK,
    DUST_SEEN,
    RAIN,
    /** It came back with a slack chain. */
    CHAIN_SLACK,
    COMPLAINT,
    SEASON_STARTS,
    /** All cutters were brought to one length, which lowers them: the gauges stand too high now. */
    EQUALISED,
    /** Another sprocket came on: the needle bearing is new with it. */
    NEW_SPROCKET,
    /** There is no record of it yet (fail-safe, handbook section 11). */
    NEVER_DONE;

    /** What an outing makes due at once. */
    public static Set<DueEvent> of(
            boolean rain, boolean groundStruck, boolean dustSeen, boolean chainSlack, boolean complaint) {
        Set<DueEvent> events = EnumSet.noneOf(DueEvent.class);
        if (rain) {
            events.add(RAIN);
        }
        if (groundStruck) {
            events.add(GROUND_STRUCK);
        }
        if (dustSeen) {
            events.add(DUST_SEEN);
        }
        if (chainSlack) {
            events.add(CHAIN_SLACK);
        }
        if (complaint) {
            events.add(COMPLAINT);
        }
        return events;
    }
}
