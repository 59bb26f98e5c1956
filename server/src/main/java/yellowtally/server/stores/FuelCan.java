package yellowtally.server.stores;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.server.people.Acting;

/** Record: fuel was mixed. A mix is never changed; it is empty one day, or poured away. */
@Entity
public class FuelCan {

    @Id
    private UUID id;

    private String name;
    private int ratio;
    private double fuelMl;
    private LocalDate mixedOn;

    @Column
    private Instant at;

    private UUID personId;

    @Column
    private String device;

    private @Nullable Instant emptiedAt;

    @Column
    private @Nullable UUID emptiedBy;

    @Column
    private @Nullable String emptiedDevice;

    protected FuelCan() {}

    /**
     * What was mixed.
     *
     * @param ratio parts of fuel to one of oil
     */
    public record Mixed(String name, int ratio, double fuelMl, LocalDate mixedOn) {}

    public FuelCan(UUID id, Mixed mixed, Instant at, UUID personId, String device) {
        this.id = id;
        this.name = mixed.name();
        this.ratio = mixed.ratio();
        this.fuelMl = mixed.fuelMl();
        this.mixedOn = mixed.mixedOn();
        this.at = at;
        this.personId = personId;
        this.device = device;
    }

    UUID id() {
        return id;
    }

    Mixed mixed() {
        return new Mixed(name, ratio, fuelMl, mixedOn);
    }

    UUID personId() {
        return personId;
    }

    boolean full() {
        return emptiedAt == null;
    }

    void empty(Instant when, UUID by) {
        this.emptiedAt = when;
        this.emptiedBy = by;
        this.emptiedDevice = Acting.deviceOrNone();
    }
}
