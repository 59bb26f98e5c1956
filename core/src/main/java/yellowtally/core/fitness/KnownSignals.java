package yellowtally.core.fitness;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.DiagnosisSetting;
import yellowtally.core.diagnosis.Signal;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.edge.SidesOfLoop;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.Task;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.waiting.GrowthWaits.GrowthMatter;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.RecheckWaits.RecheckMatter;
import yellowtally.core.waiting.RunWaits.RunMatter;
import yellowtally.core.waiting.TakeUpWaits.TakeUpMatter;
import yellowtally.core.waiting.TensionWaits.TensionMatter;
import yellowtally.core.waiting.Waiting;

/** What the records of a saw say to the fault finder before its first question (handbook section 12). */
public final class KnownSignals {

    private static final Map<Enum<?>, Signal> BY_WORK = Map.ofEntries(
            Map.entry(OilMatter.OIL_STILL_FULL, Signal.OIL_USE_LOW),
            Map.entry(OilMatter.NOT_OILING, Signal.OIL_USE_LOW),
            Map.entry(OilMatter.OIL_USE_LOW, Signal.OIL_USE_LOW),
            Map.entry(OilMatter.OIL_USE_HIGH, Signal.OIL_USE_HIGH),
            Map.entry(GrowthMatter.GROWN_TO_WATCH, Signal.CHAIN_GROWN),
            Map.entry(GrowthMatter.GROWN_TO_LIMIT, Signal.CHAIN_GROWN),
            Map.entry(GrowthMatter.TRAVEL_NEARLY_USED, Signal.CHAIN_GROWN),
            Map.entry(TakeUpMatter.TAKES_UP_FAST, Signal.TAKES_UP_FAST),
            Map.entry(RunMatter.SLACK_AGAIN, Signal.TAKES_UP_FAST),
            Map.entry(RecheckMatter.RECHECK_ONE_MINUTE, Signal.NEW_CHAIN),
            Map.entry(RecheckMatter.RECHECK_LIGHT_CUTTING, Signal.NEW_CHAIN),
            Map.entry(RecheckMatter.RECHECK_FIRST_TANK, Signal.NEW_CHAIN),
            Map.entry(RecheckMatter.RECHECK_AFTER_FIRST_TANK_WAITS, Signal.NEW_CHAIN),
            Map.entry(TensionMatter.LOOSE, Signal.LOOSE_WHEN_READ),
            Map.entry(TensionMatter.THROW_RISK, Signal.LOOSE_WHEN_READ),
            Map.entry(TensionMatter.TOO_TIGHT, Signal.TIGHT_WHEN_READ));

    private static final Map<Task, Signal> BY_TASK = Map.ofEntries(
            Map.entry(Task.SHARPEN, Signal.SHARPEN_OVERDUE),
            Map.entry(Task.DEPTH_GAUGES, Signal.GAUGES_OVERDUE),
            Map.entry(Task.DRESS_RAILS, Signal.RAILS_OVERDUE),
            Map.entry(Task.BEARING, Signal.BEARING_OVERDUE),
            Map.entry(Task.AIR_FILTER, Signal.FILTER_OVERDUE),
            Map.entry(Task.PLUG, Signal.PLUG_OVERDUE),
            Map.entry(Task.ARRESTOR, Signal.ARRESTOR_OVERDUE),
            Map.entry(Task.STARTER, Signal.STARTER_OVERDUE),
            Map.entry(Task.TANKS, Signal.TANKS_OVERDUE));

    private static final Map<Finding, Signal> BY_FINDING = Map.of(
            Finding.SPROCKET_PLAN, Signal.SPROCKET_WORN,
            Finding.SPROCKET_WORN_OUT, Signal.SPROCKET_WORN,
            Finding.GROOVE_WATCH, Signal.GROOVE_WORN,
            Finding.GROOVE_WORN_OUT, Signal.GROOVE_WORN,
            Finding.FUEL_OLD, Signal.FUEL_OLD);

    private KnownSignals() {}

    /** Everything that is known. */
    public static Set<Signal> of(
            SawAccount account, SawLedger ledger, PartLedger parts, SawWear wear, Numbers numbers) {
        Set<Signal> known = EnumSet.noneOf(Signal.class);
        for (Waiting work : account.work()) {
            add(known, true, BY_WORK.get(work.what()));
            Finding found = work.finding();
            if (found != null) {
                add(known, true, BY_FINDING.get(found));
            }
        }
        account.tasks().forEach(due -> addTask(known, due, numbers));
        add(known, freshSprocket(ledger.schedule().log()), Signal.FRESH_SPROCKET);
        add(known, wear.flip() != null && wear.flip().turnNow(), Signal.FLIP_OVERDUE);
        addSides(known, parts, numbers);
        return known;
    }

    private static void addTask(Set<Signal> known, TaskDue due, Numbers numbers) {
        double leftOften = numbers.of(DiagnosisSetting.LEFT_OFTEN);
        Task task = due.task();
        add(known, due.fraction() >= 1 - 1e-9, BY_TASK.get(task));
        if (task == Task.FULL_CLEAN) {
            add(known, due.fraction() >= leftOften, Signal.LONG_SINCE_CLEAN);
            add(known, due.events().contains(DueEvent.RAIN), Signal.RAIN_OUTINGS);
        }
        add(known, task == Task.TENSION && due.events().contains(DueEvent.CHAIN_SLACK), Signal.LOOSE_WHEN_READ);
        add(known, task == Task.NOSE_GREASE && due.fraction() >= leftOften, Signal.NOSE_UNGREASED);
        add(known, task == Task.SHARPEN && due.events().contains(DueEvent.GROUND_STRUCK), Signal.GROUND_STRUCK);
    }

    /** The drum was off and no oil card has passed since: perhaps the oil drive did not catch. */
    private static boolean freshSprocket(SawLog log) {
        StepEntry card = log.latest(Step.OIL_CARD).orElse(null);
        return Stream.of(Step.BEARING, Step.REPLACE_SPROCKET)
                .flatMap(step -> log.latest(step).stream())
                .anyMatch(drum -> card == null || !card.passed() || drum.after(card));
    }

    /** What was measured last, after filing where that was; a loop brought to one length accuses no side. */
    private static void addSides(Set<Signal> known, PartLedger parts, Numbers numbers) {
        SidesOfLoop sides = parts.sides(parts.removalMm(numbers));
        double curve = numbers.of(EdgeSetting.BALANCE_CURVE);
        add(known, sides.leftLessRightMm() > curve, Signal.LEFT_CUTTERS_LONGER);
        add(known, -sides.leftLessRightMm() > curve, Signal.RIGHT_CUTTERS_LONGER);
        add(known, sides.spreadMm() > numbers.of(EdgeSetting.SPREAD), Signal.CUTTERS_UNEVEN);
    }

    private static void add(Set<Signal> known, boolean is, @Nullable Signal signal) {
        if (is && signal != null) {
            known.add(signal);
        }
    }
}
