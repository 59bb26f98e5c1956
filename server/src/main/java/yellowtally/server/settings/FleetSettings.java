package yellowtally.server.settings;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Service;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.house.HouseNumbers;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.minutes.TakenMinutes;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.server.fleet.AnySaw;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.settings.SettingChange.Reach;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Refusal;

/** The settings in force, from the records of their changes. */
@Service
public class FleetSettings implements HouseUnits {

    private final SettingRepositories.Changes changes;
    private final SettingRepositories.Corrections corrections;
    private final Fleet fleet;
    private final EntityManager records;

    FleetSettings(
            SettingRepositories.Changes changes,
            SettingRepositories.Corrections corrections,
            Fleet fleet,
            EntityManager records) {
        this.changes = changes;
        this.corrections = corrections;
        this.fleet = fleet;
        this.records = records;
    }

    /** The settings as they stand now. */
    public SettingsInForce now() {
        return new SettingsInForce(changes.findAllByOrderByAtAsc(), corrections.findAllByOrderByAtAsc());
    }

    /** The fleet's own rules. */
    public HouseRules rules() {
        return now().rules();
    }

    @Override
    public LengthUnit lengthUnit() {
        return rules().lengthUnit();
    }

    @Override
    public FuelUnit volumeUnit() {
        return rules().volumeUnit();
    }

    /** The numbers of one saw. */
    public Numbers numbers(AnySaw saw) {
        return now().numbers(saw);
    }

    /** Records a new value of a number of the fleet within the caller's transaction; {@code reason} says why. */
    public void change(NumberSetting setting, double value, String reason, Instant at, UUID personId) {
        record(
                setting,
                new SettingChange(
                        UUID.randomUUID(), setting.key(), Reach.FLEET, Double.toString(value), reason, at, personId));
    }

    /** Records another choice of the fleet within the caller's transaction. */
    public void choose(ChoiceSetting setting, String value, String reason, Instant at, UUID personId) {
        records.persist(new SettingChange(UUID.randomUUID(), setting.key(), Reach.FLEET, value, reason, at, personId));
    }

    /** Records within the caller's transaction what some work turned out to take; what people set holds again where that is the same. */
    public void correct(NumberSetting minutes, TakenMinutes told, Instant at, UUID personId) {
        double counts = Math.max(minutes.min(), Math.min(minutes.max(), told.toTheHalf()));
        boolean asSet = counts == now().asSet().of(minutes);
        records.persist(new MinutesTaken(minutes.key(), asSet ? null : counts, told, at, personId));
    }

    /** Records a change of a number; refused where it would pass a neighbour that must stay above or below it, on any saw. */
    void record(NumberSetting setting, SettingChange change) {
        SettingsInForce after = now().with(change);
        refuseDisorder(setting, after.rules().numbers(), "setting.disorder", "");
        for (Saw saw : fleet.sawsInService()) {
            refuseDisorder(setting, after.numbers(saw), "setting.disorderOn", saw.tag());
        }
        records.persist(change);
    }

    private static void refuseDisorder(NumberSetting changed, Numbers after, String code, String tag) {
        HouseNumbers.disorder(after).stream()
                .filter(disorder -> disorder.isAbout(changed))
                .findFirst()
                .ifPresent(disorder -> {
                    throw Refusal.unfit("value", code, title(disorder.lower()), title(disorder.upper()), tag);
                });
    }

    /** A setting as the screens name it: its sentence, without the full stop. */
    private static String title(NumberSetting setting) {
        return setting.why().replaceFirst("\\.$", "");
    }
}
