package yellowtally.core.holds;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * Apart means held (handbook section 11, rule 5): from the record that took the set apart on, until it is set back and proved.
 *
 * @param missing the closing steps that are not on record after it, in their order; empty when the set is back
 */
public record SetBack(List<Step> missing) {

    /** Set back with the chain the right way round, tension, nuts, brake function. */
    private static final List<Step> CLOSING = List.of(Step.REFIT, Step.TENSION, Step.NUTS, Step.BRAKE_RUNNING);

    public SetBack {
        missing = List.copyOf(missing);
    }

    /**
     * Reads whether a set is back; one that no record ever took apart must have been set back once.
     *
     * @param apartAt when another part came on last, or it came back from somebody who may have had it apart; {@code null} when neither
     *     ever was
     */
    public static SetBack of(SawLog log, @Nullable Instant apartAt, SawProfile saw) {
        StepEntry apart = log.latest().stream()
                .filter(entry -> entry.step().takesApart() && entry.subjects().contains(Subject.SAW))
                .reduce((one, other) -> other.after(one) ? other : one)
                .orElse(null);
        return new SetBack(steps(saw).stream()
                .filter(step -> Stream.of(log.latest(step), log.latestPassed(step))
                        .flatMap(Optional::stream)
                        .noneMatch(entry -> entry.proves()
                                && (apart == null || entry.after(apart))
                                && (apartAt == null || !entry.at().isBefore(apartAt))))
                .toList());
    }

    /**
     * Whether a set was apart at a moment of the past, for a reading that is written down later.
     *
     * @param fittedAt when the set that was on then was fitted
     * @param openedAt when work opened it last before that moment; {@code null} for never
     * @param passedAt when its tension was read last with a pass before that moment; {@code null} for never
     */
    public static boolean wasApart(Instant fittedAt, @Nullable Instant openedAt, @Nullable Instant passedAt) {
        Instant apartAt = openedAt == null || openedAt.isBefore(fittedAt) ? fittedAt : openedAt;
        return passedAt == null || !passedAt.isAfter(apartAt);
    }

    /** The steps that set this saw back. */
    public static List<Step> steps(SawProfile saw) {
        return CLOSING.stream().filter(step -> step.appliesTo(saw)).toList();
    }

    /** Whether the tension has not been read fairly, with a pass, since the set was apart. */
    public boolean wantsTension() {
        return missing.contains(Step.TENSION);
    }
}
