package yellowtally.server.worklog;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EntityListeners;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;
import yellowtally.core.log.Told;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.server.support.Numbered;
import yellowtally.server.support.RecordNumbers;

/** Record: one step done, or skipped, on one saw. Never changed; a wrong one is struck out by a {@link WorkVoid}. */
@Entity
@EntityListeners(RecordNumbers.class)
public class WorkRecord implements Numbered {

    @Id
    private UUID id;

    private long seq;

    private UUID sawId;
    private @Nullable UUID visitId;

    @Enumerated(EnumType.STRING)
    private Step step;

    @Enumerated(EnumType.STRING)
    private WorkOutcome outcome;

    private Instant at;
    private Instant recordedAt;
    private UUID personId;

    @Column
    private String device;

    @Embedded
    private Parts parts;

    private @Nullable UUID replacedId;
    private @Nullable String note;
    private @Nullable LocalDate toldOn;
    private @Nullable Double toldSince;

    @ElementCollection
    @CollectionTable(name = "work_finding", joinColumns = @JoinColumn(name = "record_id"))
    @Column(name = "finding")
    @Enumerated(EnumType.STRING)
    @BatchSize(size = 1000)
    private Set<Finding> findings = EnumSet.noneOf(Finding.class);

    @ElementCollection
    @CollectionTable(name = "work_measure", joinColumns = @JoinColumn(name = "record_id"))
    @MapKeyColumn(name = "measure")
    @MapKeyEnumerated(EnumType.STRING)
    @Column(name = "figure")
    @BatchSize(size = 1000)
    private Map<Measure, Double> figures = new EnumMap<>(Measure.class);

    protected WorkRecord() {}

    /** The parts that were on the saw. */
    @Embeddable
    public record Parts(
            @Nullable UUID chainId,
            @Nullable UUID barId,
            @Nullable UUID sprocketId,
            @Nullable UUID fittingId) {

        /** Nothing was fitted. */
        public static final Parts NONE = new Parts(null, null, null, null);
    }

    /** What, where, when and by whom. */
    public record Head(
            UUID id,
            UUID sawId,
            @Nullable UUID visitId,
            Step step,
            Instant at,
            Instant recordedAt,
            UUID personId,
            String device,
            Parts parts) {}

    public WorkRecord(Head head, WorkOutcome outcome, @Nullable String note, @Nullable UUID replacedId) {
        this.id = head.id();
        this.sawId = head.sawId();
        this.visitId = head.visitId();
        this.step = head.step();
        this.outcome = outcome;
        this.at = head.at();
        this.recordedAt = head.recordedAt();
        this.personId = head.personId();
        this.device = head.device();
        this.parts = head.parts();
        this.note = note;
        this.replacedId = replacedId;
    }

    /** Adds what was found and measured, before the record is stored. */
    public WorkRecord with(Collection<Finding> found, Map<Measure, Double> measured) {
        findings.addAll(found);
        figures.putAll(measured);
        return this;
    }

    /** Says that it was told, before the record is stored: it counts for schedule and wear, and proves nothing. */
    public WorkRecord told(Told told) {
        this.toldOn = told.on();
        this.toldSince = told.since();
        return this;
    }

    /** What was told of it when its saw was brought in; absent in what was written down here. */
    public @Nullable Told told() {
        return toldOn == null ? null : new Told(toldOn, toldSince);
    }

    @Override
    public void number(long given) {
        this.seq = given;
    }

    /** Its place in the order in which records were written; zero until it is stored. */
    public long seq() {
        return seq;
    }

    public UUID id() {
        return id;
    }

    public UUID sawId() {
        return sawId;
    }

    public @Nullable UUID visitId() {
        return visitId;
    }

    /** On which device it was written down. */
    public String device() {
        return device;
    }

    public Step step() {
        return step;
    }

    public WorkOutcome outcome() {
        return outcome;
    }

    public Instant at() {
        return at;
    }

    public Instant recordedAt() {
        return recordedAt;
    }

    public UUID personId() {
        return personId;
    }

    public Parts parts() {
        return parts == null ? Parts.NONE : parts;
    }

    public @Nullable UUID replacedId() {
        return replacedId;
    }

    public @Nullable String note() {
        return note;
    }

    /** A copy, so that it can be read when the session is over; in the order of the handbook. */
    public Set<Finding> findings() {
        Set<Finding> copy = EnumSet.noneOf(Finding.class);
        copy.addAll(findings);
        return copy;
    }

    /** A copy, as with the findings. */
    public Map<Measure, Double> figures() {
        Map<Measure, Double> copy = new EnumMap<>(Measure.class);
        copy.putAll(figures);
        return copy;
    }
}
