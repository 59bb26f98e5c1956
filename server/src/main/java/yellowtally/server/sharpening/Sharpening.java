package yellowtally.server.sharpening;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;
import yellowtally.core.edge.SharpeningPlan.FilingWay;
import yellowtally.server.people.Acting;

/** A loop in the vice, from the first length to the last stroke; everything is kept as it is typed. */
@Entity
class Sharpening {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private UUID sawId;
    private UUID chainId;
    private @Nullable UUID visitId;
    private Instant startedAt;
    private UUID personId;

    /** On which device it was written down; absent in what is older than that. */
    @Column
    private @Nullable String device = Acting.deviceOrNone();

    private boolean dull;

    @Enumerated(EnumType.STRING)
    private @Nullable FilingWay way;

    @Column
    private @Nullable Double removalMm;

    private @Nullable Integer baseStrokes;

    @Column
    private @Nullable Double damageMm;

    private @Nullable Instant endedAt;

    @Column
    private @Nullable UUID recordId;

    @Column
    private @Nullable String leftReason;

    private @Nullable UUID openChainId;

    @ElementCollection
    @CollectionTable(name = "sharpening_cutter", joinColumns = @JoinColumn(name = "sharpening_id"))
    @MapKeyColumn(name = "place")
    @BatchSize(size = 50)
    private Map<Integer, CutterRow> cutters = new TreeMap<>();

    protected Sharpening() {}

    Sharpening(UUID id, UUID sawId, UUID chainId, @Nullable UUID visitId, Instant at, UUID personId) {
        this.id = id;
        this.sawId = sawId;
        this.chainId = chainId;
        this.openChainId = chainId;
        this.visitId = visitId;
        this.startedAt = at;
        this.personId = personId;
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

    @Nullable
    UUID visitId() {
        return visitId;
    }

    Instant startedAt() {
        return startedAt;
    }

    UUID personId() {
        return personId;
    }

    boolean dull() {
        return dull;
    }

    /** How deep the worst cutter is bitten into, mm; {@code null} where nothing was struck. */
    @Nullable
    Double damageMm() {
        return damageMm;
    }

    @Nullable
    FilingWay way() {
        return way;
    }

    @Nullable
    Integer baseStrokes() {
        return baseStrokes;
    }

    @Nullable
    Instant endedAt() {
        return endedAt;
    }

    boolean open() {
        return openChainId != null;
    }

    /** A copy, so that it can be read when the session is over. */
    Map<Integer, CutterRow> cutters() {
        return new TreeMap<>(cutters);
    }

    CutterRow cutter(int place) {
        return cutters.getOrDefault(place, CutterRow.EMPTY);
    }

    void put(int place, CutterRow row) {
        cutters.put(place, row);
    }

    /** How the strokes are dealt out. */
    void deal(boolean foundDull, @Nullable Double struckMm, @Nullable FilingWay chosen, @Nullable Integer base) {
        this.dull = foundDull;
        this.damageMm = struckMm;
        this.way = chosen;
        this.baseStrokes = base;
    }

    /** Out of the vice, with its record; or without one, for a reason. */
    void end(Instant at, @Nullable UUID record, @Nullable Double removal, @Nullable String reason) {
        this.endedAt = at;
        this.recordId = record;
        this.removalMm = removal;
        this.leftReason = reason;
        this.openChainId = null;
    }
}
