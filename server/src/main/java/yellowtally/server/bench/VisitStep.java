package yellowtally.server.bench;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Task;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep;

/** A step of a visit and why it is in it. Whether it is done tell the work records. */
@Entity
class VisitStep {

    @EmbeddedId
    private Place place;

    @Enumerated(EnumType.STRING)
    private PlannedStep.Why why;

    @Enumerated(EnumType.STRING)
    private @Nullable Task task;

    @Enumerated(EnumType.STRING)
    private @Nullable Finding finding;

    private Instant since;

    protected VisitStep() {}

    /** Which step of which visit. */
    @Embeddable
    record Place(UUID visitId, @Enumerated(EnumType.STRING) Step step) implements Serializable {}

    VisitStep(UUID visitId, PlannedStep planned, Instant since) {
        this.place = new Place(visitId, planned.step());
        this.why = planned.why();
        this.task = planned.task();
        this.finding = planned.finding();
        this.since = since;
    }

    /** Has to be done again, for another reason. */
    void reopen(PlannedStep.Why again, @Nullable Finding by, Instant from) {
        this.why = again;
        this.finding = by;
        this.since = from;
    }

    Step step() {
        return place.step();
    }

    PlannedStep.Why why() {
        return why;
    }

    @Nullable
    Task task() {
        return task;
    }

    @Nullable
    Finding finding() {
        return finding;
    }

    Instant since() {
        return since;
    }

    /** What may be left without a reason: it was only worth doing because the stage was open. */
    boolean optional() {
        return why == PlannedStep.Why.RIDES_ALONG;
    }
}
