package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

/** The clock that a practice copy sets ahead. */
class FleetClockTest {

    private static final Instant EVENING = Instant.parse("2026-06-01T22:30:00Z");
    private static final ZoneId EAST = ZoneOffset.ofHours(3);

    private final FleetClock clock =
            new FleetClock(Clock.fixed(EVENING, ZoneOffset.UTC), new AtomicReference<>(Duration.ZERO));

    @Test
    void itGoesWithTheMachineUntilItIsSetAhead() {
        assertThat(clock.instant()).isEqualTo(EVENING);
        assertThat(clock.setAhead(Duration.ofHours(3))).isTrue();
        assertThat(clock.instant()).isEqualTo(EVENING.plus(Duration.ofHours(3)));
        assertThat(LocalDate.now(clock)).isEqualTo(LocalDate.of(2026, 6, 2));
    }

    @Test
    void itNeverGoesBack() {
        clock.setAhead(Duration.ofHours(25));
        assertThat(clock.setAhead(Duration.ofHours(3))).isFalse();
        assertThat(clock.setAhead(Duration.ofHours(25)))
                .as("said again, nothing changes")
                .isTrue();
        assertThat(clock.instant()).isEqualTo(EVENING.plus(Duration.ofHours(25)));
    }

    @Test
    void anotherZoneIsSetAheadTogetherWithIt() {
        Clock east = clock.withZone(EAST);
        assertThat(LocalDate.now(east)).isEqualTo(LocalDate.of(2026, 6, 2));
        clock.setAhead(Duration.ofDays(1));
        assertThat(LocalDate.now(east)).isEqualTo(LocalDate.of(2026, 6, 3));
        assertThat(east.getZone()).isEqualTo(EAST);
    }
}
