package yellowtally.server.intake;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.past.ToldUse;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Strikable;

/** Record: a saw was used on a day before it was brought in, as it was told. Never changed; what was wrong is struck out. */
@Entity
class PastUse extends Strikable {

    @Id
    private UUID id;

    private UUID sawId;
    private LocalDate usedOn;
    private double tanks;

    @Column
    private Instant at;

    @Column
    private UUID personId;

    @Column
    private @Nullable String device = Acting.deviceOrNone();

    protected PastUse() {}

    PastUse(UUID sawId, ToldUse told, Instant at, UUID personId) {
        this.id = UUID.randomUUID();
        this.sawId = sawId;
        this.usedOn = told.day();
        this.tanks = told.tanks();
        this.at = at;
        this.personId = personId;
    }

    UUID sawId() {
        return sawId;
    }

    ToldUse told() {
        return new ToldUse(usedOn, tanks);
    }
}
