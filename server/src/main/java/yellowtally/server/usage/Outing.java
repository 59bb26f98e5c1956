package yellowtally.server.usage;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;
import yellowtally.core.schedule.Wood;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Strikable;

/**
 * Record: a saw went out with a crew and came back. Written in two halves, never changed after the second. A wrong one is struck
 * out, and stays readable; one that takes its place names it.
 */
@Entity
public class Outing extends Strikable {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private UUID sawId;
    private UUID crewId;

    @Column
    private @Nullable UUID chainId;

    @Column
    private @Nullable UUID barId;

    @Column
    private @Nullable UUID sprocketId;

    @Column
    private @Nullable UUID fittingId;

    private Instant outAt;

    @Column
    private @Nullable Instant outRecordedAt;

    private @Nullable String outReason;
    private UUID outPersonId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private @Nullable Instant backAt;

    @Column
    private @Nullable Instant backRecordedAt;

    private @Nullable String backReason;
    private @Nullable UUID backPersonId;

    @Column
    private @Nullable String backDevice;

    private @Nullable Double tanks;
    private @Nullable Double oilShare;

    @ElementCollection
    @CollectionTable(name = "outing_work", joinColumns = @JoinColumn(name = "outing_id"))
    @Column(name = "work")
    @Enumerated(EnumType.STRING)
    @BatchSize(size = 200)
    private Set<Work> works = EnumSet.noneOf(Work.class);

    @ElementCollection
    @CollectionTable(name = "outing_wood", joinColumns = @JoinColumn(name = "outing_id"))
    @Column(name = "wood")
    @Enumerated(EnumType.STRING)
    @BatchSize(size = 200)
    private Set<Wood> woods = EnumSet.noneOf(Wood.class);

    private boolean rain;
    private boolean groundStruck;
    private boolean dustSeen;

    @Column
    private @Nullable Boolean chainSlack;

    @Column
    private @Nullable Integer daysRun;

    private @Nullable String complaint;

    @Column
    private @Nullable UUID openSawId;

    @Column
    private @Nullable UUID amendsId;

    protected Outing() {}

    /**
     * When something happened and when it was written down.
     *
     * @param reason why it was written down later; absent when it was written on the spot
     */
    public record Moment(
            Instant at, Instant recordedAt, @Nullable String reason) {

        /** Written down on the spot. */
        public static Moment now(Instant at) {
            return new Moment(at, at, null);
        }
    }

    public Outing(UUID id, Saw saw, FittedSet set, UUID crewId, Moment out, UUID outPersonId) {
        this.id = id;
        this.sawId = saw.id();
        this.crewId = crewId;
        this.chainId = set.chain() == null ? null : set.chain().id();
        this.barId = set.bar() == null ? null : set.bar().id();
        this.sprocketId = set.sprocket() == null ? null : set.sprocket().id();
        this.fittingId = set.fitting() == null ? null : set.fitting().id();
        this.outAt = out.at();
        this.outRecordedAt = out.recordedAt();
        this.outReason = out.reason();
        this.outPersonId = outPersonId;
        this.openSawId = saw.id();
    }

    /** Ends the outing. */
    public void back(Moment back, UUID personId, Use use) {
        this.backAt = back.at();
        this.backRecordedAt = back.recordedAt();
        this.backReason = back.reason();
        this.backPersonId = personId;
        this.backDevice = Acting.deviceOrNone();
        this.tanks = use.tanks();
        this.oilShare = use.oilShare();
        this.works.addAll(use.works());
        this.woods.addAll(use.woods());
        this.rain = use.rain();
        this.groundStruck = use.groundStruck();
        this.dustSeen = use.dustSeen();
        this.chainSlack = use.chainSlack();
        this.daysRun = use.daysRun();
        this.complaint = use.complaint();
        this.openSawId = null;
    }

    /** Says which struck one it takes the place of. */
    public Outing amending(UUID earlier) {
        this.amendsId = earlier;
        return this;
    }

    /** Strikes it out: it counts no more, and is under way no more. */
    @Override
    public void strike(Instant at, UUID personId, String reason) {
        super.strike(at, personId, reason);
        this.openSawId = null;
    }

    public UUID id() {
        return id;
    }

    /** Counts its halves: who changes it says on which it was done. */
    public int version() {
        return version == null ? 0 : version;
    }

    public boolean open() {
        return openSawId != null;
    }

    /** The struck one that it takes the place of; absent for a first entry. */
    public @Nullable UUID amendsId() {
        return amendsId;
    }

    public UUID sawId() {
        return sawId;
    }

    public @Nullable UUID chainId() {
        return chainId;
    }

    public @Nullable UUID barId() {
        return barId;
    }

    public @Nullable UUID sprocketId() {
        return sprocketId;
    }

    public UUID crewId() {
        return crewId;
    }

    public Instant outAt() {
        return outAt;
    }

    public @Nullable String outReason() {
        return outReason;
    }

    public UUID outPersonId() {
        return outPersonId;
    }

    public @Nullable Instant backAt() {
        return backAt;
    }

    public @Nullable String backReason() {
        return backReason;
    }

    public @Nullable UUID backPersonId() {
        return backPersonId;
    }

    /** What it did; {@code null} while it is out. */
    public @Nullable Use use() {
        return tanks == null
                ? null
                : new Use(
                        tanks,
                        oilShare,
                        Set.copyOf(works),
                        Set.copyOf(woods),
                        rain,
                        groundStruck,
                        dustSeen,
                        Boolean.TRUE.equals(chainSlack),
                        daysRun,
                        complaint);
    }

    /** On which device it was written down; absent in what is older than that. */
    public @Nullable String device() {
        return device;
    }

    /** On which device it was written down; absent in what is older than that. */
    public @Nullable String backDevice() {
        return backDevice;
    }
}
