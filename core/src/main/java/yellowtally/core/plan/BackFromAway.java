package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;
import yellowtally.core.plan.Until.WaitCause;

/**
 * When a saw or a part is back from a mechanic or dealer: on the day that was named, as long as the officer counts on it and it is not over; else
 * nobody can say (general practice).
 */
public final class BackFromAway {

    private BackFromAway() {}

    /**
     * Until when it is away.
     *
     * @param who with whom it is
     * @param expectedOn the day that was named; {@code null} when none was
     * @param counted whether the plan counts on it
     */
    public static Until of(String who, @Nullable LocalDate expectedOn, boolean counted, LocalDate today) {
        int day = expectedOn != null && comes(expectedOn, counted, today)
                ? (int) ChronoUnit.DAYS.between(today, expectedOn)
                : Chore.NEVER;
        return new Until(WaitCause.AWAY, day, who);
    }

    /** Whether somebody counts on it: the officer does, a day was named, and it is not over. */
    public static boolean comes(@Nullable LocalDate expectedOn, boolean counted, LocalDate today) {
        return counted && expectedOn != null && !overdue(expectedOn, today);
    }

    /** Whether the day that was named is over: nobody counts on it any more. */
    public static boolean overdue(@Nullable LocalDate expectedOn, LocalDate today) {
        return expectedOn != null && expectedOn.isBefore(today);
    }
}
