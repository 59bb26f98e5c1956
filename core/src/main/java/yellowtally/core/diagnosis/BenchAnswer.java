package yellowtally.core.diagnosis;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.StepEntry;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;

/**
 * How a step of the bench answers a check: what was looked at once is not looked at again (general practice).
 *
 * @param step the step that looks at the same thing
 * @param fine code of the answer when it found nothing; {@code null} where a clean record says nothing of how it was before
 * @param found codes of the answers by what it found
 * @param until steps that can change it: a record from before one of them answers nothing any more
 */
public record BenchAnswer(Step step, @Nullable String fine, Map<Finding, String> found, Set<Step> until) {

    public BenchAnswer {
        found = Map.copyOf(found);
        until = Set.copyOf(until);
    }

    /** An answer that no other step changes. */
    public BenchAnswer(Step step, @Nullable String fine, Map<Finding, String> found) {
        this(step, fine, found, Set.of());
    }

    /** Code of the answer that a record gives; empty for a record of another step, of another part, or that tells nothing. */
    public Optional<String> of(StepEntry record) {
        if (record.step() != step || !record.speaks()) {
            return Optional.empty();
        }
        // In the order of what a step can find, so that two findings of one record give the same answer each time.
        Optional<String> byFinding = record.findings().stream()
                .sorted()
                .filter(found::containsKey)
                .map(found::get)
                .findFirst();
        if (byFinding.isPresent()) {
            return byFinding;
        }
        boolean nothing =
                record.outcome() == StepOutcome.FINE && record.findings().isEmpty();
        return nothing ? Optional.ofNullable(fine) : Optional.empty();
    }
}
