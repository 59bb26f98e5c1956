package yellowtally.core.tension;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * How often in a row a saw came back with a slack chain within a tank of its last good reading (handbook section 3).
 *
 * @param inARow such outings up to the last one, zero or more
 * @param lastAt when the last of them came back; {@code null} with none
 */
public record SlackReturns(int inARow, @Nullable Instant lastAt) {

    /** It never did. */
    public static final SlackReturns NONE = new SlackReturns(0, null);

    /**
     * How one outing came back.
     *
     * @param at when
     * @param tanks burned since the last good reading, this outing included
     * @param slack whether the chain was slack then
     */
    public record Return(Instant at, double tanks, boolean slack) {}

    /** Counts; outings in order of time. A chain that is slack after more than a tank is no matter. */
    public static SlackReturns of(List<Return> returns, Numbers settings) {
        double within = settings.of(TensionSetting.SLACK_TANKS);
        int inARow = 0;
        Instant lastAt = null;
        for (Return back : returns) {
            boolean counts = back.slack() && back.tanks() <= within + 1e-9;
            inARow = counts ? inARow + 1 : 0;
            lastAt = counts ? back.at() : null;
        }
        return new SlackReturns(inARow, lastAt);
    }

    /** Whether that is a reason to look for why; however young the record is. */
    public boolean suspicious(Numbers settings) {
        return inARow >= settings.of(TensionSetting.SLACK_RETURNS);
    }
}
