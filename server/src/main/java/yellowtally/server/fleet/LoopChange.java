package yellowtally.server.fleet;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: what a loop's maker says of it was told anew. Never changed. */
@Entity
public class LoopChange {

    @Id
    @Column
    private UUID id;

    @Column
    private UUID chainId;

    private Instant at;
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private String reason;

    @Embedded
    @AttributeOverride(name = "tangDepthMm", column = @Column(name = "tang_before_mm"))
    @AttributeOverride(name = "newCutterMm", column = @Column(name = "new_cutter_before_mm"))
    @AttributeOverride(name = "wearMarkMm", column = @Column(name = "wear_mark_before_mm"))
    @AttributeOverride(name = "fileMm", column = @Column(name = "file_before_mm"))
    private @Nullable OfItsMaker before;

    @Embedded
    @AttributeOverride(name = "tangDepthMm", column = @Column(name = "tang_after_mm"))
    @AttributeOverride(name = "newCutterMm", column = @Column(name = "new_cutter_after_mm"))
    @AttributeOverride(name = "wearMarkMm", column = @Column(name = "wear_mark_after_mm"))
    @AttributeOverride(name = "fileMm", column = @Column(name = "file_after_mm"))
    private @Nullable OfItsMaker after;

    protected LoopChange() {}

    LoopChange(UUID id, UUID chainId, Instant at, UUID personId, String reason, OfItsMaker before, OfItsMaker after) {
        this.id = id;
        this.chainId = chainId;
        this.at = at;
        this.personId = personId;
        this.reason = reason;
        this.before = before;
        this.after = after;
    }

    public Instant at() {
        return at;
    }

    public UUID personId() {
        return personId;
    }

    public String reason() {
        return reason;
    }

    public OfItsMaker before() {
        return known(before);
    }

    public OfItsMaker after() {
        return known(after);
    }

    /** Where every figure is absent, nothing is read back. */
    private static OfItsMaker known(@Nullable OfItsMaker read) {
        return read == null ? OfItsMaker.NONE : read;
    }
}
