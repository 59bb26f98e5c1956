package yellowtally.server.log;

import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.fitness.FitState;
import yellowtally.core.oiling.Wet;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.server.usage.Use;
import yellowtally.server.worklog.WorkOutcome;

/**
 * One line of the log. Which fields are there follows from the kind.
 *
 * @param at when it happened
 * @param tag the saw
 * @param by who
 * @param struck why, by whom and when it was struck out; absent when it counts
 */
record LogEntry(
        UUID id,
        Instant at,
        LogKind kind,
        String tag,
        String by,
        @Nullable StepLine step,
        @Nullable BackLine back,
        @Nullable String crew,
        @Nullable SetLine set,
        @Nullable FitState decision,
        @Nullable FaultLogLine fault,
        @Nullable String note,
        @Nullable StrikeLine struck) {

    /**
     * A step.
     *
     * @param visitId the visit it was part of; absent for a quick record
     * @param tension how a tension check ended; absent for all other steps
     */
    record StepLine(
            Step step,
            WorkOutcome outcome,
            Set<Finding> findings,
            Map<Measure, Double> figures,
            @Nullable UUID visitId,
            @Nullable TensionOutcome tension) {}

    /** Why, by whom and when a record was struck out. */
    record StrikeLine(String reason, String by, Instant at) {}

    /** What a saw did; {@code power} says whether it counts tanks, charges or run hours. */
    record BackLine(Use use, Power power) {}

    /** The parts that were fitted. */
    record SetLine(
            @Nullable String chain,
            @Nullable String bar,
            @Nullable String sprocket,
            boolean newChain) {}

    /**
     * Something about a fault.
     *
     * @param happened absent for the complaint itself
     * @param what complaint or cause, in words
     * @param wet what a look at the card showed; absent for all else
     */
    record FaultLogLine(
            UUID faultId,
            @Nullable FaultEventKind happened,
            @Nullable String what,
            @Nullable Wet wet) {}

    static LogEntry of(UUID id, Instant at, LogKind kind, String tag, String by, @Nullable String note) {
        return new LogEntry(id, at, kind, tag, by, null, null, null, null, null, null, note, null);
    }
}
