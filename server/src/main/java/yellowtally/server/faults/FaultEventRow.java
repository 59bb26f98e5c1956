package yellowtally.server.faults;

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
import yellowtally.core.diagnosis.FaultEvent;
import yellowtally.core.diagnosis.FaultEventKind;
import yellowtally.core.oiling.Wet;
import yellowtally.server.support.Numbered;
import yellowtally.server.support.RecordNumbers;

/** Record: something happened to a fault. Never changed. */
@Entity
@Table(name = "fault_event")
@EntityListeners(RecordNumbers.class)
class FaultEventRow implements Numbered {

    @Id
    private UUID id;

    private long seq;

    private UUID faultId;

    @Enumerated(EnumType.STRING)
    private FaultEventKind kind;

    @Column(name = "check_code")
    private @Nullable String check;

    private @Nullable String answer;
    private @Nullable String cause;

    @Enumerated(EnumType.STRING)
    private @Nullable Wet wet;

    private @Nullable String note;
    private Instant at;
    private UUID personId;

    @Column
    private String device;

    protected FaultEventRow() {}

    FaultEventRow(UUID id, UUID faultId, FaultEvent event, @Nullable String note, UUID personId, String device) {
        this.id = id;
        this.faultId = faultId;
        this.kind = event.kind();
        this.check = event.check();
        this.answer = event.answer();
        this.cause = event.cause();
        this.wet = event.wet();
        this.note = note;
        this.at = event.at();
        this.personId = personId;
        this.device = device;
    }

    @Override
    public void number(long given) {
        this.seq = given;
    }

    UUID faultId() {
        return faultId;
    }

    /** As the rules read it. */
    FaultEvent event() {
        return new FaultEvent(seq, kind, at, check, answer, cause, wet);
    }

    @Nullable
    String note() {
        return note;
    }

    UUID personId() {
        return personId;
    }
}
