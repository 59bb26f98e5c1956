package yellowtally.server.fleet;

import jakarta.persistence.DiscriminatorValue;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import yellowtally.core.cuttingset.BarSpec;
import yellowtally.core.cuttingset.Gauge;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.measure.LengthUnit;
import yellowtally.core.steps.Subject;

/** A guide bar with its own tag. */
@Entity
@DiscriminatorValue("BAR")
public class Bar extends Part {

    private double lengthMm;

    @Enumerated(EnumType.STRING)
    private Pitch pitch;

    @Enumerated(EnumType.STRING)
    private Gauge gauge;

    private int driveLinks;

    @Enumerated(EnumType.STRING)
    private NoseKind nose;

    protected Bar() {}

    public Bar(UUID id, String tag, double lengthMm, Pitch pitch, Gauge gauge, int driveLinks, NoseKind nose) {
        super(id, tag);
        this.lengthMm = lengthMm;
        this.pitch = pitch;
        this.gauge = gauge;
        this.driveLinks = driveLinks;
        this.nose = nose;
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

    /** What it asks of a loop. */
    public BarSpec spec() {
        return new BarSpec(lengthMm, pitch, gauge, driveLinks, nose);
    }

    @Override
    Part another(UUID newId, String newTag) {
        return new Bar(newId, newTag, lengthMm, pitch, gauge, driveLinks, nose);
    }

    @Override
    public String sort() {
        return "%s in, %s %s, %d drive links"
                .formatted(
                        Math.round(LengthUnit.INCH.fromMm(lengthMm())),
                        spec().pitch().label(),
                        spec().gauge().label(),
                        spec().driveLinks());
    }

    @Override
    public Subject subject() {
        return Subject.BAR;
    }
}
