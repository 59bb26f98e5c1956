package yellowtally.server.fleet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;

/** A guide bar with its own tag. */
@Entity
public class Bar {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private String tag;

    private double lengthMm;

    @Enumerated(EnumType.STRING)
    private Pitch pitch;

    @Enumerated(EnumType.STRING)
    private Gauge gauge;

    private int driveLinks;

    @Enumerated(EnumType.STRING)
    private NoseKind nose;

    private @Nullable UUID sawId;

    protected Bar() {}

    public Bar(UUID id, String tag, double lengthMm, Pitch pitch, Gauge gauge, int driveLinks, NoseKind nose) {
        this.id = id;
        this.tag = tag;
        this.lengthMm = lengthMm;
        this.pitch = pitch;
        this.gauge = gauge;
        this.driveLinks = driveLinks;
        this.nose = nose;
    }

    public UUID id() {
        return id;
    }

    public String tag() {
        return tag;
    }

    public double lengthMm() {
        return lengthMm;
    }

    public Pitch pitch() {
        return pitch;
    }

    public Gauge gauge() {
        return gauge;
    }

    public int driveLinks() {
        return driveLinks;
    }

    public NoseKind nose() {
        return nose;
    }

    public @Nullable UUID sawId() {
        return sawId;
    }

    /** Hangs the part on a saw, or with {@code null} back on the shelf; the fitting record says who and when. */
    void hangOn(@Nullable UUID saw) {
        this.sawId = saw;
    }

    /** What it asks of a loop. */
    public BarSpec spec() {
        return new BarSpec(lengthMm, pitch, gauge, driveLinks, nose);
    }
}
