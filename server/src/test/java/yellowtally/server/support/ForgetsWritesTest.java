package yellowtally.server.support;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class ForgetsWritesTest {

    @Test
    void aWriteIsRememberedForNinetyDays() {
        OnceOnly writes = mock(OnceOnly.class);
        Clock clock = Clock.fixed(Instant.parse("2026-11-27T06:00:00Z"), ZoneOffset.UTC);
        new ForgetsWrites(writes, clock).forget();
        verify(writes).forgetBefore(Instant.parse("2026-08-29T06:00:00Z"));
    }
}
