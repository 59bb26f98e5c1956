package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.server.support.SlowDown.Of;

class SlowDownTest {

    private static final Of PIN = new Of("pin of one", 3);
    private static final Of OTHER = new Of("pin of another", 3);

    private final Clock clock = mock(Clock.class);
    private final SlowDown slowDown = new SlowDown(clock);
    private Instant now = Instant.parse("2026-05-01T07:00:00Z");

    @BeforeEach
    void morning() {
        later(Duration.ZERO);
    }

    private void later(Duration by) {
        now = now.plus(by);
        when(clock.instant()).thenReturn(now);
    }

    private void wrong(int times) {
        for (int i = 0; i < times; i++) {
            slowDown.wrong(PIN);
        }
    }

    /** After the free ones each costs twice as long, up to a minute. */
    @ParameterizedTest
    @CsvSource({"1, 0", "2, 0", "3, 1", "4, 2", "5, 4", "6, 8", "7, 16", "8, 32", "9, 60", "10, 60", "99, 60"})
    void eachWrongTryCostsTwiceAsLong(int tries, int seconds) {
        wrong(tries);
        if (seconds > 0) {
            later(Duration.ofSeconds(seconds).minusMillis(1));
            assertThatThrownBy(() -> slowDown.refuseIfTooSoon(PIN)).isInstanceOf(Refusal.class);
            later(Duration.ofMillis(1));
        }
        assertThatCode(() -> slowDown.refuseIfTooSoon(PIN)).doesNotThrowAnyException();
    }

    @Test
    void nobodyWaitsForAnother() {
        wrong(9);
        assertThatCode(() -> slowDown.refuseIfTooSoon(OTHER)).doesNotThrowAnyException();
        assertThatThrownBy(() -> slowDown.refuseIfTooSoon(OTHER, PIN)).isInstanceOf(Refusal.class);
    }

    @Test
    void aRightOneBeginsAnewAndSoDoesAQuarterOfAnHour() {
        wrong(5);
        slowDown.right(PIN);
        assertThat(slowDown.wrong(PIN)).isEqualTo(1);
        later(Duration.ofMinutes(14));
        assertThat(slowDown.wrong(PIN)).isEqualTo(2);
        later(Duration.ofMinutes(16));
        assertThat(slowDown.wrong(PIN)).isEqualTo(1);
    }

    /** A short secret is not guessed by whoever waits long enough between. */
    @Test
    void whatIsNotForgottenCountsOnAfterAnyPause() {
        Of pin = new Of("pin", 3, false);
        for (int i = 1; i <= 12; i++) {
            assertThat(slowDown.wrong(pin)).isEqualTo(i);
            later(Duration.ofDays(1));
        }
        slowDown.right(pin);
        assertThat(slowDown.wrong(pin)).isEqualTo(1);
    }

    /** Whoever makes up names makes nothing grow, and does not free what is guessed meanwhile. */
    @Test
    void itDoesNotGrow() {
        for (int i = 0; i < 5_000; i++) {
            slowDown.wrong(new Of("name " + i, 3));
            if (i % 1_000 == 0) {
                slowDown.wrong(PIN);
            }
        }
        assertThat(slowDown.remembered()).isLessThanOrEqualTo(2_000);
        assertThat(slowDown.wrong(PIN)).isEqualTo(6);
    }

    /** Made-up names push nothing out that counts on after any pause. */
    @Test
    void whatIsNotForgottenIsNotPushedOut() {
        Of pin = new Of("pin", 3, false);
        slowDown.wrong(pin);
        for (int i = 0; i < 5_000; i++) {
            slowDown.wrong(new Of("name " + i, 3));
        }
        assertThat(slowDown.wrong(pin)).isEqualTo(2);
        assertThat(slowDown.remembered()).isLessThanOrEqualTo(2_000);
    }
}
