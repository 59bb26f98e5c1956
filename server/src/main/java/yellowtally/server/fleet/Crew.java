package yellowtally.server.fleet;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A gang that draws saws. */
@Entity
public class Crew {

    @Id
    private UUID id;

    private String name;

    @Column
    private @Nullable LocalDate leftOn;

    protected Crew() {}

    public Crew(UUID id, String name) {
        this.id = id;
        this.name = name;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    /** Absent of a crew that draws saws. */
    public @Nullable LocalDate leftOn() {
        return leftOn;
    }

    void rename(String to) {
        this.name = to;
    }

    void leave(@Nullable LocalDate on) {
        this.leftOn = on;
    }
}
