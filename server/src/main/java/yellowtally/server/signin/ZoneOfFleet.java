package yellowtally.server.signin;

import java.time.ZoneId;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import yellowtally.server.support.FleetZone;

/** Has the days begin where the fleet said, from the start on. */
@Component
class ZoneOfFleet implements SmartInitializingSingleton {

    private final SetUp setUp;
    private final FleetZone zone;

    ZoneOfFleet(SetUp setUp, FleetZone zone) {
        this.setUp = setUp;
        this.zone = zone;
    }

    @Override
    public void afterSingletonsInstantiated() {
        setUp.fleet().ifPresent(fleet -> zone.daysIn(ZoneId.of(fleet.zone())));
    }
}
