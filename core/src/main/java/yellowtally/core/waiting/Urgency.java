package yellowtally.core.waiting;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import yellowtally.core.waiting.BackWaits.BackMatter;
import yellowtally.core.waiting.EdgeWaits.EdgeMatter;
import yellowtally.core.waiting.FaultRests.FaultRestMatter;
import yellowtally.core.waiting.FaultWaits.FaultMatter;
import yellowtally.core.waiting.FindingHolds.FindingHoldMatter;
import yellowtally.core.waiting.FindingWaits.FindingMatter;
import yellowtally.core.waiting.GrowthWaits.GrowthMatter;
import yellowtally.core.waiting.OilWaits.OilMatter;
import yellowtally.core.waiting.RecheckWaits.RecheckMatter;
import yellowtally.core.waiting.RecordWaits.RecordMatter;
import yellowtally.core.waiting.ReleaseWaits.ReleaseMatter;
import yellowtally.core.waiting.RestWaits.RestMatter;
import yellowtally.core.waiting.RunWaits.RunMatter;
import yellowtally.core.waiting.SetBackWaits.SetBackMatter;
import yellowtally.core.waiting.StepAttends.AttendMatter;
import yellowtally.core.waiting.StepHolds.StepHoldMatter;
import yellowtally.core.waiting.TakeUpWaits.TakeUpMatter;
import yellowtally.core.waiting.TaskWaits.TaskMatter;
import yellowtally.core.waiting.TensionWaits.TensionMatter;

/** The order in which work is told over all rooms (general practice). */
public final class Urgency {

    /** Every code, the most urgent first. */
    public static final List<Enum<?>> ORDER = List.of(
            TensionMatter.NO_SET_FITTED,
            TensionMatter.THROW_RISK,
            TensionMatter.JAMMED,
            TensionMatter.STUCK_TIGHT,
            RecordMatter.NOT_UNDERSTOOD,
            FindingHoldMatter.FINDING_HOLDS,
            StepHoldMatter.STEP_FAILED,
            StepHoldMatter.PERSON_HOLDS,
            StepHoldMatter.COMPLAINT_HOLDS,
            StepHoldMatter.LOOK_ANEW,
            TaskMatter.BRAKE_NEVER_TESTED,
            TaskMatter.BRAKE_OVERDUE,
            OilMatter.OIL_STILL_FULL,
            OilMatter.NOT_OILING,
            SetBackMatter.NOT_SET_BACK,
            BackMatter.PART_BACK,
            RestMatter.RESTED,
            ReleaseMatter.RELEASE_WAITS,
            TensionMatter.TOO_TIGHT,
            TensionMatter.LOOSE,
            TensionMatter.TIGHT_SPOT,
            TensionMatter.READING_NOT_FAIR,
            TensionMatter.READ_HOT,
            OilMatter.OIL_USE_LOW,
            OilMatter.OIL_USE_HIGH,
            FaultMatter.FAULT_SORT,
            FaultMatter.FAULT_FIND,
            FaultMatter.FAULT_REPAIR,
            FaultMatter.FAULT_PROOF,
            FindingMatter.FINDING_WAITS,
            AttendMatter.STEP_ATTENDS,
            EdgeMatter.MEASURE_BOTH_SIDES,
            RunMatter.SLACK_AGAIN,
            RunMatter.RAN_TOO_TIGHT,
            GrowthMatter.GROWN_TO_LIMIT,
            GrowthMatter.TRAVEL_NEARLY_USED,
            RecheckMatter.RECHECK_ONE_MINUTE,
            RecheckMatter.RECHECK_LIGHT_CUTTING,
            RecheckMatter.RECHECK_FIRST_TANK,
            TaskMatter.TASK_DUE,
            TaskMatter.CHECK_DUE,
            FaultRestMatter.FAULT_CLOSES,
            FaultRestMatter.FAULT_STANDS,
            FaultMatter.FAULT_MECHANIC,
            TakeUpMatter.TAKES_UP_FAST,
            GrowthMatter.GROWN_TO_WATCH,
            TensionMatter.FIRST_CUTS_WAIT,
            RecheckMatter.RECHECK_AFTER_FIRST_TANK_WAITS,
            TaskMatter.TASK_SOON);

    private static final Map<Enum<?>, Integer> PLACES = places();

    /** What holds before what is due before what is only said; then by this order; then what has come farther. */
    public static final Comparator<Waiting> MOST_URGENT_FIRST = Comparator.comparing(Waiting::state)
            .reversed()
            .thenComparingInt(waits -> place(waits.what()))
            .thenComparing(Comparator.comparingDouble(Waiting::extent).reversed());

    private Urgency() {}

    /** The place of a code in the order, from zero. */
    public static int place(Enum<?> what) {
        Integer place = PLACES.get(what);
        if (place == null) {
            throw new IllegalArgumentException("no place in the order: " + what);
        }
        return place;
    }

    private static Map<Enum<?>, Integer> places() {
        Map<Enum<?>, Integer> places = new HashMap<>();
        for (int i = 0; i < ORDER.size(); i++) {
            places.put(ORDER.get(i), i);
        }
        return places;
    }
}
