package yellowtally.core.fitness;

import java.time.Instant;
import java.util.Set;
import yellowtally.core.log.SawLog;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * A hold that nobody has released.
 *
 * @param id any value that equals itself
 * @param at when it was set
 * @param step the step whose passing record clears it
 * @param findings what failed; empty when a person holds, or when the step failed with a note only
 * @param byPerson whether a person holds it, not a rule
 * @param subjects whose record made it: a condemned part that is not among them any more was replaced
 */
public record HoldEntry(
        Object id, Instant at, Step step, Set<Finding> findings, boolean byPerson, Set<Subject> subjects) {

    public HoldEntry {
        findings = Set.copyOf(findings);
        subjects = Set.copyOf(subjects);
    }

    /**
     * Whether the reason is gone: the part was replaced, or the latest record of the step made since, on the part that
     * is fitted, passes without the finding (handbook section 11).
     */
    public boolean cleared(SawLog log) {
        return replaced()
                || log.latestAfter(step, at)
                        .filter(latest ->
                                latest.passed() && latest.findings().stream().noneMatch(findings::contains))
                        .isPresent();
    }

    private boolean replaced() {
        return !findings.isEmpty()
                && findings.stream().allMatch(f -> f.condemns() != null && !subjects.contains(f.condemns()));
    }
}
