package yellowtally.core.plan;

import java.util.List;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.settings.Numbers;

/** What a saw uses on a day on which it runs (handbook section 10, est.). */
public final class DayUse {

    /** So many of its last outings tell. */
    private static final int OUTINGS = 10;

    private static final int LEAST = 3;

    private DayUse() {}

    /**
     * Tanks, charges or run hours a day, over zero: of its own last outings, or as set while it has fewer than three.
     *
     * @param uses outings that have ended, the first first
     */
    public static double of(List<UseEntry> uses, Numbers numbers) {
        List<UseEntry> last = uses.subList(Math.max(0, uses.size() - OUTINGS), uses.size());
        double tanks = last.stream().mapToDouble(UseEntry::tanks).sum();
        double days = last.stream().mapToDouble(UseEntry::mostDaysRun).sum();
        return last.size() < LEAST || tanks <= 0 || days <= 0 ? numbers.of(PlanSetting.TANKS_PER_DAY) : tanks / days;
    }
}
