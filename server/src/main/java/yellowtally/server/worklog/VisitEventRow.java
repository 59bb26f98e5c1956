package yellowtally.server.worklog;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Task;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.visit.VisitEvent;
import yellowtally.server.people.Acting;
import yellowtally.server.support.Numbered;
import yellowtally.server.support.RecordNumbers;

/** Record: a step was put into a visit, or called for again. Never changed; gone with the record that called for it. */
@Entity
@Table(name = "visit_event")
@EntityListeners(RecordNumbers.class)
class VisitEventRow implements Numbered {

    @Id
    private UUID id;

    private long seq;
    private UUID visitId;

    @Enumerated(EnumType.STRING)
    private Step step;

    @Enumerated(EnumType.STRING)
    private PlannedStep.Why why;

    @Enumerated(EnumType.STRING)
    private @Nullable Task task;

    @Enumerated(EnumType.STRING)
    private @Nullable Finding finding;

    private @Nullable UUID byRecord;

    /** Who had it put in; absent in what is older than that. */
    @Column
    private @Nullable UUID personId = Acting.personOrNobody();

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    @Column
    private Instant at;

    protected VisitEventRow() {}

    VisitEventRow(UUID visitId, PlannedStep planned, @Nullable UUID byRecord, Instant at) {
        this.id = UUID.randomUUID();
        this.visitId = visitId;
        this.step = planned.step();
        this.why = planned.why();
        this.task = planned.task();
        this.finding = planned.finding();
        this.byRecord = byRecord;
        this.at = at;
    }

    @Override
    public void number(long given) {
        this.seq = given;
    }

    UUID visitId() {
        return visitId;
    }

    PlannedStep planned() {
        return new PlannedStep(step, why, task, finding);
    }

    /** As the rules read it. */
    VisitEvent event() {
        return new VisitEvent.PutIn(seq, planned(), byRecord);
    }
}
