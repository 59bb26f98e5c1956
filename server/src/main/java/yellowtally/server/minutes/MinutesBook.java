package yellowtally.server.minutes;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.house.HouseNumbers;
import yellowtally.core.minutes.MinutesSetting;
import yellowtally.core.minutes.Stretch;
import yellowtally.core.minutes.TakenMinutes;
import yellowtally.core.minutes.VisitTimes;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.SettingsInForce;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.visit.SeesVisitEnds;
import yellowtally.server.worklog.BenchTimes;

/** Learns from the newest visits what work takes; a correction is a record like any other change of a number. */
@Component
public class MinutesBook implements SeesVisitEnds {

    private final BenchTimes bench;
    private final Fleet fleet;
    private final FleetSettings settings;
    private final FleetRevision revision;

    MinutesBook(BenchTimes bench, Fleet fleet, FleetSettings settings, FleetRevision revision) {
        this.bench = bench;
        this.fleet = fleet;
        this.settings = settings;
        this.revision = revision;
    }

    /**
     * What the newest visits tell.
     *
     * @param visits how many tell anything
     * @param work by the number that says how long it takes
     */
    record Told(int visits, Map<NumberSetting, TakenMinutes> work) {}

    /** What was done before people said how long work takes tells nothing of that work: they knew of it. */
    Told told(SettingsInForce now) {
        Numbers set = now.asSet();
        Map<UUID, Numbers> own = new HashMap<>();
        fleet.sawsInService().forEach(saw -> own.put(saw.id(), now.asSet(saw)));
        Map<Instant, List<Stretch>> byBegin = new LinkedHashMap<>();
        int visits = 0;
        for (BenchTimes.Timed visit : bench.latest((int) Math.round(set.of(MinutesSetting.VISITS)))) {
            Numbers its = own.getOrDefault(visit.sawId(), set);
            VisitTimes times = visit.times(its);
            visits += times.told() > 0 ? 1 : 0;
            List<Stretch> stretches = byBegin.computeIfAbsent(visit.startedAt(), begun -> new ArrayList<>());
            times.stretches().forEach(stretch -> stretches.add(stretch.inTermsOf(set, its)));
        }
        Map<NumberSetting, TakenMinutes> work = new LinkedHashMap<>(since(Instant.MIN, byBegin, set));
        for (NumberSetting minutes : List.copyOf(work.keySet())) {
            now.saidAt(minutes).ifPresent(said -> {
                TakenMinutes after = since(said, byBegin, set).get(minutes);
                if (after == null) {
                    work.remove(minutes);
                } else {
                    work.put(minutes, after);
                }
            });
        }
        return new Told(visits, work);
    }

    private static Map<NumberSetting, TakenMinutes> since(
            Instant moment, Map<Instant, List<Stretch>> byBegin, Numbers set) {
        return TakenMinutes.of(
                byBegin.entrySet().stream()
                        .filter(visit -> visit.getKey().isAfter(moment))
                        .flatMap(visit -> visit.getValue().stream())
                        .toList(),
                set);
    }

    @Override
    public void ended(Instant at, UUID personId) {
        SettingsInForce now = settings.now();
        Numbers counted = now.rules().numbers();
        Map<NumberSetting, TakenMinutes> told = told(now).work();
        HouseNumbers.list().forEach(minutes -> {
            TakenMinutes taken = told.get(minutes);
            if (taken != null && taken.corrects(counted.of(minutes), counted)) {
                settings.correct(minutes, taken, at, personId);
                revision.touchesNone();
            }
        });
    }
}
