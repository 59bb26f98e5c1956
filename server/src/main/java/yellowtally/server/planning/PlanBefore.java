package yellowtally.server.planning;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.LocalDate;
import org.springframework.data.repository.ListCrudRepository;

/** What the plan had last, over a restart; there is one row of it, or none. */
@Entity
class PlanBefore {

    static final int ONLY = 1;

    @Id
    private int id = ONLY;

    @Column
    private LocalDate madeOn;

    @Lob
    private String kept;

    protected PlanBefore() {}

    PlanBefore(LocalDate madeOn, String kept) {
        this.madeOn = madeOn;
        this.kept = kept;
    }

    LocalDate madeOn() {
        return madeOn;
    }

    String kept() {
        return kept;
    }

    interface Last extends ListCrudRepository<PlanBefore, Integer> {}
}
