package yellowtally.server.usage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Record: a saw went out with a crew and came back. Written in two halves, never changed after the second. */
@Entity
public class Outing {

    @Id
    private UUID id;

    @Version
    private @Nullable Integer version;

    private UUID sawId;
    private UUID crewId;
    private @Nullable UUID chainId;
    private @Nullable UUID fittingId;
    private Instant outAt;
    private UUID outPersonId;
    private @Nullable Instant backAt;
    private @Nullable UUID backPersonId;
    private @Nullable Double tanks;
    private @Nullable UUID openSawId;

    protected Outing() {}

    public Outing(
            UUID id,
            UUID sawId,
            UUID crewId,
            @Nullable UUID chainId,
            @Nullable UUID fittingId,
            Instant outAt,
            UUID outPersonId) {
        this.id = id;
        this.sawId = sawId;
        this.crewId = crewId;
        this.chainId = chainId;
        this.fittingId = fittingId;
        this.outAt = outAt;
        this.outPersonId = outPersonId;
        this.openSawId = sawId;
    }

    /** Ends the outing. */
    public void back(Instant at, UUID personId, double tanksBurned) {
        this.backAt = at;
        this.backPersonId = personId;
        this.tanks = tanksBurned;
        this.openSawId = null;
    }

    public UUID sawId() {
        return sawId;
    }

    public UUID crewId() {
        return crewId;
    }

    public Instant outAt() {
        return outAt;
    }
}
