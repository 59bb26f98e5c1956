package yellowtally.server.log;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.oiling.Wet;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TipsPosition;
import yellowtally.core.waiting.FitState;
import yellowtally.server.fleet.SawEvent;
import yellowtally.server.usage.Use;
import yellowtally.server.worklog.WorkOutcome;

/** One line of the log: what happened, when, to which saw, by whom. One type for each kind. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = LogEntry.StepTaken.class, name = "STEP"),
    @JsonSubTypes.Type(value = LogEntry.WentOut.class, name = "OUT"),
    @JsonSubTypes.Type(value = LogEntry.CameBack.class, name = "BACK"),
    @JsonSubTypes.Type(value = LogEntry.SetFitted.class, name = "FITTED"),
    @JsonSubTypes.Type(value = LogEntry.HeldByPerson.class, name = "HELD"),
    @JsonSubTypes.Type(value = LogEntry.Released.class, name = "RELEASED"),
    @JsonSubTypes.Type(value = LogEntry.VisitEnded.class, name = "VISIT_ENDED"),
    @JsonSubTypes.Type(value = LogEntry.SawChanged.class, name = "SAW"),
    @JsonSubTypes.Type(value = LogEntry.FaultTold.class, name = "FAULT"),
})
sealed interface LogEntry {

    UUID id();

    /** When it happened. */
    Instant at();

    /** The saw. */
    String tag();

    /** Who. */
    String by();

    /** On which device it was written down; absent in what is older than that. */
    @Nullable
    String device();

    LogKind kind();

    /**
     * A step of bench work.
     *
     * @param struck why, by whom and when it was struck out; absent when it counts
     * @param photos of it, the first first
     */
    record StepTaken(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device,
            StepLine step,
            @Nullable String note,
            @Nullable StrikeLine struck,
            List<UUID> photos)
            implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.STEP;
        }
    }

    /**
     * A saw went out with a crew.
     *
     * @param struck why, by whom and when the entry was struck out; absent when it counts
     * @param corrects the same of the entry that it takes the place of; absent for a first entry
     */
    record WentOut(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device,
            @Nullable String crew,
            @Nullable String note,
            @Nullable StrikeLine struck,
            @Nullable StrikeLine corrects)
            implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.OUT;
        }
    }

    /** A saw came back; {@code struck} and {@code corrects} as when it went out. */
    record CameBack(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device,
            @Nullable String crew,
            @Nullable BackLine back,
            @Nullable String note,
            @Nullable StrikeLine struck,
            @Nullable StrikeLine corrects)
            implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.BACK;
        }
    }

    /** Bar, chain or sprocket were fitted. */
    record SetFitted(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device,
            SetLine set,
            @Nullable String note) implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.FITTED;
        }
    }

    /** A person held a saw; a hold of a failed step is told by the step. */
    record HeldByPerson(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device,
            @Nullable String note) implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.HELD;
        }
    }

    /** An officer released a saw. */
    record Released(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device) implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.RELEASED;
        }
    }

    /**
     * A visit to the bench ended.
     *
     * @param struck why, by whom and when the whole visit was struck out; absent when it counts
     */
    record VisitEnded(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device,
            FitState decision,
            @Nullable String note,
            @Nullable StrikeLine struck)
            implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.VISIT_ENDED;
        }
    }

    /**
     * A saw left the fleet, came back, or was given another tag.
     *
     * @param tagBefore of a saw that was given another; absent else
     */
    record SawChanged(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device,
            SawEvent.SawEventKind change,
            @Nullable String tagBefore,
            String note)
            implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.SAW;
        }
    }

    /** A fault: its complaint with photos of it, its cause, its stand on card, its end. */
    record FaultTold(
            UUID id,
            Instant at,
            String tag,
            String by,
            @Nullable String device,
            FaultLogLine fault,
            @Nullable String note,
            List<UUID> photos)
            implements LogEntry {

        @Override
        public LogKind kind() {
            return LogKind.FAULT;
        }
    }

    /**
     * What was done in a step.
     *
     * @param visitId the visit it was part of; absent for a quick record
     * @param tension how a tension check ended; absent for all other steps
     * @param reading the reading that it ended with; absent likewise
     * @param part the tag of the part that the step is about; absent where it is about the saw
     * @param told whether it was told when the saw was brought in, and not written down when it was done
     */
    record StepLine(
            Step step,
            WorkOutcome outcome,
            Set<Finding> findings,
            Map<Measure, Double> figures,
            @Nullable UUID visitId,
            @Nullable TensionOutcome tension,
            @Nullable ReadingLine reading,
            @Nullable String part,
            boolean told) {}

    /**
     * The last reading of a tension check.
     *
     * @param figure mm, or degrees by its method; absent where it was read by eye
     * @param tips where the tips stood, when it was read by eye
     */
    record ReadingLine(
            TensionMethod method,
            @Nullable Double figure,
            @Nullable TipsPosition tips) {}

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
}
