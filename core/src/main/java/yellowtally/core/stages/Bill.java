package yellowtally.core.stages;

import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import yellowtally.core.settings.Numbers;

/**
 * The minutes of a visit: the work, and each opened stage once (handbook section 10).
 *
 * @param workMinutes minutes of the work itself
 * @param accessMinutes minutes to open and close
 * @param opened stages opened, with those under them
 */
public record Bill(double workMinutes, double accessMinutes, Set<Stage> opened) {

    public Bill {
        opened = Set.copyOf(opened);
    }

    /**
     * The bill of work at these stages.
     *
     * @param workMinutes minutes of the work, zero or more
     */
    public static Bill of(Collection<Stage> stages, double workMinutes, Numbers numbers) {
        Set<Stage> opened = opened(stages);
        return new Bill(workMinutes, access(opened, numbers), opened);
    }

    /** All stages that work at these stages opens, each once. */
    public static Set<Stage> opened(Collection<Stage> stages) {
        Set<Stage> opened = EnumSet.noneOf(Stage.class);
        stages.forEach(stage -> opened.addAll(stage.opened()));
        return opened;
    }

    /** Minutes to open and close these stages, each once. */
    public static double access(Set<Stage> opened, Numbers numbers) {
        return opened.stream().mapToDouble(stage -> stage.minutes(numbers)).sum();
    }

    /** Work and access together, minutes. */
    public double totalMinutes() {
        return workMinutes + accessMinutes;
    }
}
