package yellowtally.server.standing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.Subject;

/**
 * The few of many records that the rules look at: of each step the latest and the latest that passed, and every sharpening.
 * Keeping no more keeps a fleet of years in memory.
 */
final class LatestWork {

    private LatestWork() {}

    static List<WorkRow> of(Collection<WorkRow> rows, Function<WorkRow, Set<Subject>> subjects) {
        List<WorkRow> inOrder = new ArrayList<>(rows);
        inOrder.sort(Comparator.comparing(WorkRow::at));
        Map<Step, WorkRow> latest = new EnumMap<>(Step.class);
        Map<Step, WorkRow> passed = new EnumMap<>(Step.class);
        Set<WorkRow> kept = new LinkedHashSet<>();
        for (WorkRow row : inOrder) {
            if (row.step() == Step.SHARPEN) {
                kept.add(row);
            }
            if (subjects.apply(row).contains(row.step().subject())) {
                latest.put(row.step(), row);
                if (passed(row)) {
                    passed.put(row.step(), row);
                }
            }
        }
        kept.addAll(latest.values());
        kept.addAll(passed.values());
        return kept.stream().sorted(Comparator.comparing(WorkRow::at)).toList();
    }

    private static boolean passed(WorkRow row) {
        return row.step() == Step.TENSION ? row.outcome() == StepOutcome.FINE : row.outcome() != StepOutcome.FAIL;
    }
}
