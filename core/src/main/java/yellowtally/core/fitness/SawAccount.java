package yellowtally.core.fitness;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.holds.HoldBook;
import yellowtally.core.oiling.OilRatio;
import yellowtally.core.oiling.OilUsual;
import yellowtally.core.schedule.TaskDue;
import yellowtally.core.steps.OpenFinding;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.RecordWaits;
import yellowtally.core.waiting.Urgency;
import yellowtally.core.waiting.Waiting;

/**
 * What the records say of a saw.
 *
 * @param state fit, due or held: the worst of what waits
 * @param work what waits, most urgent first
 * @param tension what its loop says
 * @param tasks where every task of the schedule stands
 * @param findings what was found and still waits
 * @param oil how much bar oil goes beside the fuel; {@code null} with too few tanks to tell
 * @param oilUsual how much it is to use
 * @param holds its holds, and what is missing until they may end
 */
public record SawAccount(
        FitState state,
        List<Waiting> work,
        TensionAccount tension,
        List<TaskDue> tasks,
        List<OpenFinding> findings,
        @Nullable OilRatio oil,
        OilUsual oilUsual,
        HoldBook holds) {

    public SawAccount {
        work = List.copyOf(work);
        tasks = List.copyOf(tasks);
        findings = List.copyOf(findings);
    }

    /**
     * The same of a saw of which some records could not be understood: it is held, whatever the others say (handbook section 11).
     *
     * @param records how many; zero changes nothing
     */
    public SawAccount withNotUnderstood(int records) {
        if (records == 0) {
            return this;
        }
        List<Waiting> more = new ArrayList<>(work);
        more.add(RecordWaits.of(records));
        more.sort(Urgency.MOST_URGENT_FIRST);
        return new SawAccount(FitState.HELD, more, tension, tasks, findings, oil, oilUsual, holds);
    }
}
