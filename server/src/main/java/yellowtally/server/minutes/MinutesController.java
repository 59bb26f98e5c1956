package yellowtally.server.minutes;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.minutes.MinutesSetting;
import yellowtally.core.schedule.Task;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.SettingsInForce;
import yellowtally.server.worklog.BenchTimes;
import yellowtally.server.worklog.VisitTook;

/** Minutes estimated and taken. */
@RestController
class MinutesController {

    private final MinutesBook book;
    private final BenchTimes bench;
    private final Fleet fleet;
    private final FleetSettings settings;
    private final Clock clock;

    MinutesController(MinutesBook book, BenchTimes bench, Fleet fleet, FleetSettings settings, Clock clock) {
        this.book = book;
        this.bench = bench;
        this.fleet = fleet;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * Estimated and taken.
     *
     * @param today visits with records of today, by when they were begun
     * @param sum of today
     * @param visits how many of the newest visits tell what work takes
     * @param work what they tell, where most minutes go first
     * @param least work done less often corrects nothing
     */
    record MinutesPage(List<VisitMinutes> today, VisitTook sum, int visits, List<WorkMinutes> work, double least) {}

    /**
     * A visit; of one begun before today, the part of today.
     *
     * @param ended absent while it is open
     */
    record VisitMinutes(
            UUID id, String tag, Instant begun, @Nullable Instant ended, VisitTook took) {}

    /**
     * A kind of work.
     *
     * @param title what the number says
     * @param task absent where it is no task of the schedule
     * @param set minutes as people set them
     * @param counts minutes that it counts now
     * @param times how often it was done
     * @param minutes that it takes (est.)
     * @param from minutes at least, in eight of ten cases
     * @param to minutes at most
     */
    record WorkMinutes(
            String key,
            String title,
            @Nullable Task task,
            double set,
            double counts,
            double times,
            double minutes,
            double from,
            double to) {}

    @GetMapping("/api/minutes")
    @Transactional(readOnly = true)
    MinutesPage minutes() {
        SettingsInForce now = settings.now();
        Numbers counted = now.rules().numbers();
        Instant morning = LocalDate.now(clock).atStartOfDay(clock.getZone()).toInstant();
        List<VisitMinutes> today = new ArrayList<>();
        Map<UUID, Fleet.SawName> saws = fleet.sawNames();
        Map<UUID, Numbers> own = new HashMap<>();
        fleet.sawsInService().forEach(saw -> own.put(saw.id(), now.numbers(saw)));
        for (BenchTimes.Timed visit : bench.since(morning)) {
            Fleet.SawName saw = saws.get(visit.sawId());
            today.add(new VisitMinutes(
                    visit.id(),
                    saw == null ? "" : saw.tag(),
                    visit.startedAt(),
                    visit.endedAt(),
                    VisitTook.of(visit.times(own.getOrDefault(visit.sawId(), counted)))));
        }
        MinutesBook.Told told = book.told(now);
        List<WorkMinutes> work = new ArrayList<>();
        told.work()
                .forEach((setting, taken) -> work.add(new WorkMinutes(
                        setting.key(),
                        setting.why(),
                        task(setting),
                        now.asSet().of(setting),
                        counted.of(setting),
                        taken.times(),
                        taken.minutes(),
                        taken.from(),
                        taken.to())));
        work.sort(Comparator.comparingDouble((WorkMinutes one) -> -one.times() * one.minutes())
                .thenComparing(WorkMinutes::key));
        return new MinutesPage(
                today,
                VisitTook.sum(today.stream().map(VisitMinutes::took).toList()),
                told.visits(),
                work,
                counted.of(MinutesSetting.LEAST_TIMES));
    }

    private static @Nullable Task task(NumberSetting minutes) {
        return Arrays.stream(Task.values())
                .filter(task -> task.minutes().equals(minutes))
                .findFirst()
                .orElse(null);
    }
}
