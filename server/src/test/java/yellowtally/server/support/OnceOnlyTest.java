package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.persistence.EntityManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import tools.jackson.databind.json.JsonMapper;
import yellowtally.server.disk.OnDisk;
import yellowtally.server.disk.StoreGate;
import yellowtally.server.disk.StoreWatch;

class OnceOnlyTest {

    private final EntityManager records = mock(EntityManager.class);
    private final PlatformTransactionManager transactions = mock(PlatformTransactionManager.class);
    private final Map<UUID, AppliedWrite> applied = new HashMap<>();
    private final StoreWatch watch = mock(StoreWatch.class);
    private final Runnable action = mock(Runnable.class);
    private final UUID id = UUID.randomUUID();
    private final FleetRevision revision = new FleetRevision();
    private final OnDisk disk = mock(OnDisk.class);
    private OnceOnly onceOnly;

    record Request(String content) {}

    @BeforeEach
    void wire() {
        when(transactions.getTransaction(any())).thenReturn(mock(TransactionStatus.class));
        when(records.find(AppliedWrite.class, id)).thenAnswer(call -> applied.get(id));
        doAnswer(call -> applied.put(id, call.getArgument(0))).when(records).persist(any());
        Clock clock = Clock.fixed(Instant.parse("2026-05-01T06:00:00Z"), ZoneOffset.UTC);
        onceOnly = new OnceOnly(
                records, transactions, JsonMapper.builder().build(), clock, revision, disk, watch, StoreGate.alone());
    }

    @Test
    void aRepeatChangesNothing() {
        onceOnly.run(id, new Request("a"), action);
        onceOnly.run(id, new Request("a"), action);
        verify(action, times(1)).run();
        verify(transactions, times(2)).commit(any());
        assertThat(revision.now()).isPositive();
    }

    @Test
    void theSameIdWithOtherContentIsRefusedAndRolledBack() {
        onceOnly.run(id, new Request("a"), action);
        assertThatThrownBy(() -> onceOnly.run(id, new Request("b"), action)).isInstanceOf(Refusal.class);
        verify(action, times(1)).run();
        verify(transactions).rollback(any());
    }

    @Test
    void aRefusedActionIsRolledBackAndCanBeSentAgainMended() {
        Runnable refusing = () -> {
            throw Refusal.unfit("value", "missing");
        };
        assertThatThrownBy(() -> onceOnly.run(id, new Request("a"), refusing)).isInstanceOf(Refusal.class);
        verify(transactions).rollback(any());
        verify(transactions, never()).commit(any());
    }

    @Test
    void twoCopiesSideBySideRunOnce() throws InterruptedException {
        AtomicInteger runs = new AtomicInteger();
        CountDownLatch together = new CountDownLatch(2);
        ExecutorService pool = Executors.newFixedThreadPool(2);
        for (int i = 0; i < 2; i++) {
            pool.submit(() -> {
                together.countDown();
                together.await();
                onceOnly.run(id, new Request("a"), runs::incrementAndGet);
                return null;
            });
        }
        pool.shutdown();
        assertThat(pool.awaitTermination(60, TimeUnit.SECONDS)).isTrue();
        assertThat(runs).hasValue(1);
    }

    private static RuntimeException lost() {
        return new IllegalStateException(new SQLException("another was there first", "23505"));
    }

    @Test
    void whoLosesARaceIsJudgedAnew() {
        doThrow(lost()).doThrow(lost()).doNothing().when(action).run();
        doAnswer(call -> null).when(records).persist(any());
        onceOnly.run(id, new Request("a"), action);
        verify(action, times(3)).run();
        verify(disk).await();
    }

    @Test
    void whoAlwaysLosesIsToldSoAndNothingIsAcknowledged() {
        doThrow(lost()).when(action).run();
        doAnswer(call -> null).when(records).persist(any());
        assertThatThrownBy(() -> onceOnly.run(id, new Request("a"), action))
                .isInstanceOf(Refusal.class)
                .hasMessage("race");
        verify(action, times(4)).run();
        verify(disk, never()).await();
    }

    @Test
    void whatFailsOtherwiseIsNotTriedAgain() {
        doThrow(new IllegalStateException("broken")).when(action).run();
        assertThatThrownBy(() -> onceOnly.run(id, new Request("a"), action)).hasMessage("broken");
        verify(action).run();
    }
}
