package yellowtally.server.fleet;

import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.cuttingset.SprocketKind;
import yellowtally.core.cuttingset.SprocketSpec;
import yellowtally.core.steps.Subject;

/** A drive sprocket with its own tag. */
@Entity
@DiscriminatorValue("SPROCKET")
public class Sprocket extends Part {

    @Enumerated(EnumType.STRING)
    private SprocketKind kind;

    private int teeth;

    @Enumerated(EnumType.STRING)
    private Pitch pitch;

    protected Sprocket() {}

    public Sprocket(UUID id, String tag, SprocketKind kind, int teeth, Pitch pitch) {
        super(id, tag);
        this.kind = kind;
        this.teeth = teeth;
        this.pitch = pitch;
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

    /** What it drives. */
    public SprocketSpec spec() {
        return new SprocketSpec(kind, teeth, pitch);
    }

    @Override
    Part another(UUID newId, String newTag) {
        return new Sprocket(newId, newTag, kind, teeth, pitch);
    }

    @Override
    public String sort() {
        return "%s, %d teeth".formatted(pitch().label(), teeth());
    }

    @Override
    public Subject subject() {
        return Subject.SPROCKET;
    }
}
