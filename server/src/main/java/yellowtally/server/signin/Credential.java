package yellowtally.server.signin;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.repository.ListCrudRepository;

/** How somebody signs in. Passwords and PINs are kept as what bcrypt makes of them. */
@Entity
class Credential {

    /** Keeps them. */
    interface Credentials extends ListCrudRepository<Credential, UUID> {
        Optional<Credential> findBySignInName(String signInName);
    }

    @Id
    private UUID personId;

    private String signInName;
    private String password;
    private boolean oneTime;

    @Column
    private @Nullable String pin;

    private boolean pinLocked;
    private int epoch;

    protected Credential() {}

    /** @param oneTime whether it has to be changed before anything else */
    Credential(UUID personId, String signInName, String password, boolean oneTime) {
        this.personId = personId;
        this.signInName = signInName;
        this.password = password;
        this.oneTime = oneTime;
    }

    UUID personId() {
        return personId;
    }

    String signInName() {
        return signInName;
    }

    String password() {
        return password;
    }

    boolean oneTime() {
        return oneTime;
    }

    @Nullable
    String pin() {
        return pin;
    }

    boolean pinLocked() {
        return pinLocked;
    }

    int epoch() {
        return epoch;
    }

    /** Another password; whoever signed in with the one before is signed out. */
    void password(String hashed, boolean once) {
        this.password = hashed;
        this.oneTime = once;
        endSessions();
    }

    void signInName(String to) {
        this.signInName = to;
    }

    void pin(@Nullable String hashed) {
        this.pin = hashed;
        this.pinLocked = false;
    }

    void lockPin(boolean locked) {
        this.pinLocked = locked;
    }

    void endSessions() {
        this.epoch++;
    }
}
