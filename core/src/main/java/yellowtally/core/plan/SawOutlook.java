package yellowtally.core.plan;

import java.util.List;
import java.util.Map;

/**
 * What one saw is and what it will need in the days of a plan.
 *
 * @param tag its tag, by which plans are put in order
 * @param chores what it needs, see {@link ChoresAhead}
 * @param tanksPerDay what it uses on a booked day (est.), tanks, charges or run hours, over zero
 * @param here from when it is at the bench's hand: it may be out
 * @param ready what else keeps it from being fit, whatever the bench does
 * @param doubtful whether nobody can say yet if the bench will be enough: a cause is not found
 * @param onBench whether it lies on the bench now
 * @param needs what the work that waits takes from the shelf
 */
public record SawOutlook(
        String tag,
        SawTraits traits,
        List<Chore> chores,
        double tanksPerDay,
        Until here,
        Until ready,
        boolean doubtful,
        boolean onBench,
        Map<Article, Double> needs) {

    public SawOutlook {
        chores = List.copyOf(chores);
        needs = Map.copyOf(needs);
    }

    /** Whether nothing is to be done on it today. */
    public boolean fitNow() {
        return ready.day() == 0 && chores.stream().noneMatch(chore -> chore.due() <= 0);
    }

    /** Whether it is held, or overdue in safety. */
    public boolean urgent() {
        return chores.stream().anyMatch(Chore::urgent);
    }
}
