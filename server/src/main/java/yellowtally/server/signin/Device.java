package yellowtally.server.signin;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.ListCrudRepository;

/** A browser that somebody signed in from. On a shared one people change by PIN. */
@Entity
class Device {

    /** Keeps them. */
    interface DeviceRepository extends ListCrudRepository<Device, UUID> {
        Optional<Device> findBySecretAndForgottenFalse(String secret);

        List<Device> findByForgottenFalseOrderByName();
    }

    @Id
    private UUID id;

    @Column
    private String secret;

    private String name;
    private boolean shared;
    private Instant firstAt;
    private Instant lastAt;
    private boolean forgotten;

    protected Device() {}

    /** @param secret the SHA-256 of what its cookie carries */
    Device(UUID id, String secret, String name, Instant at) {
        this.id = id;
        this.secret = secret;
        this.name = name;
        this.firstAt = at;
        this.lastAt = at;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    boolean shared() {
        return shared;
    }

    Instant firstAt() {
        return firstAt;
    }

    Instant lastAt() {
        return lastAt;
    }

    boolean forgotten() {
        return forgotten;
    }

    void call(String other) {
        this.name = other;
    }

    void share(boolean among) {
        this.shared = among;
    }

    void signedInAt(Instant at) {
        this.lastAt = at;
    }

    void forget() {
        this.forgotten = true;
        this.shared = false;
    }
}
