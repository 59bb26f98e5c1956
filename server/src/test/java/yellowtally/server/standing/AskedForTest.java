package yellowtally.server.standing;

import static org.mockito.Answers.RETURNS_DEEP_STUBS;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.SettingsInForce;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.Sentences;

/** A page shows what was written when it was asked for; what is written while it is made does not make it read the saws again. */
class AskedForTest {

    private final FittedSaws saws = mock(FittedSaws.class);
    private final FleetRevision revision = mock(FleetRevision.class);
    private final FleetSettings settings = mock(FleetSettings.class);
    private final RequestAttributes request = mock(RequestAttributes.class);
    private final Standings standings = new Standings(
            saws,
            mock(RecordReader.class),
            settings,
            mock(Knowledge.class),
            mock(Sentences.class),
            revision,
            Clock.fixed(Instant.parse("2026-05-01T06:00:00Z"), ZoneOffset.UTC),
            mock(PlatformTransactionManager.class));

    @BeforeEach
    void nothingIsRead() {
        when(settings.now()).thenReturn(mock(SettingsInForce.class, RETURNS_DEEP_STUBS));
        when(revision.touchedSince(anyLong())).thenReturn(Optional.empty());
        writesUpTo(5);
    }

    @AfterEach
    void answered() {
        RequestContextHolder.resetRequestAttributes();
        TransactionSynchronizationManager.setActualTransactionActive(false);
        standings.stop();
    }

    private void writesUpTo(long count) {
        when(revision.now()).thenReturn(count);
    }

    private void aPageIsAskedFor() {
        long asked = standings.bringUpToDate();
        when(request.getAttribute(any(), anyInt())).thenReturn(asked);
        RequestContextHolder.setRequestAttributes(request);
    }

    private void verifyRead(int times) {
        verify(saws, times(times)).inService();
    }

    @Test
    void aWriteThatComesWhileAPageIsMadeIsForTheNextPage() {
        aPageIsAskedFor();
        verifyRead(1);
        writesUpTo(6);
        standings.all();
        verifyRead(1);
        aPageIsAskedFor();
        verifyRead(2);
    }

    @Test
    void whatWasWorkedOutForAnotherServesWhoAskedEarlier() {
        aPageIsAskedFor();
        writesUpTo(6);
        standings.bringUpToDate();
        verifyRead(2);
        standings.all();
        aPageIsAskedFor();
        verifyRead(2);
    }

    @Test
    void whoeverAsksOutsideAPageGetsTheNewest() {
        standings.bringUpToDate();
        writesUpTo(6);
        standings.all();
        verifyRead(2);
    }

    @Test
    void aWriteNeverTakesWhatWasGoodEnoughForAPage() {
        aPageIsAskedFor();
        writesUpTo(6);
        TransactionSynchronizationManager.setActualTransactionActive(true);
        standings.all();
        verifyRead(2);
    }
}
