package yellowtally.core.tension;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.settings.Numbers;

/**
 * What a set has been through as far as tension tells it: checks and outings of one fitting, put together in order of time.
 *
 * @param slack how often in a row it came back slack within a tank
 * @param ranTightAt when it was last known to have run too tight; {@code null} when it never was
 */
public record TensionRun(SlackReturns slack, @Nullable Instant ranTightAt) {

    /**
     * A check.
     *
     * @param apart whether the set had been apart before it: how it was found says nothing of how it ran
     * @param found by its first reading
     * @param ended by its last reading
     */
    public record Check(Instant at, boolean apart, Result found, Result ended) {}

    /** What a reading said; {@code provisional} when it was read hot. */
    public record Result(TensionOutcome outcome, boolean provisional) {

        /** Firm or right, read cold. */
        public boolean passes() {
            return outcome.passes() && !provisional;
        }

        /** Hot or cold: it only gets tighter as it cools. */
        boolean tight() {
            return outcome == TensionOutcome.TOO_TIGHT || outcome == TensionOutcome.STUCK_TIGHT;
        }

        /** A hot chain hangs looser than a cold one, so that a hot reading does not tell. */
        boolean slack() {
            return (outcome == TensionOutcome.LOOSE || outcome == TensionOutcome.THROW_RISK) && !provisional;
        }
    }

    /**
     * An outing that has ended.
     *
     * @param tanks burned on it
     * @param cameSlack whether the chain was slack when it was handed back
     */
    public record Outing(Instant backAt, double tanks, boolean cameSlack) {}

    /** Puts them together; both in order of time. */
    public static TensionRun of(List<Check> checks, List<Outing> outings, Numbers settings) {
        List<SlackReturns.Return> returns = new ArrayList<>();
        Instant tight = null;
        double tanks = 0;
        boolean leftTight = false;
        int next = 0;
        for (int i = 0; i < outings.size(); i++) {
            Outing outing = outings.get(i);
            for (; next < checks.size() && checks.get(next).at().isBefore(outing.backAt()); next++) {
                tanks = checks.get(next).ended().passes() ? 0 : tanks;
                leftTight = checks.get(next).ended().outcome() == TensionOutcome.TOO_TIGHT;
            }
            tanks += outing.tanks();
            tight = leftTight ? outing.backAt() : tight;
            Result found = foundAfter(checks, next, outings, i);
            tight = found != null && found.tight() ? checks.get(next).at() : tight;
            boolean slack = outing.cameSlack() || (found != null && found.slack());
            returns.add(new SlackReturns.Return(outing.backAt(), tanks, slack));
        }
        return new TensionRun(SlackReturns.of(returns, settings), tight);
    }

    /** How the next check found the set, if that tells how it came back from this outing; else {@code null}. */
    private static @Nullable Result foundAfter(List<Check> checks, int next, List<Outing> outings, int outing) {
        if (next >= checks.size() || checks.get(next).apart()) {
            return null;
        }
        boolean before = outing + 1 >= outings.size()
                || checks.get(next).at().isBefore(outings.get(outing + 1).backAt());
        return before ? checks.get(next).found() : null;
    }
}
