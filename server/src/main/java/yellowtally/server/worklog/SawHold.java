package yellowtally.server.worklog;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.holds.Hold.HoldOrigin;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.server.people.Acting;

/** Record: a saw was held, by a failed step, by a rule or by a person. Ended by a {@link HoldRelease}, never changed. */
@Entity
public class SawHold {

    @Id
    private UUID id;

    private UUID sawId;

    @Enumerated(EnumType.STRING)
    private Step step;

    @Enumerated(EnumType.STRING)
    private HoldOrigin origin = HoldOrigin.PERSON;

    private @Nullable UUID recordId;
    private @Nullable UUID faultId;
    private @Nullable String note;
    private Instant at;
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private @Nullable UUID chainId;
    private @Nullable UUID barId;
    private @Nullable UUID sprocketId;

    @ElementCollection
    @CollectionTable(name = "saw_hold_finding", joinColumns = @JoinColumn(name = "hold_id"))
    @Column(name = "finding")
    @Enumerated(EnumType.STRING)
    private Set<Finding> findings = EnumSet.noneOf(Finding.class);

    protected SawHold() {}

    /** A hold that a failed record makes. */
    public static SawHold of(UUID id, WorkRecord record, Set<Finding> failed) {
        SawHold hold = new SawHold(id, record.sawId(), record.step(), record.note(), record.at(), record.personId());
        hold.origin = HoldOrigin.RULE;
        hold.recordId = record.id();
        hold.chainId = record.parts().chainId();
        hold.barId = record.parts().barId();
        hold.sprocketId = record.parts().sprocketId();
        hold.findings.addAll(failed);
        return hold;
    }

    /** A hold by a person; a passing record of {@code step} clears it. */
    public SawHold(UUID id, UUID sawId, Step step, @Nullable String note, Instant at, UUID personId) {
        this.id = id;
        this.sawId = sawId;
        this.step = step;
        this.note = note;
        this.at = at;
        this.personId = personId;
    }

    /** Says which fault it was set for. */
    public SawHold forFault(UUID fault) {
        this.faultId = fault;
        this.origin = HoldOrigin.COMPLAINT;
        return this;
    }

    /** A hold that a rule makes of several records together, such as those of the oil; a passing record clears it. */
    public SawHold byRule() {
        this.origin = HoldOrigin.RULE;
        return this;
    }

    public HoldOrigin origin() {
        return origin;
    }

    public UUID id() {
        return id;
    }

    public UUID sawId() {
        return sawId;
    }

    public Step step() {
        return step;
    }

    public @Nullable UUID faultId() {
        return faultId;
    }

    public @Nullable UUID recordId() {
        return recordId;
    }

    public @Nullable String note() {
        return note;
    }

    public Instant at() {
        return at;
    }

    public UUID personId() {
        return personId;
    }

    public @Nullable UUID chainId() {
        return chainId;
    }

    public @Nullable UUID barId() {
        return barId;
    }

    public @Nullable UUID sprocketId() {
        return sprocketId;
    }

    /** A copy, so that it can be read when the session is over. */
    public Set<Finding> findings() {
        Set<Finding> copy = EnumSet.noneOf(Finding.class);
        copy.addAll(findings);
        return copy;
    }

    /** On which device it was written down; absent in what is older than that. */
    public @Nullable String device() {
        return device;
    }
}
