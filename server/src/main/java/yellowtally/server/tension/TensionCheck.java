package yellowtally.server.tension;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.Work;

/**
 * Record: a tension check with the verdict as it was given; who made it, when and on what tells the work record of the same id. Never changed; a wrong one is amended by another that names it.
 * What the verdict stood on (bar, tang depth, target, lead) is kept with it, since parts and settings change later.
 */
@Entity
public class TensionCheck {

    @Id
    private UUID id;

    @Enumerated(EnumType.STRING)
    private CheckOccasion occasion;

    @Enumerated(EnumType.STRING)
    private Work work;

    @Enumerated(EnumType.STRING)
    private TensionOutcome outcome;

    private boolean provisional;
    private double turns;

    @Column
    private double adjusterLeadMm;

    @Column
    private double barLengthMm;

    @Column
    private double tangDepthMm;

    private double targetMm;
    private @Nullable Double jointPlayMm;

    @Column
    private @Nullable Double adjusterPlace;

    @Column
    private @Nullable Double tenLinksMm;

    private @Nullable UUID amendsId;
    private @Nullable String amendReason;

    protected TensionCheck() {}

    /** How it ended. */
    public record Finding(
            TensionOutcome outcome,
            boolean provisional,
            double turns,
            double adjusterLeadMm,
            double barLengthMm,
            double tangDepthMm,
            double targetMm,
            Measured measured) {}

    /** Which earlier check it replaces, and why. */
    public record Amendment(UUID amendsId, String reason) {}

    /** {@code id} is that of the work record that it is told with. */
    public TensionCheck(UUID id, CheckOccasion occasion, Work work, Finding finding, @Nullable Amendment amendment) {
        this.id = id;
        this.occasion = occasion;
        this.work = work;
        this.outcome = finding.outcome();
        this.provisional = finding.provisional();
        this.turns = finding.turns();
        this.adjusterLeadMm = finding.adjusterLeadMm();
        this.barLengthMm = finding.barLengthMm();
        this.tangDepthMm = finding.tangDepthMm();
        this.targetMm = finding.targetMm();
        this.jointPlayMm = finding.measured().playPerJointMm();
        this.adjusterPlace = finding.measured().adjusterPlace();
        this.tenLinksMm = finding.measured().tenLinksMm();
        this.amendsId = amendment == null ? null : amendment.amendsId();
        this.amendReason = amendment == null ? null : amendment.reason();
    }

    UUID id() {
        return id;
    }

    CheckOccasion occasion() {
        return occasion;
    }

    Work work() {
        return work;
    }

    TensionOutcome outcome() {
        return outcome;
    }

    boolean provisional() {
        return provisional;
    }

    double turns() {
        return turns;
    }

    double targetMm() {
        return targetMm;
    }

    /** What was measured beside the tension. */
    Measured measured() {
        return new Measured(jointPlayMm, adjusterPlace, tenLinksMm);
    }

    @Nullable
    UUID amendsId() {
        return amendsId;
    }

    @Nullable
    String amendReason() {
        return amendReason;
    }
}
