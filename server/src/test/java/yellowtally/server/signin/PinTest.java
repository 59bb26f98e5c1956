package yellowtally.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.SlowDown;

/** A PIN that somebody guesses patiently, waiting each time as long as is asked. */
class PinTest {

    private static final Person OFFICER = new Person(UUID.randomUUID(), "Ida Marsh", Person.Role.OFFICER);

    private final Credential.Credentials credentials = mock(Credential.Credentials.class);
    private final People people = mock(People.class);
    private final Clock clock = mock(Clock.class);
    private final Secrets secrets = new Secrets();
    private final Accounts accounts = new Accounts(
            credentials, people, secrets, new SlowDown(clock), mock(Devices.class), mock(EntityManager.class), clock);
    private final Device tablet = new Device(UUID.randomUUID(), "", "Bench tablet", Instant.EPOCH);
    private final Credential known = new Credential(OFFICER.id(), "marsh", secrets.hashed("three wet sleepers"), false);
    private final AtomicInteger locks = new AtomicInteger();
    private Instant now = Instant.parse("2026-05-01T07:00:00Z");

    @BeforeEach
    void anOfficerWithAPin() {
        when(people.require(any())).thenReturn(OFFICER);
        known.pin(secrets.hashed("7301"));
        tablet.share(true);
        when(credentials.findById(OFFICER.id())).thenReturn(Optional.of(known));
        when(credentials.findBySignInName("marsh")).thenReturn(Optional.of(known));
        when(clock.instant()).thenAnswer(asked -> now);
    }

    private String tried(String pin) {
        now = now.plus(Duration.ofHours(2));
        try {
            accounts.byPin(OFFICER.id(), pin, tablet, () -> {
                locks.incrementAndGet();
                known.lockPin(true);
            });
            return "in";
        } catch (Refusal refused) {
            return refused.faults().get(0).code();
        }
    }

    @Test
    void tenWrongOnesInARowLockItUntilThePasswordIsGiven() {
        for (int i = 0; i < 9; i++) {
            assertThat(tried("000" + i)).isEqualTo("pin.wrong");
        }
        assertThat(tried("0009")).isEqualTo("pin.locked");
        for (int i = 0; i < 90; i++) {
            assertThat(tried("7301")).isEqualTo("pin.locked");
        }
        assertThat(locks).hasValue(1);
        assertThat(accounts.byPassword(" Marsh ", "three wet sleepers", "here", false)
                        .pinLocked())
                .isTrue();
        known.lockPin(false);
        assertThat(tried("7301")).isEqualTo("in");
    }

    @Test
    void aRightOneBetweenBeginsAnew() {
        for (int i = 0; i < 40; i++) {
            assertThat(tried(i % 8 == 7 ? "7301" : "0000")).isEqualTo(i % 8 == 7 ? "in" : "pin.wrong");
        }
    }

    @Test
    void whoHasNoneOrLeftOrMustChooseAPasswordGetsNowhere() {
        known.pin(null);
        assertThat(tried("7301")).isEqualTo("pin.none");
        known.pin(secrets.hashed("7301"));
        known.password(secrets.hashed("eleven dry wedges"), true);
        assertThat(tried("7301")).isEqualTo("pin.none");
        known.password(secrets.hashed("eleven dry wedges"), false);
        tablet.share(false);
        assertThat(tried("7301")).isEqualTo("pin.notShared");
    }
}
