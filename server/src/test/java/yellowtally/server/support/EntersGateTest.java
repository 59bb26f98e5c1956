package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.mockito.Mockito.withSettings;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.List;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.server.RunningServer;
import yellowtally.server.disk.GateClosed;
import yellowtally.server.disk.StoreGate;
import yellowtally.server.disk.StoreTrouble;
import yellowtally.server.fleet.Fleet;

/** A write keeps a state from being taken from its first change until it is through, and not while it reads and judges. */
@ExtendWith(RunningServer.class)
class EntersGateTest {

    private record Passed(Thread who, String how) {}

    private static final Queue<Passed> PASSED = new ConcurrentLinkedQueue<>();
    private static volatile @Nullable Thread keptOut;

    private final EntityManager records = RunningServer.bean(EntityManager.class);
    private final Fleet fleet = RunningServer.bean(Fleet.class);
    private final TransactionTemplate write =
            new TransactionTemplate(RunningServer.bean(PlatformTransactionManager.class));

    @BeforeAll
    static void putAGateBesideTheOther() {
        StoreGate gate = mock(StoreGate.class, withSettings().stubOnly());
        doAnswer(call -> {
                    if (Thread.currentThread() == keptOut) {
                        throw new GateClosed(StoreTrouble.FULL);
                    }
                    return PASSED.add(new Passed(Thread.currentThread(), "in"));
                })
                .when(gate)
                .enter();
        doAnswer(call -> PASSED.add(new Passed(Thread.currentThread(), "out")))
                .when(gate)
                .leave();
        new BesideTheOther(gate);
    }

    /** One of each class may listen. */
    private static final class BesideTheOther extends EntersGate {
        private static final long serialVersionUID = 1L;

        BesideTheOther(StoreGate gate) {
            super(RunningServer.bean(EntityManagerFactory.class), gate);
        }
    }

    @BeforeEach
    void nothingHasPassed() {
        PASSED.removeIf(one -> one.who() == Thread.currentThread());
    }

    /** What this test did: others write to the same application beside it. */
    private List<String> mine() {
        return PASSED.stream()
                .filter(one -> one.who() == Thread.currentThread())
                .map(Passed::how)
                .toList();
    }

    private void change() {
        records.persist(new AppliedWrite(UUID.randomUUID(), "a test", Instant.EPOCH));
        records.flush();
    }

    @Test
    void fromItsFirstChangeUntilItIsCommitted() {
        write.executeWithoutResult(status -> {
            fleet.saw("01");
            assertThat(mine()).isEmpty();
            change();
            change();
            assertThat(mine()).containsExactly("in");
        });
        assertThat(mine()).containsExactly("in", "out");
    }

    @Test
    void untilItIsTakenBack() {
        write.executeWithoutResult(status -> {
            change();
            status.setRollbackOnly();
        });
        assertThat(mine()).containsExactly("in", "out");
    }

    @Test
    void whoeverChangesNothingPassesBy() {
        write.executeWithoutResult(status -> fleet.saw("01"));
        assertThat(mine()).isEmpty();
    }

    /** Not that nobody knows: nothing had been begun. */
    @Test
    void whoIsNotLetInIsToldThatNothingWasSaved() {
        UUID id = UUID.randomUUID();
        OnceOnly writes = RunningServer.bean(OnceOnly.class);
        HttpServletRequest write = mock(HttpServletRequest.class);
        when(write.getMethod()).thenReturn("POST");
        keptOut = Thread.currentThread();
        try {
            assertThatThrownBy(() -> writes.run(id, "a test", () -> {}))
                    .isInstanceOfSatisfying(RuntimeException.class, failure -> {
                        ResponseEntity<Object> answer =
                                RunningServer.bean(ProblemAdvice.class).unforeseen(failure, write);
                        assertThat(answer.getStatusCode()).isEqualTo(HttpStatus.SERVICE_UNAVAILABLE);
                        assertThat(String.valueOf(answer.getBody()))
                                .contains("The disk that holds the records is full")
                                .contains("Nothing was saved");
                    });
        } finally {
            keptOut = null;
        }
        assertThat(writes.wasDone(id)).isFalse();
    }
}
