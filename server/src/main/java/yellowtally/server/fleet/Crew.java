package yellowtally.server.fleet;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A gang that draws saws. */
@Entity
public class Crew {

    @Id
    private UUID id;

    private String name;

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
}
