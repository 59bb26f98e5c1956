package yellowtally.server.fleet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;

/** A chain loop with its own tag; it carries its history from saw to saw. */
@Entity
public class Chain {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private String tag;

    @Enumerated(EnumType.STRING)
    private Pitch pitch;

    @Enumerated(EnumType.STRING)
    private Gauge gauge;

    private int driveLinks;

    @Enumerated(EnumType.STRING)
    private SawChoices.CutterSequence sequence;

    @Enumerated(EnumType.STRING)
    private SawChoices.CutterProfile cutterProfile;

    private double topPlateAngle;

    private double downTilt;

    private @Nullable Double tangDepthMm;

    private @Nullable UUID sawId;

    protected Chain() {}

    public Chain(
            UUID id,
            String tag,
            Pitch pitch,
            Gauge gauge,
            int driveLinks,
            SawChoices.CutterSequence sequence,
            SawChoices.CutterProfile cutterProfile,
            double topPlateAngle,
            double downTilt,
            @Nullable Double tangDepthMm) {
        this.id = id;
        this.tag = tag;
        this.pitch = pitch;
        this.gauge = gauge;
        this.driveLinks = driveLinks;
        this.sequence = sequence;
        this.cutterProfile = cutterProfile;
        this.topPlateAngle = topPlateAngle;
        this.downTilt = downTilt;
        this.tangDepthMm = tangDepthMm;
    }

    public UUID id() {
        return id;
    }

    public String tag() {
        return tag;
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

    public SawChoices.CutterSequence sequence() {
        return sequence;
    }

    public SawChoices.CutterProfile cutterProfile() {
        return cutterProfile;
    }

    public double topPlateAngle() {
        return topPlateAngle;
    }

    public double downTilt() {
        return downTilt;
    }

    public @Nullable Double tangDepthMm() {
        return tangDepthMm;
    }

    public @Nullable UUID sawId() {
        return sawId;
    }

    /** Hangs the part on a saw, or with {@code null} back on the shelf; the fitting record says who and when. */
    void hangOn(@Nullable UUID saw) {
        this.sawId = saw;
    }

    /** What it brings to the fit check. */
    public LoopSpec spec() {
        return new LoopSpec(pitch, gauge, driveLinks);
    }
}
