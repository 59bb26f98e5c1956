package yellowtally.core.holds;

import java.time.Instant;
import java.util.List;
import yellowtally.core.log.SawLog;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/**
 * A loop, bar or sprocket that a mechanic or dealer had is looked at like a set that was apart: nobody here knows what was filed, ground or
 * closed (handbook section 11, rule 5, for parts; general practice).
 */
public final class PartBack {

    private PartBack() {}

    /** The looks that a part asks for when it is back, in the order of the hands; none for a saw, which is set back as a whole. */
    public static List<Step> looks(Subject part) {
        return switch (part) {
            // Whoever files the cutters lowers them: gauges that were right stand too high then, and grab.
            case CHAIN -> List.of(Step.CHAIN_LOOK, Step.DEPTH_GAUGES);
            case BAR -> List.of(Step.GROOVE, Step.RAILS, Step.NOSE);
            case SPROCKET -> List.of(Step.SPROCKET);
            case SAW -> List.of();
        };
    }

    /**
     * The looks that are not on record since it is back. One counts when it was made here and did not fail: a groove to watch has been
     * seen, and whatever fails holds by itself.
     *
     * @param log records of the saw that it hangs on
     */
    public static List<Step> missing(Subject part, Instant backAt, SawLog log, SawProfile saw) {
        return looks(part).stream()
                .filter(step -> step.appliesTo(saw))
                .filter(step -> log.latestAfter(step, backAt)
                        .filter(look -> look.passed() && look.told() == null)
                        .isEmpty())
                .toList();
    }
}
