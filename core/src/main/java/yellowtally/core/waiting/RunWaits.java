package yellowtally.core.waiting;

import java.util.List;
import yellowtally.core.holds.Need;
import yellowtally.core.steps.Step;

/**
 * What a set has been through calls for looks: it ran too tight, or came back slack again and again (handbook section 3).
 *
 * @param step the look that costs the least
 * @param needs looks that are not on record since, the cheapest first
 * @param outings outings in a row that came back slack; zero where that is not the matter
 */
public record RunWaits(RunMatter what, FitState state, Step step, List<Need> needs, int outings) implements Waiting {

    /** What it went through. */
    public enum RunMatter {
        /** Heat went into nose, sprocket, bearing and clutch. */
        RAN_TOO_TIGHT,
        SLACK_AGAIN
    }

    public RunWaits {
        needs = List.copyOf(needs);
    }

    /**
     * A set that ran too tight.
     *
     * @param looks missing ones, at least one
     */
    public static RunWaits tight(List<Step> looks) {
        return new RunWaits(RunMatter.RAN_TOO_TIGHT, FitState.DUE, looks.get(0), Need.passing(looks), 0);
    }

    /**
     * A chain that will not stay tensioned.
     *
     * @param looks missing ones, at least one
     */
    public static RunWaits slack(List<Step> looks, int outings) {
        return new RunWaits(RunMatter.SLACK_AGAIN, FitState.DUE, looks.get(0), Need.passing(looks), outings);
    }

    @Override
    public boolean forToday() {
        return true;
    }

    @Override
    public double extent() {
        return outings;
    }
}
