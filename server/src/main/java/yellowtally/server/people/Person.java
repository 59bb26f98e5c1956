package yellowtally.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Somebody whom a record can name. Who left stays, for the records. */
@Entity
public class Person {

    @Id
    private UUID id;

    private String name;

    @Enumerated(EnumType.STRING)
    private Role role;

    @Column
    private @Nullable LocalDate leftOn;

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

    /** Absent of who is here. */
    public @Nullable LocalDate leftOn() {
        return leftOn;
    }

    public void rename(String to) {
        this.name = to;
    }

    public void become(Role other) {
        this.role = other;
    }

    /** {@code null}: is here again. */
    public void leave(@Nullable LocalDate on) {
        this.leftOn = on;
    }

    /** What a person may do, from the least to all: each may do what those before it may. */
    public enum Role {
        /** Sees all and changes nothing. */
        READER,
        /** Out and back, quick records, complaints, steps at the bench; may hold a saw, never release it. */
        OPERATOR,
        /** All. */
        OFFICER;

        /** Whether this one may do what is for another. */
        public boolean mayAct(Role asked) {
            return compareTo(asked) >= 0;
        }
    }
}
