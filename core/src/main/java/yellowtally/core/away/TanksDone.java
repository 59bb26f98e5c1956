package yellowtally.core.away;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.steps.Subject;

/**
 * How much a saw has done in its life: what is on record, and before the records begin as much a day as since (est., general practice).
 *
 * @param recorded tanks, charges or run hours that are on record
 * @param before what it did before that (est.), zero or more
 */
public record TanksDone(double recorded, double before) {

    /** A pace needs so many days at least. */
    private static final int LEAST_DAYS = 14;

    /** Reads it from the uses of a saw, in any order; those of its parts elsewhere do not count. */
    public static TanksDone of(List<UseEntry> uses, LocalDate inService, LocalDate today) {
        List<UseEntry> own = uses.stream()
                .filter(use -> use.subjects().contains(Subject.SAW))
                .toList();
        double recorded = own.stream().mapToDouble(UseEntry::tanks).sum();
        LocalDate first = own.stream()
                .map(UseEntry::firstDay)
                .min(Comparator.naturalOrder())
                .orElse(today);
        long onRecord = ChronoUnit.DAYS.between(first, today) + 1;
        long unknown = Math.max(0, ChronoUnit.DAYS.between(inService, first));
        return new TanksDone(recorded, onRecord < LEAST_DAYS ? 0 : recorded / onRecord * unknown);
    }

    /** All in all (est. where the records do not reach back). */
    public double all() {
        return recorded + before;
    }
}
