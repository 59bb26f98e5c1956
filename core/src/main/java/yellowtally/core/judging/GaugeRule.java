package yellowtally.core.judging;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepRefusal;
import yellowtally.core.steps.StepRefusal.Reason;
import yellowtally.core.steps.StepReport;

/**
 * Depth gauges are read on both sides, the highest and the lowest of each, or once where all are alike (handbook section 4).
 */
public final class GaugeRule {

    private static final List<Measure> SIDES = List.of(
            Measure.GAUGE_LEFT_LEAST, Measure.GAUGE_LEFT_MOST, Measure.GAUGE_RIGHT_LEAST, Measure.GAUGE_RIGHT_MOST);

    private GaugeRule() {}

    /** Why the gauges as read are refused; empty when they are whole. */
    static Optional<StepRefusal> refusal(Step step, Map<Measure, Double> figures) {
        if (step != Step.DEPTH_GAUGES) {
            return Optional.empty();
        }
        List<Measure> missing =
                SIDES.stream().filter(side -> !figures.containsKey(side)).toList();
        if (missing.size() == SIDES.size()) {
            return figures.containsKey(Measure.GAUGE_SETTING)
                    ? Optional.empty()
                    : Optional.of(new StepRefusal(Reason.FIGURE_MISSING, Measure.GAUGE_SETTING));
        }
        if (!missing.isEmpty()) {
            return Optional.of(new StepRefusal(Reason.FIGURE_MISSING, missing.get(0)));
        }
        for (int i = 0; i < SIDES.size(); i += 2) {
            if (figures.getOrDefault(SIDES.get(i), 0.0) > figures.getOrDefault(SIDES.get(i + 1), 0.0)) {
                return Optional.of(new StepRefusal(Reason.SHORTEST_OVER_LONGEST, SIDES.get(i)));
            }
        }
        return Optional.empty();
    }

    /** The same report with the largest and the smallest setting of all, by which the gauges are judged. */
    public static StepReport complete(StepReport report) {
        Map<Measure, Double> figures = report.figures();
        List<Double> read = Stream.concat(SIDES.stream(), Stream.of(Measure.GAUGE_SETTING))
                .map(figures::get)
                .filter(Objects::nonNull)
                .toList();
        if (read.isEmpty()) {
            return report;
        }
        Map<Measure, Double> all = new EnumMap<>(figures);
        all.put(Measure.GAUGE_SETTING, read.stream().mapToDouble(mm -> mm).max().orElseThrow());
        all.put(Measure.GAUGE_LEAST, read.stream().mapToDouble(mm -> mm).min().orElseThrow());
        return new StepReport(report.said(), report.findings(), all);
    }
}
