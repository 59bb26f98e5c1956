package yellowtally.core.visit;

import org.jspecify.annotations.Nullable;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep.Why;

/**
 * A step of a visit as it stands now.
 *
 * @param planned which step, and why it is in the visit
 * @param record the record that stands for it, done or passed over; {@code null} while it is open
 */
public record VisitStep(PlannedStep planned, @Nullable Object record) {

    /** Which step. */
    public Step step() {
        return planned.step();
    }

    /** Neither done nor passed over. */
    public boolean open() {
        return record == null;
    }

    /**
     * What may be left without a reason: it was only worth doing because its stage was open (handbook section 10), or is asked for
     * again at the next visit.
     */
    public boolean optional() {
        return planned.why() == Why.RIDES_ALONG || planned.why() == Why.PAST_UNKNOWN;
    }

    VisitStep recorded(Object by) {
        return new VisitStep(planned, by);
    }

    /** Called for anew: opened again if it was done, and with a stronger reason if it was only optional. */
    VisitStep calledFor(PlannedStep again) {
        if (open() && !optional()) {
            return this;
        }
        return new VisitStep(new PlannedStep(step(), again.why(), planned.task(), again.finding()), null);
    }
}
