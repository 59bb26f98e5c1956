package yellowtally.core.judging;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import yellowtally.core.edge.EdgeSample;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.StepRefusal;
import yellowtally.core.steps.StepRefusal.Reason;

/** What a sample of cutter lengths must have: the shortest and the longest of both sides, or nothing (handbook section 4). */
final class SampleRule {

    private static final List<Measure> SAMPLE =
            List.of(Measure.LEFT_SHORTEST, Measure.LEFT_LONGEST, Measure.RIGHT_SHORTEST, Measure.RIGHT_LONGEST);

    private SampleRule() {}

    /** Why a sample is refused; empty when it is whole, or there is none. */
    static Optional<StepRefusal> refusal(Map<Measure, Double> figures) {
        List<Measure> missing =
                SAMPLE.stream().filter(m -> !figures.containsKey(m)).toList();
        if (missing.size() == SAMPLE.size()) {
            return Optional.empty();
        }
        if (!missing.isEmpty()) {
            return Optional.of(new StepRefusal(Reason.SAMPLE_INCOMPLETE, missing.get(0)));
        }
        for (int i = 0; i < SAMPLE.size(); i += 2) {
            Double shortest = figures.get(SAMPLE.get(i));
            Double longest = figures.get(SAMPLE.get(i + 1));
            if (shortest != null && longest != null && shortest > longest) {
                return Optional.of(new StepRefusal(Reason.SHORTEST_OVER_LONGEST, SAMPLE.get(i)));
            }
        }
        return Optional.empty();
    }

    /** The sample of four; empty while one of them is missing. */
    static Optional<EdgeSample> of(Map<Measure, Double> figures) {
        List<Double> four =
                SAMPLE.stream().map(figures::get).filter(Objects::nonNull).toList();
        return four.size() < SAMPLE.size()
                ? Optional.empty()
                : Optional.of(new EdgeSample(four.get(0), four.get(1), four.get(2), four.get(3)));
    }
}
