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
     * @param currency the code of its currency, NONE where none was chosen
     * @param zone the zone of its days, as the IANA names it: a device may lie in another
     */
    record HouseView(LengthUnit lengthUnit, FuelUnit volumeUnit, String zone, String currency) {}

    @GetMapping("/api/house")
    HouseView house() {
        SettingsInForce now = settings.now();
        HouseRules rules = now.rules();
        return new HouseView(
                rules.lengthUnit(),
                rules.volumeUnit(),
                clock.getZone().getId(),
                now.choice(ChoiceSetting.CURRENCY, SettingChange.Reach.FLEET));
    }
}
