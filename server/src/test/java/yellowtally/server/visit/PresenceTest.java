package yellowtally.server.visit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PresenceTest {

    private static final Instant START = Instant.parse("2026-05-01T07:00:00Z");

    private final Clock clock = mock(Clock.class);
    private final Presence presence = new Presence(clock);
    private final UUID visit = UUID.randomUUID();
    private final Presence.Seat bench = new Presence.Seat(UUID.randomUUID(), UUID.randomUUID());
    private final Presence.Seat tablet = new Presence.Seat(UUID.randomUUID(), UUID.randomUUID());

    @Test
    void somebodyWhoLeftFades() {
        when(clock.instant()).thenReturn(START);
        presence.others(visit, tablet);
        assertThat(presence.others(visit, bench)).containsExactly(tablet.personId());
        when(clock.instant()).thenReturn(START.plusSeconds(44));
        assertThat(presence.others(visit, bench)).containsExactly(tablet.personId());
        when(clock.instant()).thenReturn(START.plusSeconds(60));
        assertThat(presence.others(visit, bench)).isEmpty();
    }

    @Test
    void oneSelfAndOtherVisitsAreNotOthers() {
        when(clock.instant()).thenReturn(START);
        presence.others(UUID.randomUUID(), tablet);
        assertThat(presence.others(visit, bench)).isEmpty();
        assertThat(presence.others(visit, bench)).isEmpty();
    }
}
