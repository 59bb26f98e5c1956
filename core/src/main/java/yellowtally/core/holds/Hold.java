package yellowtally.core.holds;

import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * A reason to hold a saw, without a release that stands.
 *
 * @param id any value that equals itself
 * @param at when what it stands for happened
 * @param origin who or what holds
 * @param step the step that it is about
 * @param findings what failed; empty when a person holds, or when the step failed with a note only
 * @param subjects whose record made it: a part that is not among them any more is not on the saw any more
 * @param struckBy number of the strike that took its record back; {@code null} while the record stands
 * @param fault the complaint it was set for, any value that equals itself; {@code null} for none
 */
public record Hold(
        Object id,
        Instant at,
        HoldOrigin origin,
        Step step,
        Set<Finding> findings,
        Set<Subject> subjects,
        @Nullable Long struckBy,
        @Nullable Object fault) {

    /** Who or what holds. */
    public enum HoldOrigin {
        /** A record that failed, or figures that no saw may go out with. */
        RULE,
        PERSON,
        COMPLAINT
    }

    /** What can be looked at in a minute: all of it where a person holds and nobody knows yet what is the matter (rule 1). */
    public static final List<Step> ALL_ROUND = List.of(Step.OUTSIDE_LOOK, Step.BRAKE_LEVER, Step.CONTROLS);

    public Hold {
        findings = Set.copyOf(findings);
        subjects = Set.copyOf(subjects);
    }

    /** A failed record. */
    public static Hold failed(Object id, Instant at, Step step, Set<Finding> findings, Set<Subject> subjects) {
        return new Hold(id, at, HoldOrigin.RULE, step, findings, subjects, null, null);
    }

    /** A person holds. */
    public static Hold byPerson(Object id, Instant at, Step step, Set<Subject> subjects) {
        return new Hold(id, at, HoldOrigin.PERSON, step, Set.of(), subjects, null, null);
    }
}
