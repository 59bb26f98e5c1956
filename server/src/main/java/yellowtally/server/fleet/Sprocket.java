package yellowtally.server.fleet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketKind;
import yellowtally.core.cuttingset.SprocketSpec;

/** A drive sprocket with its own tag. */
@Entity
public class Sprocket {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private String tag;

    @Enumerated(EnumType.STRING)
    private SprocketKind kind;

    private int teeth;

    @Enumerated(EnumType.STRING)
    private Pitch pitch;

    private @Nullable UUID sawId;

    protected Sprocket() {}

    public Sprocket(UUID id, String tag, SprocketKind kind, int teeth, Pitch pitch) {
        this.id = id;
        this.tag = tag;
        this.kind = kind;
        this.teeth = teeth;
        this.pitch = pitch;
    }

    public UUID id() {
        return id;
    }

    public String tag() {
        return tag;
    }

    public SprocketKind kind() {
        return kind;
    }

    public int teeth() {
        return teeth;
    }

    public Pitch pitch() {
        return pitch;
    }

    public @Nullable UUID sawId() {
        return sawId;
    }

    /** Hangs the part on a saw, or with {@code null} back on the shelf; the fitting record says who and when. */
    void hangOn(@Nullable UUID saw) {
        this.sawId = saw;
    }

    /** What it drives. */
    public SprocketSpec spec() {
        return new SprocketSpec(kind, teeth, pitch);
    }
}
