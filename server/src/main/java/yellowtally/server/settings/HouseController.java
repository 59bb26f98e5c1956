package yellowtally.server.settings;

import java.time.Clock;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.measure.LengthUnit;

/** What every screen has to know before it shows a figure or a day. */
@RestController
class HouseController {

    private final FleetSettings settings;
    private final Clock clock;

    HouseController(FleetSettings settings, Clock clock) {
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * How the fleet writes.
     *
     * @param zone the zone of its days, as the IANA names it: a device may lie in another
     */
    record HouseView(LengthUnit lengthUnit, FuelUnit volumeUnit, String zone) {}

    @GetMapping("/api/house")
    HouseView house() {
        HouseRules rules = settings.rules();
        return new HouseView(
                rules.lengthUnit(), rules.volumeUnit(), clock.getZone().getId());
    }
}
