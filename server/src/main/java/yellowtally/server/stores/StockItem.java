package yellowtally.server.stores;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.stores.StockKind;

/** Something that is counted, not tagged. How much there is follows from its {@link StockMove moves}. */
@Entity
public class StockItem {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    @Enumerated(EnumType.STRING)
    private StockKind kind;

    private String name;
    private @Nullable String fits;
    private double least;
    private @Nullable Integer leadDays;
    private double pack;
    private @Nullable Integer costCents;

    protected StockItem() {}

    public StockItem(UUID id, StockKind kind, Card card) {
        this.id = id;
        this.kind = kind;
        put(card);
    }

    /**
     * What the officer says of it.
     *
     * @param fits plug code, model or file diameter by its kind; absent for all saws
     * @param least that should always lie there
     * @param leadDays from order to shelf; absent for what holds in general
     * @param pack units of a pack
     * @param costCents of one unit
     */
    public record Card(
            String name,
            @Nullable String fits,
            double least,
            @Nullable Integer leadDays,
            double pack,
            @Nullable Integer costCents) {}

    public UUID id() {
        return id;
    }

    public int version() {
        return version == null ? 0 : version;
    }

    public StockKind kind() {
        return kind;
    }

    public Card card() {
        return new Card(name, fits, least, leadDays, pack, costCents);
    }

    /** Changes what is said of it. */
    final void put(Card card) {
        this.name = card.name();
        this.fits = card.fits();
        this.least = card.least();
        this.leadDays = card.leadDays();
        this.pack = card.pack();
        this.costCents = card.costCents();
    }
}
