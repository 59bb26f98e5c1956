package yellowtally.core.minutes;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.stages.Bill;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.StepMinutes;

/**
 * Lays the bill of a visit on its records: a task in equal parts on its steps, opening on the first step that needs it, closing on what
 * comes when it is closed. Together they are the whole bill.
 */
public final class WorkOfRecords {

    private static final Map<Stage, Set<Step>> CLOSED_BY = Map.of(
            Stage.BAR_OFF, EnumSet.of(Step.REFIT),
            Stage.DRUM_OFF, EnumSet.of(Step.REFIT),
            Stage.COVER_OFF, EnumSet.of(Step.TENSION, Step.NUTS));

    private final List<BenchRecord> records;
    private final List<Map<NumberSetting, Double>> work = new ArrayList<>();

    private WorkOfRecords(List<BenchRecord> inOrder) {
        this.records = inOrder;
        inOrder.forEach(record -> work.add(new LinkedHashMap<>()));
    }

    /** The work of each of these records, by the number that says how long it takes and how often it was done. */
    public static List<Map<NumberSetting, Double>> of(List<BenchRecord> inOrder) {
        WorkOfRecords laid = new WorkOfRecords(inOrder);
        laid.tasks();
        laid.access();
        return laid.work;
    }

    private void tasks() {
        // Done once more in the same visit, it is in the minutes of the first time.
        Map<Step, Integer> first = new EnumMap<>(Step.class);
        for (int i = 0; i < records.size(); i++) {
            if (records.get(i).done()) {
                first.putIfAbsent(records.get(i).step(), i);
            }
        }
        for (StepMinutes.Line line : StepMinutes.lines(first.keySet())) {
            double each = 1.0 / line.steps().size();
            line.steps().forEach(step -> add(first.getOrDefault(step, 0), line.minutes(), each));
        }
    }

    private void access() {
        Map<Stage, Integer> opened = new EnumMap<>(Stage.class);
        Map<Stage, Integer> needed = new EnumMap<>(Stage.class);
        for (int i = 0; i < records.size(); i++) {
            if (records.get(i).done()) {
                int at = i;
                Bill.opened(StepMinutes.stages(records.get(i).step())).forEach(stage -> {
                    opened.putIfAbsent(stage, at);
                    needed.put(stage, at);
                });
            }
        }
        opened.forEach((stage, at) -> add(at, stage.opening(), 1));
        needed.forEach((stage, at) -> add(closedAt(stage, at), stage.closing(), 1));
    }

    /** The cover and what is under it are closed at a step of their own; all else before the next record is made. */
    private int closedAt(Stage stage, int needed) {
        Set<Step> closing = CLOSED_BY.get(stage);
        for (int i = needed; closing != null && i < records.size(); i++) {
            if (closing.contains(records.get(i).step())) {
                return i;
            }
        }
        return Math.min(needed + 1, records.size() - 1);
    }

    private void add(int at, @Nullable NumberSetting minutes, double times) {
        if (minutes != null) {
            work.get(at).merge(minutes, times, Double::sum);
        }
    }
}
