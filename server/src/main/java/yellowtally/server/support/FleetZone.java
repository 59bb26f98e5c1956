package yellowtally.server.support;

import java.time.ZoneId;

/** Where the days of the fleet begin. */
public interface FleetZone {

    /** From now on its days are those of this zone; nothing where the application was started with one. */
    void daysIn(ZoneId zone);
}
