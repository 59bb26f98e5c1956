package yellowtally.server.state;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import yellowtally.server.seal.Seals;
import yellowtally.server.support.Notices.Notice;

/** A clock that stands before what was recorded is said, and nothing is refused for it. */
class ClockNoticesTest {

    private static final Instant NEWEST = Instant.parse("2026-11-27T07:00:00Z");

    private final Seals seals = mock(Seals.class);
    private final Clock clock = mock(Clock.class);
    private final ClockNotices notices = new ClockNotices(seals, clock);

    @BeforeEach
    void aRecord() {
        when(clock.getZone()).thenReturn(ZoneOffset.UTC);
        when(seals.newest()).thenReturn(NEWEST);
    }

    private boolean saidAt(Instant now) {
        when(clock.instant()).thenReturn(now);
        return !notices.now().isEmpty();
    }

    @Test
    void aClockThatGoesOnIsNotSaid() {
        assertThat(saidAt(NEWEST)).isFalse();
        assertThat(saidAt(NEWEST.plusSeconds(86_400))).isFalse();
        // Set right by a little.
        assertThat(saidAt(NEWEST.minusSeconds(120))).isFalse();
    }

    @Test
    void aClockThatWentBackIsSaidWithBothMomentsUntilItHasPassedThem() {
        assertThat(saidAt(NEWEST.minusSeconds(121))).isTrue();
        when(clock.instant()).thenReturn(Instant.parse("2026-11-03T14:00:00Z"));
        Notice notice = notices.now().get(0);
        assertThat(notice.holdsWriting()).isFalse();
        assertThat(notice.what().figures()).containsExactly("3 Nov 2026, 14:00", "27 Nov 2026, 07:00");
        assertThat(saidAt(NEWEST.plusSeconds(1))).isFalse();
    }

    @Test
    void aRecordOfTheClockAsItIsNowDoesNotMakeItForgotten() {
        Instant back = NEWEST.minusSeconds(90_000);
        assertThat(saidAt(back)).isTrue();
        when(seals.newest()).thenReturn(back);
        assertThat(saidAt(back.plusSeconds(1))).isTrue();
    }
}
