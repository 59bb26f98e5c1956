package yellowtally.core.wear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.core.settings.Numbers;

/** Five hundred made-up lives: what the forecast of wear is worth. */
class WearTrialTest {

    private static final int LIVES = 500;

    /** Eight of ten true ends lie in the range. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 2026})
    void theRangeHoldsEightOfTenLives(long seed) {
        WearTrial.Result result = new WearTrial(LIVES, seed).play(Numbers.STANDARD);
        assertThat(result.forecasts()).isGreaterThan(LIVES * 9 / 10);
        assertThat(result.held()).isBetween(0.75, 0.85);
        assertThat(result.early()).as("ended before the range").isLessThan(0.15);
    }

    /** Over many lives its middle is nearer than a straight line through the first and the last reading. */
    @Test
    void theMiddleIsNearerThanAStraightLine() {
        WearTrial.Result result = new WearTrial(4000, 9).play(Numbers.STANDARD);
        assertThat(result.medianOff()).isLessThan(result.lineOff());
    }

    /** Whoever expects steady wear gets narrower ranges, which hold less. */
    @Test
    void aRateThatIsThoughtSteadyMakesRangesTooNarrow() {
        Numbers steady = new Numbers(Map.of(WearSetting.RATE_CHANGES, 0.05));
        WearTrial trial = new WearTrial(LIVES, 1);
        assertThat(trial.play(steady).held())
                .isLessThan(trial.play(Numbers.STANDARD).held() - 0.1);
    }
}
