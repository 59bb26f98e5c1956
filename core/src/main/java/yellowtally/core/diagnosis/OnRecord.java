package yellowtally.core.diagnosis;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;

/**
 * An answer that the records of the bench give.
 *
 * @param answer its code
 * @param at when it was recorded
 */
public record OnRecord(String answer, Instant at) {

    /**
     * The checks that the bench has answered already, by their code. Only the latest record of a step counts, and only since
     * the saw came back: out in the wood everything can change.
     *
     * @param lastBack when it came back last; {@code null} when it was never out
     */
    public static Map<String, OnRecord> of(List<Check> checks, SawLog log, @Nullable Instant lastBack) {
        Map<String, OnRecord> answered = new LinkedHashMap<>();
        for (Check check : checks) {
            BenchAnswer bench = check.bench();
            StepEntry record = bench == null ? null : log.latest(bench.step()).orElse(null);
            if (bench != null
                    && record != null
                    && (lastBack == null || !record.at().isBefore(lastBack))) {
                bench.of(record).ifPresent(answer -> answered.put(check.code(), new OnRecord(answer, record.at())));
            }
        }
        return answered;
    }
}
