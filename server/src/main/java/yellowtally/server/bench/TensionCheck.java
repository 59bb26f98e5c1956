package yellowtally.server.bench;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.Work;

/**
 * Record: a tension check with the verdict as it was given. Never changed; a wrong one is amended by another that names it.
 * What the verdict stood on (bar, tang depth, target, lead) is kept with it, since parts and settings change later.
 */
@Entity
public class TensionCheck {

    @Id
    private UUID id;

    private UUID sawId;
    private UUID chainId;
    private UUID fittingId;
    private Instant at;

    @Column
    private Instant recordedAt;

    private UUID personId;

    @Column
    private String device;

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
    private @Nullable String note;
    private @Nullable UUID amendsId;
    private @Nullable String amendReason;

    protected TensionCheck() {}

    /** What, where, when and by whom. */
    public record Head(
            UUID id,
            UUID sawId,
            UUID chainId,
            UUID fittingId,
            Instant at,
            Instant recordedAt,
            UUID personId,
            String device,
            CheckOccasion occasion,
            Work work) {}

    /** How it ended. */
    public record Finding(
            TensionOutcome outcome,
            boolean provisional,
            double turns,
            double adjusterLeadMm,
            double barLengthMm,
            double tangDepthMm,
            double targetMm,
            @Nullable Double jointPlayMm,
            @Nullable String note) {}

    /** Which earlier check it replaces, and why. */
    public record Amendment(UUID amendsId, String reason) {}

    public TensionCheck(Head head, Finding finding, @Nullable Amendment amendment) {
        this.id = head.id();
        this.sawId = head.sawId();
        this.chainId = head.chainId();
        this.fittingId = head.fittingId();
        this.at = head.at();
        this.recordedAt = head.recordedAt();
        this.personId = head.personId();
        this.device = head.device();
        this.occasion = head.occasion();
        this.work = head.work();
        this.outcome = finding.outcome();
        this.provisional = finding.provisional();
        this.turns = finding.turns();
        this.adjusterLeadMm = finding.adjusterLeadMm();
        this.barLengthMm = finding.barLengthMm();
        this.tangDepthMm = finding.tangDepthMm();
        this.targetMm = finding.targetMm();
        this.jointPlayMm = finding.jointPlayMm();
        this.note = finding.note();
        this.amendsId = amendment == null ? null : amendment.amendsId();
        this.amendReason = amendment == null ? null : amendment.reason();
    }

    UUID id() {
        return id;
    }

    UUID sawId() {
        return sawId;
    }

    UUID chainId() {
        return chainId;
    }

    UUID fittingId() {
        return fittingId;
    }

    Instant at() {
        return at;
    }

    UUID personId() {
        return personId;
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

    @Nullable
    Double jointPlayMm() {
        return jointPlayMm;
    }

    @Nullable
    String note() {
        return note;
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
