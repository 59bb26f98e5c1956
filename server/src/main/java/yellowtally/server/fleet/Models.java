package yellowtally.server.fleet;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The makes and models of the fleet: a list that grows with its saws. */
@Component
public class Models {

    private final EntityManager records;

    Models(EntityManager records) {
        this.records = records;
    }

    /** The model of this make and name, written down within the caller's transaction if it is the first of its kind. */
    public Model named(String make, String name) {
        return records.createQuery("select m from Model m where m.make = :make and m.name = :name", Model.class)
                .setParameter("make", make)
                .setParameter("name", name)
                .getResultStream()
                .findFirst()
                .orElseGet(() -> {
                    Model model = new Model(UUID.randomUUID(), make, name);
                    records.persist(model);
                    return model;
                });
    }
}
