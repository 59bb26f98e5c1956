package yellowtally.core.holds;

import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;

/**
 * What is missing until a hold may end (handbook section 11, rule 1).
 *
 * @param step the record that is missing is one of this step
 * @param measure the figure that it must have; {@code null} when it needs none
 */
public record Need(NeedKind kind, Step step, @Nullable Measure measure) {

    /** What kind of proof. */
    public enum NeedKind {
        /** The cause of a complaint is not found yet. */
        CAUSE,
        /** Another part in the place of the one that is out of use. */
        NEW_PART,
        /** A broken thing is mended. */
        REPAIR,
        /** The same figure again, and a good one. */
        FIGURE,
        /** The step again, and nothing found. */
        PASS,
        /** A dry day on fresh card. */
        STAND
    }

    /** What ends a finding that stands by itself, without a record that failed: another part, or another figure. */
    public static Need ending(Finding finding) {
        if (finding.condemns() != null) {
            return of(NeedKind.NEW_PART, Step.replacing(finding.condemns()));
        }
        return finding.measure() == null ? pass(finding.seenBy()) : figure(finding.measure());
    }

    /** Each of these steps again, and nothing found. */
    public static List<Need> passing(Collection<Step> steps) {
        return steps.stream().map(Need::pass).toList();
    }

    static Need pass(Step step) {
        return new Need(NeedKind.PASS, step, null);
    }

    /** One that needs no figure. */
    public static Need of(NeedKind kind, Step step) {
        return new Need(kind, step, null);
    }

    static Need figure(Measure measure) {
        return new Need(NeedKind.FIGURE, measure.step(), measure);
    }
}
