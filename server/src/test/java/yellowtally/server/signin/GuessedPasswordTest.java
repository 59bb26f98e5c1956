package yellowtally.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.SlowDown;

/** Whoever guesses passwords waits; whoever else signs in at that address does not wait with them. */
class GuessedPasswordTest {

    private static final Person OFFICER = new Person(UUID.randomUUID(), "Ida Marsh", Person.Role.OFFICER);
    private static final String RIGHT = "three wet sleepers";
    private static final String SHARED = "203.0.113.7";

    private final Credential.Credentials credentials = mock(Credential.Credentials.class);
    private final People people = mock(People.class);
    private final Clock clock = mock(Clock.class);
    private final Secrets secrets = mock(Secrets.class);
    private final Accounts accounts = new Accounts(
            credentials, people, secrets, new SlowDown(clock), mock(Devices.class), mock(EntityManager.class), clock);

    @BeforeEach
    void anOfficer() {
        when(clock.instant()).thenReturn(Instant.parse("2026-05-01T07:00:00Z"));
        when(people.require(any())).thenReturn(OFFICER);
        when(credentials.findBySignInName("marsh"))
                .thenReturn(Optional.of(new Credential(OFFICER.id(), "marsh", "kept", false)));
        when(secrets.matches(RIGHT, "kept")).thenReturn(true);
    }

    private String tried(String name, String password, String address, boolean knownBrowser) {
        try {
            accounts.byPassword(name, password, address, knownBrowser);
            return "in";
        } catch (Refusal refused) {
            return refused.faults().get(0).code();
        }
    }

    private void strangersTry(int times) {
        for (int i = 0; i < times; i++) {
            assertThat(tried("stranger " + i, "guess", SHARED, false)).isEqualTo("sign.wrong");
        }
    }

    @Test
    void strangersAtAnAddressSlowDownNobodyElseThere() {
        strangersTry(100);
        assertThat(tried("marsh", RIGHT, SHARED, false)).isEqualTo("in");
    }

    /** So many only come from a program: it must not take all processors. */
    @Test
    void veryManySlowDownWhoIsNewThere() {
        strangersTry(200);
        assertThat(tried("marsh", RIGHT, SHARED, false)).isEqualTo("sign.slow");
        assertThat(tried("marsh", RIGHT, SHARED, true)).isEqualTo("in");
        assertThat(tried("marsh", RIGHT, "203.0.113.8", false)).isEqualTo("in");
    }

    @Test
    void whoeverGuessesAtANameWaitsAtThatAddress() {
        for (int i = 0; i < 3; i++) {
            assertThat(tried("marsh", "guess", SHARED, true)).isEqualTo("sign.wrong");
        }
        assertThat(tried(" Marsh", RIGHT, SHARED, true)).isEqualTo("sign.slow");
        assertThat(tried("marsh", RIGHT, "203.0.113.8", false)).isEqualTo("in");
    }

    @Test
    void whoeverGuessesAtANameFromManyAddressesWaitsEverywhere() {
        for (int i = 0; i < 30; i++) {
            assertThat(tried("marsh", "guess", "198.51.100." + i, false)).isEqualTo("sign.wrong");
        }
        assertThat(tried("marsh", RIGHT, "203.0.113.8", true)).isEqualTo("sign.slow");
    }
}
