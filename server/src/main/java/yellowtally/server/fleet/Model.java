package yellowtally.server.fleet;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** A make and model: what its saws have in common is set, counted and asked for once. Never changed once written. */
@Entity
public class Model {

    @Id
    @JsonIgnore
    private UUID id;

    @JsonProperty
    private String make;

    @JsonProperty("model")
    private String name;

    protected Model() {}

    Model(UUID id, String make, String name) {
        this.id = id;
        this.make = make;
        this.name = name;
    }

    public UUID id() {
        return id;
    }

    public String make() {
        return make;
    }

    public String name() {
        return name;
    }

    /** Make and model as people say them. */
    public String title() {
        return make + " " + name;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Model model && model.make.equals(make) && model.name.equals(name);
    }

    @Override
    public int hashCode() {
        return title().hashCode();
    }
}
