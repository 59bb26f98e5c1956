package yellowtally.server.settings;

import java.time.Instant;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import yellowtally.core.bar.FlipSchool;
import yellowtally.core.bar.NosePolicy;
import yellowtally.core.edge.FilingSchool;
import yellowtally.core.edge.GaugeSchool;
import yellowtally.core.edge.Schools;
import yellowtally.core.engine.FuelUnit;
import yellowtally.core.house.HouseNumbers;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionMethod;
import yellowtally.server.fleet.AnySaw;
import yellowtally.server.settings.SettingChange.Reach;
import yellowtally.server.settings.SettingChange.Scope;
import yellowtally.server.support.HouseUnits;

/** The settings as they stand after all changes, to be asked for many saws. */
public final class SettingsInForce implements HouseUnits {

    private final Map<Reach, Map<String, SettingChange>> latest = new HashMap<>();

    private final List<SettingChange> inOrder;
    private final List<MinutesTaken> corrections;
    private final Map<String, MinutesTaken> taken = new HashMap<>();

    SettingsInForce(List<SettingChange> inOrderOfTime, List<MinutesTaken> correctionsInOrderOfTime) {
        inOrder = List.copyOf(inOrderOfTime);
        corrections = List.copyOf(correctionsInOrderOfTime);
        inOrderOfTime.forEach(change -> {
            Map<String, SettingChange> own = latest.computeIfAbsent(change.reach(), r -> new HashMap<>());
            if (change.value() == null) {
                own.remove(change.key());
            } else {
                own.put(change.key(), change);
            }
        });
        corrections.forEach(correction -> taken.put(correction.key(), correction));
        // What people say after a correction is said knowing of it.
        inOrder.stream()
                .filter(change -> change.reach().equals(Reach.FLEET))
                .forEach(change -> taken.computeIfPresent(
                        change.key(), (key, correction) -> correction.at().isAfter(change.at()) ? correction : null));
        taken.values().removeIf(correction -> correction.counts() == null);
    }

    /** The settings as they would stand after one more change. */
    SettingsInForce with(SettingChange change) {
        List<SettingChange> more = new ArrayList<>(inOrder);
        more.add(change);
        return new SettingsInForce(more, corrections);
    }

    /** How many changes these are. Changes are only ever added, so the same count is the same settings. */
    public int changes() {
        return inOrder.size() + corrections.size();
    }

    /** The changes in force within one reach, by key. */
    Map<String, SettingChange> at(Reach reach) {
        return latest.getOrDefault(reach, Map.of());
    }

    @Override
    public LengthUnit lengthUnit() {
        return LengthUnit.valueOf(choice(ChoiceSetting.LENGTH_UNIT, Reach.FLEET));
    }

    @Override
    public FuelUnit volumeUnit() {
        return FuelUnit.valueOf(choice(ChoiceSetting.VOLUME_UNIT, Reach.FLEET));
    }

    /** The fleet's own rules. */
    public HouseRules rules() {
        return new HouseRules(
                new Numbers(fleetNumbers()),
                seasons(),
                TensionMethod.valueOf(choice(ChoiceSetting.HOUSE_METHOD, Reach.FLEET)),
                lengthUnit(),
                volumeUnit());
    }

    /** The numbers of one saw: its own before its model's before the fleet's. */
    public Numbers numbers(AnySaw saw) {
        return withOwn(fleetNumbers(), saw);
    }

    /** The fleet's numbers as people set them, whatever the work turned out to take. */
    public Numbers asSet() {
        return new Numbers(numbers(Reach.FLEET));
    }

    /** The numbers of one saw as people set them. */
    public Numbers asSet(AnySaw saw) {
        return withOwn(numbers(Reach.FLEET), saw);
    }

    private Numbers withOwn(Map<NumberSetting, Double> found, AnySaw saw) {
        found.putAll(numbers(model(saw)));
        found.putAll(numbers(own(saw)));
        return new Numbers(found);
    }

    private Map<NumberSetting, Double> fleetNumbers() {
        Map<NumberSetting, Double> found = numbers(Reach.FLEET);
        taken.forEach((key, correction) -> {
            Double counts = correction.counts();
            if (counts != null) {
                HouseNumbers.find(key).ifPresent(setting -> found.put(setting, counts));
            }
        });
        return found;
    }

    /** When people last said what a number of the fleet is; empty when they never did. */
    public Optional<Instant> saidAt(NumberSetting setting) {
        return inOrder.stream()
                .filter(change ->
                        change.reach().equals(Reach.FLEET) && change.key().equals(setting.key()))
                .map(SettingChange::at)
                .max(Comparator.naturalOrder());
    }

    /** The correction of a number that holds now; empty when none does. */
    Optional<MinutesTaken> correction(String key) {
        return Optional.ofNullable(taken.get(key));
    }

    /** Whether the nose of this saw's bar is greased, if it can be. */
    public NosePolicy nosePolicy(AnySaw saw) {
        return NosePolicy.valueOf(choice(ChoiceSetting.NOSE_GREASE, saw));
    }

    /** The fleet's ways of working with the edge, for one saw. */
    public Schools schools(AnySaw saw) {
        return new Schools(
                FilingSchool.valueOf(choice(ChoiceSetting.FILING, Reach.FLEET)),
                GaugeSchool.valueOf(choice(ChoiceSetting.GAUGES, Reach.FLEET)),
                "SOFT".equals(choice(ChoiceSetting.GAUGE_WOOD, saw)));
    }

    /** When bars are turned over. */
    public FlipSchool flipSchool() {
        return FlipSchool.valueOf(choice(ChoiceSetting.FLIP, Reach.FLEET));
    }

    /** What was chosen for a saw, else for its model, else for the fleet. */
    private String choice(ChoiceSetting setting, AnySaw saw) {
        for (Reach reach : List.of(own(saw), model(saw))) {
            SettingChange change = at(reach).get(setting.key());
            if (change != null && change.value() != null) {
                return change.value();
            }
        }
        return choice(setting, Reach.FLEET);
    }

    static Reach own(AnySaw saw) {
        return new Reach(Scope.SAW, saw.id());
    }

    static Reach model(AnySaw saw) {
        return new Reach(Scope.MODEL, saw.details().model().id());
    }

    String choice(ChoiceSetting setting, Reach reach) {
        SettingChange change = at(reach).get(setting.key());
        return change == null || change.value() == null ? setting.standard() : change.value();
    }

    MonthDay day(DaySetting setting) {
        SettingChange change = at(Reach.FLEET).get(setting.key());
        return change == null || change.value() == null
                ? setting.standard()
                : DaySetting.read(change.value()).orElse(setting.standard());
    }

    private Seasons seasons() {
        return new Seasons(
                day(DaySetting.FIRE_FROM), day(DaySetting.FIRE_TO), day(DaySetting.COLD_FROM), day(DaySetting.COLD_TO));
    }

    private Map<NumberSetting, Double> numbers(Reach reach) {
        Map<NumberSetting, Double> found = new HashMap<>();
        at(reach).forEach((key, change) -> {
            String value = change.value();
            if (value != null) {
                HouseNumbers.find(key).ifPresent(setting -> found.put(setting, Double.valueOf(value)));
            }
        });
        return found;
    }
}
