package yellowtally.server.tension;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.tension.FairCondition;
import yellowtally.core.tension.Movement;
import yellowtally.core.tension.TensionEntry;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionReading;
import yellowtally.core.tension.TensionVerdict;
import yellowtally.core.tension.TipsPosition;
import yellowtally.server.seal.PartOfRecord;

/** Record: one reading of a check, in the order it was taken; every reading of the adjust-and-read-again loop is kept. */
@Entity
@Table(name = "tension_reading")
public class TensionReadingRow {

    /** Place of a reading in its check. */
    @Embeddable
    public record Place(UUID checkId, int seq) implements PartOfRecord {

        @Override
        public UUID recordId() {
            return checkId;
        }
    }

    @EmbeddedId
    private Place place;

    @Enumerated(EnumType.STRING)
    private TensionMethod method;

    @Column
    private @Nullable String typed;

    private @Nullable Double figure;

    @Enumerated(EnumType.STRING)
    private @Nullable TipsPosition tips;

    @Column
    private @Nullable Boolean springsBack;

    private boolean nutsSlack;
    private boolean brakeOff;
    private boolean noseUp;
    private boolean cold;
    private boolean oiled;
    private boolean pulledRound;

    @Enumerated(EnumType.STRING)
    @Column
    private @Nullable Movement movement;

    @Column
    private boolean tipsClear;

    @Column
    private boolean tightSpot;

    private double turnsBefore;

    @Enumerated(EnumType.STRING)
    private TensionOutcome outcome;

    private boolean provisional;

    protected TensionReadingRow() {}

    public TensionReadingRow(Place place, @Nullable String typed, TensionEntry entry, TensionVerdict verdict) {
        TensionReading reading = entry.reading();
        Set<FairCondition> met = entry.met();
        this.place = place;
        this.method = reading.method();
        this.typed = typed;
        this.figure = reading.figure().isPresent() ? reading.figure().getAsDouble() : null;
        this.tips = reading instanceof TensionReading.TipsByEye eye ? eye.tips() : null;
        this.springsBack = reading instanceof TensionReading.Lift lift ? lift.springsBack() : null;
        this.nutsSlack = met.contains(FairCondition.NUTS_SLACK);
        this.brakeOff = met.contains(FairCondition.BRAKE_OFF);
        this.noseUp = met.contains(FairCondition.NOSE_UP);
        this.cold = met.contains(FairCondition.COLD);
        this.oiled = met.contains(FairCondition.OILED);
        this.pulledRound = met.contains(FairCondition.PULLED_ROUND);
        this.movement = entry.movement();
        this.tipsClear = entry.tipsClearWithoutPull();
        this.tightSpot = entry.tightSpot();
        this.turnsBefore = entry.turnsBefore();
        this.outcome = verdict.outcome();
        this.provisional = verdict.provisional();
    }

    UUID checkId() {
        return place.checkId();
    }

    TensionMethod method() {
        return method;
    }

    @Nullable
    Double figure() {
        return figure;
    }

    @Nullable
    TipsPosition tips() {
        return tips;
    }

    @Nullable
    Boolean springsBack() {
        return springsBack;
    }

    @Nullable
    Movement movement() {
        return movement;
    }

    boolean tipsClear() {
        return tipsClear;
    }

    boolean tightSpot() {
        return tightSpot;
    }

    double turnsBefore() {
        return turnsBefore;
    }

    TensionOutcome outcome() {
        return outcome;
    }

    boolean provisional() {
        return provisional;
    }

    Set<FairCondition> unmet() {
        Set<FairCondition> unmet = EnumSet.noneOf(FairCondition.class);
        addUnless(nutsSlack, FairCondition.NUTS_SLACK, unmet);
        addUnless(brakeOff, FairCondition.BRAKE_OFF, unmet);
        addUnless(noseUp, FairCondition.NOSE_UP, unmet);
        addUnless(cold, FairCondition.COLD, unmet);
        addUnless(oiled, FairCondition.OILED, unmet);
        addUnless(pulledRound, FairCondition.PULLED_ROUND, unmet);
        return unmet;
    }

    private static void addUnless(boolean met, FairCondition condition, Set<FairCondition> unmet) {
        if (!met) {
            unmet.add(condition);
        }
    }
}
