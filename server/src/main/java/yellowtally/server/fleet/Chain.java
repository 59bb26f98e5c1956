package yellowtally.server.fleet;

import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.CutterSequence;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.steps.Subject;

/** A chain loop with its own tag; it carries its history from saw to saw. */
@Entity
@DiscriminatorValue("CHAIN")
public class Chain extends Part {

    @Enumerated(EnumType.STRING)
    private Pitch pitch;

    @Enumerated(EnumType.STRING)
    private Gauge gauge;

    private int driveLinks;

    @Enumerated(EnumType.STRING)
    private CutterSequence sequence;

    @Enumerated(EnumType.STRING)
    private SawChoices.CutterProfile cutterProfile;

    private double topPlateAngle;

    private double downTilt;

    private @Nullable Double tangDepthMm;

    private @Nullable Double newCutterMm;

    private @Nullable Double wearMarkMm;

    private @Nullable Double fileMm;

    protected Chain() {}

    public Chain(
            UUID id,
            String tag,
            Pitch pitch,
            Gauge gauge,
            int driveLinks,
            CutterSequence sequence,
            SawChoices.CutterProfile cutterProfile,
            double topPlateAngle,
            double downTilt,
            OfItsMaker maker) {
        super(id, tag);
        this.pitch = pitch;
        this.gauge = gauge;
        this.driveLinks = driveLinks;
        this.sequence = sequence;
        this.cutterProfile = cutterProfile;
        this.topPlateAngle = topPlateAngle;
        this.downTilt = downTilt;
        madeAs(maker);
    }

    /** Its maker says something else of it than was written down. */
    final void madeAs(OfItsMaker maker) {
        this.tangDepthMm = maker.tangDepthMm();
        this.newCutterMm = maker.newCutterMm();
        this.wearMarkMm = maker.wearMarkMm();
        this.fileMm = maker.fileMm();
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

    public CutterSequence sequence() {
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

    /** What was measured on it when new, or is marked on it. */
    public OfItsMaker ofItsMaker() {
        return new OfItsMaker(tangDepthMm, newCutterMm, wearMarkMm, fileMm);
    }

    /** What rules ask of it. */
    public Loop loop() {
        return new Loop(spec(), cutters(), ofItsMaker());
    }

    /** What it brings to the fit check. */
    public LoopSpec spec() {
        return new LoopSpec(pitch, gauge, driveLinks);
    }

    /** Cutters of the loop, left and right together. */
    public int cutters() {
        return sequence.cutters(driveLinks);
    }

    @Override
    Part another(UUID newId, String newTag) {
        return new Chain(
                newId,
                newTag,
                pitch,
                gauge,
                driveLinks,
                sequence,
                cutterProfile,
                topPlateAngle,
                downTilt,
                ofItsMaker().ofItsKind());
    }

    @Override
    public String sort() {
        return spec().words();
    }

    @Override
    public Subject subject() {
        return Subject.CHAIN;
    }
}
