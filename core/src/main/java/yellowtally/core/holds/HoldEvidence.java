package yellowtally.core.holds;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.Seasons;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;

/**
 * What the standing records of a saw can prove.
 *
 * @param log its steps
 * @param figures its figures, judged by the limits of today
 * @param faults complaints of it, with how far they are, by the id that holds name
 */
public record HoldEvidence(
        SawProfile saw, SawLog log, JudgedFigures figures, Seasons seasons, Map<Object, Complained> faults) {

    public HoldEvidence {
        faults = Map.copyOf(faults);
    }

    /** A complaint and how far it is. */
    public record Complained(FaultProgress.Facts facts, FaultProgress progress) {}

    /** A step that this saw has not got is looked at from outside instead. */
    Step seen(Step step) {
        return step.appliesTo(saw) ? step : Step.OUTSIDE_LOOK;
    }

    /** The record that speaks for a step, if it was made after a moment and proves it. */
    Optional<StepEntry> proving(Step step, Instant after) {
        return log.latestAfter(seen(step), after).filter(StepEntry::proves);
    }
}
