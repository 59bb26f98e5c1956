package yellowtally.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import yellowtally.core.plan.Until.WaitCause;
import yellowtally.core.waiting.FaultWaits;
import yellowtally.core.waiting.FaultWaits.FaultMatter;
import yellowtally.core.waiting.Waiting;

/** What keeps a saw from being fit, whatever the bench does: a dry day on card that is not over, a mechanic who is waited for (handbook section 7). */
public final class ReadyAhead {

    private ReadyAhead() {}

    /**
     * Until when.
     *
     * @param work what waits on it
     * @param dry days on which a stand on card is over, of each leak
     */
    public static Until of(Collection<Waiting> work, Collection<LocalDate> dry, LocalDate today) {
        boolean mechanic = work.stream()
                .anyMatch(waits -> waits instanceof FaultWaits fault && fault.what() == FaultMatter.FAULT_MECHANIC);
        if (mechanic) {
            return new Until(WaitCause.MECHANIC, Chore.NEVER, null);
        }
        int last = dry.stream()
                .mapToInt(day -> (int) ChronoUnit.DAYS.between(today, day))
                .max()
                .orElse(0);
        return last > 0 ? new Until(WaitCause.STANDS, last, null) : Until.NOW;
    }
}
