package yellowtally.core.schedule;

import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Power;

/** How much a saw can have used in a time (general practice, est.). */
public final class Burn {

    private static final double MINUTES_PER_HOUR = 60;

    private Burn() {}

    /**
     * The most that can have been used: the tank it went out with, and what can be burned in the time. A corded saw runs no
     * longer than it is out.
     *
     * @param minutesOut minutes from issue to return, zero or more
     * @return tanks, charges or run hours
     */
    public static double most(Power power, double minutesOut, Numbers numbers) {
        return power == Power.CORDED
                ? minutesOut / MINUTES_PER_HOUR
                : 1 + minutesOut / numbers.of(ScheduleSetting.MINUTES_PER_TANK);
    }

    /**
     * The most that a crew uses in a time, its breaks counted: more is asked about before it is taken, since 25 for 2.5 is a
     * slip of the finger that no limit of the saw finds. Never more than {@link #most}.
     *
     * @param minutesOut minutes from issue to return, zero or more
     * @return tanks, charges or run hours
     */
    public static double likely(Power power, double minutesOut, Numbers numbers) {
        double most = most(power, minutesOut, numbers);
        return power == Power.CORDED
                ? most
                : Math.min(most, 1 + minutesOut / numbers.of(ScheduleSetting.LIKELY_MINUTES_PER_TANK));
    }
}
