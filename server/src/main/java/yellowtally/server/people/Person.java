package yellowtally.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.util.UUID;

/** Somebody whom a record can name. */
@Entity
public class Person {

    @Id
    private UUID id;

    private String name;

    @Enumerated(EnumType.STRING)
    private Role role;

    protected Person() {}

    public Person(UUID id, String name, Role role) {
        this.id = id;
        this.name = name;
        this.role = role;
    }

    public UUID id() {
        return id;
    }

    public String name() {
        return name;
    }

    public Role role() {
        return role;
    }

    /** What a person may do; only an officer releases a held saw. */
    public enum Role {
        OFFICER,
        OPERATOR
    }
}
