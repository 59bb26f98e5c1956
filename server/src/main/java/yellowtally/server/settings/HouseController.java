package yellowtally.server.settings;

import java.time.Clock;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.steps.FigureKind;
import yellowtally.core.steps.Measure;
import yellowtally.core.stores.StockKind;

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
     * @param figures what each measure is a figure of
     * @param stock what each kind of stock is counted in
     */
    record HouseView(
            LengthUnit lengthUnit,
            FuelUnit volumeUnit,
            String zone,
            String currency,
            Map<Measure, FigureKind> figures,
            Map<StockKind, StockKind.StockUnit> stock) {}

    private static final Map<Measure, FigureKind> FIGURES = each(Measure.class, Measure::kind);
    private static final Map<StockKind, StockKind.StockUnit> STOCK = each(StockKind.class, StockKind::unit);

    private static <K extends Enum<K>, V> Map<K, V> each(Class<K> keys, Function<K, V> of) {
        Map<K, V> all = new EnumMap<>(keys);
        for (K key : keys.getEnumConstants()) {
            all.put(key, of.apply(key));
        }
        return all;
    }

    @GetMapping("/api/house")
    HouseView house() {
        SettingsInForce now = settings.now();
        HouseRules rules = now.rules();
        return new HouseView(
                rules.lengthUnit(),
                rules.volumeUnit(),
                clock.getZone().getId(),
                now.choice(ChoiceSetting.CURRENCY, SettingChange.Reach.FLEET),
                FIGURES,
                STOCK);
    }
}
